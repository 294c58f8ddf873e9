package pelluna.app.rows;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;

/** What opens something for whoever holds it: 32 random bytes, of which only a hash is kept. */
public final class Secrets {
    private static final int BYTES = 32;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    /** A new one, as it stands in an address: 43 letters, digits, '-' and '_'. */
    public static String fresh() {
        byte[] secret = new byte[BYTES];
        RANDOM.nextBytes(secret);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
    }

    /** As it is kept: SHA-256, for there is nothing to guess in 256 random bits. */
    public static byte[] hashed(String secret) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
