package app.dapt.web.workroom;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.function.LongSupplier;
import org.springframework.stereotype.Component;

/** Remembers what a form has made, so that pressed twice it makes one. Works within the transaction of whoever asks. */
@Component
public class SubmittedForms {

    private static final int LONGEST = 64;

    private final PressMapper presses;

    SubmittedForms(PressMapper presses) {
        this.presses = presses;
    }

    /**
     * What was made, now or when the same form was sent before with the same in it.
     *
     * @param press   what the form calls its one press; blank where it has no name for it
     * @param content what is in it: sent with something else, the same form makes something else
     */
    public long once(long workroom, String press, String content, LongSupplier make) {
        if (press.isBlank() || press.length() > LONGEST) {
            return make.getAsLong();
        }
        String key = digest(press + "\n" + content);
        // Waits here for the other one, where both come at once.
        if (presses.begin(workroom, key) == 0) {
            Optional<Long> before = presses.find(workroom, key).filter(id -> id > 0);
            if (before.isPresent()) {
                return before.get();
            }
        }
        long id = make.getAsLong();
        presses.made(workroom, key, id);
        return id;
    }

    private static String digest(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
