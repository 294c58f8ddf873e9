package pelluna.words;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/**
 * Texts of the catalogue in a language, from {@code catalogue.txt} of its folder: a line of English as the catalogue
 * has it, and under it, set in, the same in this language. English has no such file.
 */
final class CatalogueTexts {
    private final Map<String, String> texts = new HashMap<>();

    CatalogueTexts(Locale language) {
        try (InputStream in = Messages.class.getResourceAsStream(language.getLanguage() + "/catalogue.txt")) {
            if (in != null) {
                read(new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void read(BufferedReader lines) throws IOException {
        String english = "";
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            if (line.startsWith(" ")) {
                texts.put(english, line.strip());
            } else if (!line.startsWith("#")) {
                english = line.strip();
            }
        }
    }

    /** As it is if nobody has translated it: what a keeper has written, for one. */
    String of(String english) {
        return texts.getOrDefault(english, english);
    }

    boolean has(String english) {
        return texts.containsKey(english);
    }
}
