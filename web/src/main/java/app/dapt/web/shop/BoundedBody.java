package app.dapt.web.shop;

import java.io.IOException;
import java.net.http.HttpResponse.BodySubscriber;
import java.net.http.HttpResponse.BodySubscribers;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Flow.Subscription;
import org.jspecify.annotations.Nullable;

/** The bytes of an answer, as long as they are no more than so many. */
final class BoundedBody implements BodySubscriber<byte[]> {

    private final BodySubscriber<byte[]> bytes = BodySubscribers.ofByteArray();
    private long left;
    private @Nullable Subscription subscription;

    BoundedBody(long most) {
        this.left = most;
    }

    @Override
    public void onSubscribe(Subscription coming) {
        subscription = coming;
        bytes.onSubscribe(coming);
    }

    @Override
    public void onNext(List<ByteBuffer> parts) {
        left -= parts.stream().mapToLong(ByteBuffer::remaining).sum();
        if (left < 0 && subscription != null) {
            subscription.cancel();
            bytes.onError(new IOException("the answer is too long"));
        } else if (left >= 0) {
            bytes.onNext(parts);
        }
    }

    @Override
    public void onError(Throwable trouble) {
        bytes.onError(trouble);
    }

    @Override
    public void onComplete() {
        bytes.onComplete();
    }

    @Override
    public CompletionStage<byte[]> getBody() {
        return bytes.getBody();
    }
}
