package pelluna.core.catalogue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pelluna.core.units.Statement;

/**
 * How one fact is written: a template with named slots, such as '{adultLengthCm.usual:n} cm, record
 * {adultLengthCm.record:n} cm'. Slots are the fields of
 * the open formats. A part in square brackets may be left out; its slot then has the value behind '='.
 *
 * @param key      the fact's key in a catalogue file
 * @param example  a value as it is written, shown where one is wrong
 * @param required whether every species must have it, from its own file entry, its genus or its family
 */
public record FactForm(String key, String template, String example, boolean required, List<Part> parts) {
    /**
     * What a slot holds: a number, one word or phrase, a list parted by commas, free text, or yes or no in two given
     * words.
     */
    public enum Kind {
        NUMBER,
        WORD,
        LIST,
        TEXT,
        FLAG
    }

    /**
     * A named place in the template; {@code fallback} is its value when it is left out, or 'yes|no' words of a flag.
     */
    public record Slot(String name, Kind kind, String fallback) {
        String pattern() {
            return switch (kind) {
                case NUMBER -> "\\d+(?:\\.\\d+)?";
                case WORD -> "[a-z][a-z -]*?";
                case FLAG -> String.join("|", flag());
                case LIST, TEXT -> ".+?";
            };
        }

        /** What it is called. */
        public SlotName named() {
            return new SlotName(name.replace('.', '_'));
        }

        /** The words for yes and no. */
        public String[] flag() {
            return fallback.split("\\|");
        }
    }

    /** Fixed text, a slot, or an optional stretch of both. */
    record Part(String text, Optional<Slot> slot, List<Part> optional) {}

    private static final Pattern SLOT = Pattern.compile("\\{([A-Za-z.]+):([nwltf])(?:=([^}]*))?}");

    static FactForm of(String key, String template, String example, boolean required) {
        List<Part> parts = new ArrayList<>();
        for (String piece : template.split("(?=\\[)|(?<=])")) {
            if (piece.startsWith("[")) {
                parts.add(new Part("", Optional.empty(), flat(piece.substring(1, piece.length() - 1))));
            } else {
                parts.addAll(flat(piece));
            }
        }
        return new FactForm(key, template, example, required, List.copyOf(parts));
    }

    private static List<Part> flat(String piece) {
        List<Part> parts = new ArrayList<>();
        Matcher m = SLOT.matcher(piece);
        int at = 0;
        while (m.find()) {
            if (m.start() > at) {
                parts.add(new Part(piece.substring(at, m.start()), Optional.empty(), List.of()));
            }
            Kind kind = switch (m.group(2)) {
                case "n" -> Kind.NUMBER;
                case "w" -> Kind.WORD;
                case "l" -> Kind.LIST;
                case "f" -> Kind.FLAG;
                default -> Kind.TEXT;
            };
            parts.add(new Part(
                    "", Optional.of(new Slot(m.group(1), kind, m.group(3) == null ? "" : m.group(3))), List.of()));
            at = m.end();
        }
        if (at < piece.length()) {
            parts.add(new Part(piece.substring(at), Optional.empty(), List.of()));
        }
        return parts;
    }

    /** What the fact tells. */
    public FactMeaning meaning() {
        return new FactMeaning(key.replace('-', '_'));
    }

    /** What a slot is called, by its name. */
    public record SlotName(String slot) implements Statement {}

    /** What a word that can stand in a slot is called. */
    public record ChoiceName(String choice) implements Statement {
        public static ChoiceName of(String word) {
            return new ChoiceName(word.replaceAll("[ -]", "_"));
        }
    }

    /** What a fact is called, by its key. */
    public record FactName(String fact) implements Statement {
        public static FactName of(String key) {
            return new FactName(key.replace('-', '_'));
        }
    }

    /** What a fact tells, by its key. */
    public record FactMeaning(String fact) implements Statement {}

    /** Every slot in the order of the template. */
    public List<Slot> slots() {
        return parts.stream()
                .flatMap(p -> p.optional().isEmpty()
                        ? p.slot().stream()
                        : p.optional().stream().flatMap(o -> o.slot().stream()))
                .toList();
    }

    /**
     * The slots of a written fact, each with its text.
     *
     * @throws CatalogueException if the fact is not written like the example
     */
    public Map<String, String> read(Fact fact) {
        Matcher m = Pattern.compile(regex(parts)).matcher(fact.value());
        if (!m.matches()) {
            throw new CatalogueException(fact.place(), new CatalogueFault.NotWrittenLike(key, fact.value(), example));
        }
        Map<String, String> values = new LinkedHashMap<>();
        int group = 1;
        for (Slot slot : slots()) {
            String found = m.group(group++);
            values.put(slot.name(), found == null ? slot.fallback() : found);
        }
        return values;
    }

    private static String regex(List<Part> parts) {
        StringBuilder regex = new StringBuilder();
        for (Part part : parts) {
            if (!part.optional().isEmpty()) {
                regex.append("(?:").append(regex(part.optional())).append(")?");
            } else {
                regex.append(part.slot().map(s -> "(" + s.pattern() + ")").orElseGet(() -> Pattern.quote(part.text())));
            }
        }
        return regex.toString();
    }

    /**
     * A fact's text from its slots; the reverse of {@link #read}. A slot that is missing counts as its fallback or as
     * empty.
     */
    public String write(Map<String, String> values) {
        StringBuilder text = new StringBuilder();
        for (Part part : parts) {
            if (part.optional().isEmpty()) {
                text.append(
                        part.slot().map(s -> values.getOrDefault(s.name(), "")).orElse(part.text()));
            } else {
                Slot slot = part.optional().stream()
                        .flatMap(o -> o.slot().stream())
                        .findFirst()
                        .orElseThrow();
                String value = values.getOrDefault(slot.name(), slot.fallback());
                if (!value.isEmpty() && !value.equals(slot.fallback())) {
                    part.optional().forEach(o -> text.append(o.slot().isPresent() ? value : o.text()));
                }
            }
        }
        return text.toString();
    }
}
