package pelluna.app.scenery;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Gradients and filters of a layer, from the files in {@code scenery}. */
enum Textures {
    WATER,
    ROCK,
    SAND,
    LIFE,
    CAVE,
    /** By moonlight: for a reader whose colours are those of the night. */
    LIGHT;

    private final String markup;

    Textures() {
        String file = "/scenery/" + name().toLowerCase(java.util.Locale.ROOT) + ".svg";
        try (InputStream in = Textures.class.getResourceAsStream(file)) {
            markup = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .replaceAll(">\\s+<", "><")
                    .strip();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    String markup() {
        return markup;
    }
}
