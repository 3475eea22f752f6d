package app.dapt.web.door;

import jakarta.servlet.MultipartConfigElement;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.ServletRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.web.context.WebApplicationContext;
import org.springframework.web.servlet.DispatcherServlet;

/** What the container is told that no setting says. */
@Configuration(proxyBeanMethods = false)
class ServerLimits implements WebServerFactoryCustomizer<TomcatServletWebServerFactory>, Ordered {

    /** Where a whole workroom comes in. */
    static final String WORKROOM = "/workroom";

    static final int MOST_LANGUAGES = 4000;
    private static final long LARGEST_WORKROOM = 600L * 1024 * 1024;

    @Override
    public int getOrder() {
        return Ordered.LOWEST_PRECEDENCE;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        // As many languages as a header holds.
        factory.addConnectorCustomizers(connector -> connector.setMaxLocaleCount(MOST_LANGUAGES));
        factory.addEngineValves(new SlowRequestFilter());
        factory.addContextCustomizers(
                context -> ((StandardHost) context.getParent()).setErrorReportValveClass(Report.class.getName()));
    }

    /** The same pages by a door of its own, where a file may be as large as a whole workroom. */
    @Bean
    static ServletRegistrationBean<DispatcherServlet> largeFiles(WebApplicationContext context) {
        ServletRegistrationBean<DispatcherServlet> door =
                new ServletRegistrationBean<>(new DispatcherServlet(context), WORKROOM);
        door.setName("large-files");
        door.setMultipartConfig(new MultipartConfigElement("", LARGEST_WORKROOM, LARGEST_WORKROOM + 64 * 1024, 0));
        return door;
    }

    /** What the container answers by itself, before any page of ours is asked: few words, and the same headers. */
    public static final class Report extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, Throwable throwable) {
            if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            OriginFilter.HEADERS.forEach(response::setHeader);
            response.setContentType("text/html");
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            try {
                Writer writer = response.getReporter();
                if (writer != null) {
                    writer.write("<!DOCTYPE html><html lang=\"en\"><title>Dapt</title><p>That did not work. <a "
                            + "href=\"/\">To the covers</a></p></html>\n");
                    response.finishResponse();
                }
            } catch (IOException | IllegalStateException gone) {
                getContainer().getLogger().debug("Nobody waits for the answer", gone);
            }
        }
    }
}
