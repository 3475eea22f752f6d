package app.dapt.web.door;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.apache.tomcat.util.net.ApplicationBufferHandler;

/**
 * Forms and files that come in drop by drop. Each has so long in all, and only so many may be on their way at once, so
 * that however many drip everybody else finds a way through. A form that is there already, as they usually are, counts
 * as none.
 */
final class SlowRequestFilter extends ValveBase {

    private static final int MOST = 64;
    private static final long FORM = TimeUnit.SECONDS.toNanos(10);
    /** A picture may take longer. */
    private static final long FILE = TimeUnit.SECONDS.toNanos(60);
    /** And a whole workroom longer than that. */
    private static final long WORKROOM = TimeUnit.MINUTES.toNanos(10);

    private final Semaphore ways = new Semaphore(MOST);

    SlowRequestFilter() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        org.apache.coyote.Request body = request.getCoyoteRequest();
        if (!saysHowLong(body)) {
            OriginFilter.HEADERS.forEach(response::setHeader);
            response.setStatus(HttpServletResponse.SC_BAD_REQUEST);
            return;
        }
        if (body.getContentLengthLong() == 0
                || body.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") == null) {
            getNext().invoke(request, response);
            return;
        }
        InputBuffer whole = body.getInputBuffer();
        Timed timed = new Timed(whole, System.nanoTime() + longest(request), body);
        body.setInputBuffer(timed);
        try {
            getNext().invoke(request, response);
        } finally {
            body.setInputBuffer(whole);
            timed.end();
        }
        if (timed.isOver) {
            // The rest is not waited for.
            body.action(ActionCode.DISABLE_SWALLOW_INPUT, null);
        }
    }

    /** Whether the length of a body, where one is said, is a number. */
    private static boolean saysHowLong(org.apache.coyote.Request body) {
        try {
            return body.getContentLengthLong() >= -1;
        } catch (NumberFormatException | ArithmeticException nonsense) {
            return false;
        }
    }

    private static long longest(Request request) {
        String type = request.getContentType();
        if (type == null || !type.startsWith("multipart/")) {
            return FORM;
        }
        return ServerLimits.WORKROOM.equals(request.getDecodedRequestURI()) ? WORKROOM : FILE;
    }

    private final class Timed implements InputBuffer {

        private final InputBuffer whole;
        private final long end;
        private final org.apache.coyote.Request body;
        private boolean holdsWay;
        private boolean isOver;

        Timed(InputBuffer whole, long end, org.apache.coyote.Request body) {
            this.whole = whole;
            this.end = end;
            this.body = body;
        }

        @Override
        public int doRead(ApplicationBufferHandler handler) throws IOException {
            if (whole.available() <= 0 && !holdsWay) {
                holdsWay = ways.tryAcquire();
                if (!holdsWay) {
                    throw over("too many bodies on their way");
                }
            }
            if (System.nanoTime() > end) {
                throw over("a body took too long");
            }
            return whole.doRead(handler);
        }

        private IOException over(String why) {
            isOver = true;
            body.action(ActionCode.DISABLE_SWALLOW_INPUT, null);
            return new SocketTimeoutException(why);
        }

        @Override
        public int available() {
            return whole.available();
        }

        private void end() {
            if (holdsWay) {
                ways.release();
            }
        }
    }
}
