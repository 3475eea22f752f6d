package app.dapt.web.workroom;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;

/** Secrets that nobody guesses: handed out once, and known again by their hash. */
final class Secret {

    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secret() {}

    /** A new one, of 32 letters that may stand in an address. */
    static String make() {
        byte[] secret = new byte[BYTES];
        RANDOM.nextBytes(secret);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
    }

    /** Six figures, to be typed. */
    static String number() {
        return "%06d".formatted(RANDOM.nextInt(1_000_000));
    }

    /** Its SHA-256: enough for what is drawn from so many that trying them out leads nowhere. */
    static byte[] hash(String secret) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
