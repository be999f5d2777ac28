package cahier.app.scope;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;

/** A long random word that opens something by itself. Only its hash is kept, so it can be shown only when it is made. */
public final class Secret {

    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secret() {
    }

    /** A new one, fit for an address. */
    public static String fresh() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** It has 192 random bits, so a plain hash holds: there is nothing to guess from. */
    public static byte[] hash(String secret) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
