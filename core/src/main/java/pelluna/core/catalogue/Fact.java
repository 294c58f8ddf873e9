package pelluna.core.catalogue;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pelluna.core.units.Named;
import pelluna.core.units.Statement;

/**
 * One fact as it is written in a catalogue file: 'value ~ source', the source code with '!' behind it if the fact is
 * firm and '?' if it is shaky.
 *
 * @param level for whom it was written: the species, its genus, its family, or a keeper's own word
 * @param place for messages
 */
public record Fact(String key, String value, Source source, Confidence confidence, Level level, FactPlace place) {
    private static final Pattern CODE = Pattern.compile("([a-z]+)([!?]?)");

    /** A keeper's own word, which counts for this keeper alone. */
    public static Fact ofKeeper(String key, String value) {
        return new Fact(key, value, Source.KEEPER, Confidence.FAIR, Level.KEEPER, new FactPlace.OwnFact(key));
    }

    /** A fact with a source code such as 'cp', 'm?' or 'm!'; empty if that is no code. */
    public static Optional<Fact> coded(String key, String value, String code, Level level, FactPlace place) {
        Matcher m = CODE.matcher(code);
        if (!m.matches()) {
            return Optional.empty();
        }
        Confidence confidence =
                m.group(2).isEmpty() ? Confidence.FAIR : m.group(2).equals("!") ? Confidence.FIRM : Confidence.SHAKY;
        return Named.find(Source.class, m.group(1))
                .map(source -> new Fact(key, value, source, confidence, level, place));
    }

    /** The source code as written: 'cp', 'm?', 'm!'. */
    public String code() {
        return source.word() + confidence.mark();
    }

    /** Where it comes from, how far to trust it, and for whom it was written. */
    public Origin origin() {
        return new Origin(source, source == Source.KEEPER ? Confidence.FAIR : confidence, level);
    }

    /** Where a fact comes from. */
    public record Origin(Source source, Confidence confidence, Level level) implements Statement {}
}
