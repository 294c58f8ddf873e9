package pelluna.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.KeyPairGenerator;
import pelluna.app.pooled.Installations;
import pelluna.app.pooled.SignedFigures;

/** What the keepers of an invented installation elsewhere saw, signed by it. */
class DemoFigures {
    private final Installations others;

    DemoFigures(Installations others) {
        this.others = others;
    }

    /** In the name of who runs the demo. */
    void comeIn() {
        try (InputStream file = DemoFigures.class.getResourceAsStream("/demo/figures.json")) {
            String figures = new String(file.readAllBytes(), StandardCharsets.UTF_8);
            others.take(SignedFigures.sign(
                    figures,
                    KeyPairGenerator.getInstance(SignedFigures.ALGORITHM).generateKeyPair()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("No keys for " + SignedFigures.ALGORITHM, e);
        }
    }
}
