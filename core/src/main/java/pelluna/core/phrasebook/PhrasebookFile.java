package pelluna.core.phrasebook;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import pelluna.core.behaviour.EventType;

/** Reads the file of a phrasebook: sections in brackets, a pattern and its English on a line. */
final class PhrasebookFile {
    private final List<Phrasebook.Line> search = new ArrayList<>();
    private final List<Phrasebook.Line> sighting = new ArrayList<>();
    private final Map<EventType, String> offers = new EnumMap<>(EventType.class);
    private final List<String> places = new ArrayList<>();

    private PhrasebookFile() {}

    /** Empty if the language has no file. @throws IllegalStateException for a line that cannot be read */
    static Optional<Phrasebook> read(String language) {
        try (InputStream in = PhrasebookFile.class.getResourceAsStream("/phrasebook/" + language + ".txt")) {
            if (in == null) {
                return Optional.empty();
            }
            PhrasebookFile file = new PhrasebookFile();
            file.lines(new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)).lines());
            return Optional.of(new Phrasebook(file.search, file.sighting, file.offers, file.places));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void lines(Stream<String> lines) {
        String[] section = {""};
        lines.map(String::strip).filter(l -> !l.isEmpty() && !l.startsWith("#")).forEach(l -> {
            if (l.startsWith("[")) {
                section[0] = l;
            } else {
                line(section[0], l);
            }
        });
    }

    private void line(String section, String line) {
        String[] parts = line.split(" =(?: |$)", 2);
        switch (section) {
            case "[search]" -> search.add(pattern(parts));
            case "[sighting]" -> sighting.add(pattern(parts));
            case "[offers]" -> offers.put(EventType.valueOf(parts[0]), parts[1]);
            case "[places]" -> places.add(line);
            default -> throw new IllegalStateException(line);
        }
    }

    /** Umlauts are read as they are compared: without their dots, or as two letters. */
    private static Phrasebook.Line pattern(String[] parts) {
        String plain = parts[0].replace("ß", "ss")
                .replaceAll("ä", "ae?")
                .replaceAll("ö", "oe?")
                .replaceAll("ü", "ue?");
        return new Phrasebook.Line(Pattern.compile("(?<= |^)(?:" + plain + ")(?= |$)"), parts[1]);
    }
}
