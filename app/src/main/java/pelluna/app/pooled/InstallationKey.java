package pelluna.app.pooled;

import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.spec.PKCS8EncodedKeySpec;
import java.security.spec.X509EncodedKeySpec;
import java.util.Base64;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The pair of keys with which this installation signs its figures. Made once, and kept with the data. */
@Component
class InstallationKey {
    private final JdbcClient jdbc;

    InstallationKey(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** For who runs the server; nobody else sees the row. */
    @Transactional
    public KeyPair find() {
        return kept().orElseGet(() -> {
            make();
            return kept().orElseThrow();
        });
    }

    /** Two nodes may come at once: the first counts. */
    private void make() {
        try {
            KeyPair made = KeyPairGenerator.getInstance(SignedFigures.ALGORITHM).generateKeyPair();
            Base64.Encoder write = Base64.getEncoder();
            jdbc.sql("insert into figures_key (public_key, private_key) values (?, ?) on conflict do nothing")
                    .params(
                            write.encodeToString(made.getPublic().getEncoded()),
                            write.encodeToString(made.getPrivate().getEncoded()))
                    .update();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("No keys for " + SignedFigures.ALGORITHM, e);
        }
    }

    private Optional<KeyPair> kept() {
        return jdbc.sql("select public_key, private_key from figures_key")
                .query((row, n) -> pair(row.getString("public_key"), row.getString("private_key")))
                .optional();
    }

    private static KeyPair pair(String open, String secret) {
        try {
            KeyFactory keys = KeyFactory.getInstance(SignedFigures.ALGORITHM);
            Base64.Decoder read = Base64.getDecoder();
            return new KeyPair(
                    keys.generatePublic(new X509EncodedKeySpec(read.decode(open))),
                    keys.generatePrivate(new PKCS8EncodedKeySpec(read.decode(secret))));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("The keys that are kept cannot be read", e);
        }
    }
}
