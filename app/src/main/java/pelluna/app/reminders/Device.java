package pelluna.app.reminders;

import java.util.Arrays;
import java.util.Objects;

/**
 * Where a notification is sent.
 *
 * @param endpoint  an address of the browser's push service, or a path of the simulated one
 * @param publicKey the browser's: an uncompressed point of P-256, 65 bytes (RFC 8291)
 * @param secret    the browser's for authentication, 16 bytes (RFC 8291)
 * @param label     what the browser is called
 */
record Device(String endpoint, byte[] publicKey, byte[] secret, String label) {
    @Override
    public boolean equals(Object other) {
        return other instanceof Device d
                && endpoint.equals(d.endpoint)
                && Arrays.equals(publicKey, d.publicKey)
                && Arrays.equals(secret, d.secret)
                && label.equals(d.label);
    }

    @Override
    public int hashCode() {
        return Objects.hash(endpoint, Arrays.hashCode(publicKey), Arrays.hashCode(secret), label);
    }

    /** Without its keys. */
    @Override
    public String toString() {
        return label;
    }
}
