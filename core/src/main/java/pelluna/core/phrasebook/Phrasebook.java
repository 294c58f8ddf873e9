package pelluna.core.phrasebook;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import pelluna.core.behaviour.EventType;
import pelluna.core.names.NameText;

/**
 * What a keeper types in a language, put into the English that the search and the log read. A language has a file of
 * patterns; English, and a language without one, is read as it is typed.
 */
public final class Phrasebook {
    /** Of a reader of English. */
    public static final Phrasebook ENGLISH = new Phrasebook(
            List.of(), List.of(), Map.of(), List.of("x2", "x3", "left", "right", "left cave", "right cave"));

    private static final Map<Locale, Phrasebook> ALL = new ConcurrentHashMap<>();
    private static final Pattern WORD = Pattern.compile("[a-z]{4,}");
    private static final Pattern TIMES = Pattern.compile("×(?=\\d)|(?<=\\d)×");

    /** A pattern of whole words and what stands for it in English. */
    record Line(Pattern pattern, String english) {}

    private final List<Line> search;
    private final List<Line> sighting;
    private final Map<EventType, String> offers;
    private final List<String> places;
    private final Set<String> words;

    Phrasebook(List<Line> search, List<Line> sighting, Map<EventType, String> offers, List<String> places) {
        this.search = search;
        this.sighting = sighting;
        this.offers = offers;
        this.places = places;
        this.words = search.stream()
                .flatMap(l -> WORD.matcher(l.pattern().pattern().replaceAll("\\\\[a-z]|[a-z]\\?", " "))
                        .results())
                .map(MatchResult::group)
                .collect(Collectors.toUnmodifiableSet());
    }

    /** The book of a language; that of English if it has none. */
    public static Phrasebook of(Locale language) {
        return ALL.computeIfAbsent(
                language, l -> PhrasebookFile.read(l.getLanguage()).orElse(ENGLISH));
    }

    /** A question to the search in English; names of fish stay as they are. */
    public String question(String typed) {
        return search.isEmpty() ? typed : put(NameText.plain(typed), search);
    }

    /** Words of its patterns for questions, for reading misspelt ones. */
    public Set<String> words() {
        return words;
    }

    /** What was seen, in English; names of fish stay as they are. */
    public String sighting(String typed) {
        return sighting.isEmpty()
                ? typed
                : put(NameText.plain(TIMES.matcher(typed).replaceAll("x")), sighting);
    }

    /** How this language writes a deed so that it is read here; empty in English. */
    public Optional<String> offered(EventType doing) {
        return Optional.ofNullable(offers.get(doing));
    }

    /** Ways to go on after a sighting. */
    public List<String> places() {
        return places;
    }

    private static String put(String plain, List<Line> lines) {
        String text = plain;
        for (Line line : lines) {
            text = line.pattern().matcher(text).replaceAll(line.english());
        }
        return text.replaceAll(" +", " ").strip();
    }
}
