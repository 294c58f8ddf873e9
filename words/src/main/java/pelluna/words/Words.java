package pelluna.words;

import com.ibm.icu.text.ListFormatter;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import pelluna.core.catalogue.CatalogueText;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.units.Hours;
import pelluna.core.units.Length;
import pelluna.core.units.Mass;
import pelluna.core.units.Rounding;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.core.units.Temperature;
import pelluna.core.units.Volume;

/**
 * Says things in one language and one system of units. A statement is said by the message of its key, its arguments
 * put in: figures in the reader's units, dates, species by their names, lists, and other statements.
 *
 * <p>A message names the components of its record. In these spellings it may ask for another view of one:
 * {@code {Fish}} begins with a capital letter, {@code {countWords}} writes a number up to twelve as a word,
 * {@code {litres1}} rounds to one decimal, {@code {dayShort}} leaves the year out of a date,
 * {@code {fishOr}} lists what could be meant: 'a, b or c'. Languages with cases ask for a name with its article by
 * three more: {@code {fishDer}} as the subject, {@code {fishDen}} as the object, {@code {fishDem}} as the indirect
 * object.
 */
public final class Words {
    private static final String CORE = "pelluna.core.";
    private static final String HOUSE = "pelluna.";
    private static final int SPELT_UP_TO = 12;
    private static final Map<Reader, Words> ALL = new ConcurrentHashMap<>();
    private final Messages messages;
    private final Locale language;
    private final Measures measures;
    private final Numbers numbers;
    private final FishNames names;
    private final CatalogueTexts texts;
    private final ListFormatter lists;
    private final ListFormatter choices;
    private final Days days;

    private Words(Locale language, UnitSystem units) {
        this.language = language;
        messages = Messages.in(language);
        Locale like = Locale.forLanguageTag(text("words.lists"));
        numbers = new Numbers(like);
        measures = new Measures(units, numbers, messages);
        names = new FishNames(language, messages);
        texts = new CatalogueTexts(language);
        lists = ListFormatter.getInstance(like);
        choices = ListFormatter.getInstance(like, ListFormatter.Type.OR, ListFormatter.Width.WIDE);
        days = new Days(messages, language);
    }

    /** One of {@link Languages#all}, in the given units. */
    public static Words in(Locale language, UnitSystem units) {
        return ALL.computeIfAbsent(new Reader(language, units), r -> new Words(r.language, r.units));
    }

    /** English, in the given units. */
    public static Words english(UnitSystem units) {
        return in(Locale.ENGLISH, units);
    }

    /** For a reader of whom nothing is known, and for everything that is the same in every language: the API. */
    public static Words forAnybody() {
        return english(UnitSystem.METRIC);
    }

    private record Reader(Locale language, UnitSystem units) {}

    public Locale language() {
        return language;
    }

    public UnitSystem units() {
        return measures.system();
    }

    /** A length in cm, as '12 cm' or '4.7 in'. */
    public String length(double cm) {
        return measures.length(cm);
    }

    /** The same as a number. */
    public double lengthValue(double cm) {
        return measures.lengthValue(cm);
    }

    public String lengthUnit() {
        return measures.lengthUnit();
    }

    /** A volume in litres, as '428 L' or '113 gal'. */
    public String volume(double litres) {
        return measures.volume(litres);
    }

    /** The same as a number. */
    public double volumeValue(double litres) {
        return measures.volumeValue(litres);
    }

    public String volumeUnit() {
        return measures.volumeUnit();
    }

    /** A temperature in degrees Celsius, as '25.5 °C' or '77.9 °F'. */
    public String temperature(double celsius) {
        return measures.temperature(celsius);
    }

    public String temperatureUnit() {
        return measures.temperatureUnit();
    }

    /** A mass in grams, as '320 g', '1.2 kg', '0.7 lb'. */
    public String mass(double grams) {
        return measures.mass(grams);
    }

    public boolean us() {
        return measures.us();
    }

    /**
     * How something is said: a statement, a value of an enumeration, a species or a party by its name, a figure with
     * its unit, a number, a date, a list of such. A template hands over an empty Optional as null, and says nothing.
     *
     * @throws IllegalStateException if the language has no message for it
     */
    public String of(Object value) {
        if (value instanceof Sentences s) {
            return sentences(s.all());
        }
        if (value instanceof Enum<?> e) {
            return text(key(e));
        }
        if (value instanceof Statement s) {
            return statement(s);
        }
        if (value instanceof Collection<?> all) {
            return list(all);
        }
        if (value instanceof Number n) {
            return number(n);
        }
        if (value == null) {
            return "";
        }
        return value instanceof String s ? s : figure(value);
    }

    /**
     * A message of a page or a script by its key, its arguments put in by their places: {@code {0}} is the first,
     * {@code {0Cap}} begins with a capital letter, {@code {0Words}} writes a number up to twelve as a word, and
     * {@code {0Short}} leaves the year out of a date.
     *
     * @throws IllegalStateException if the language has no such message, or it asks for more arguments
     */
    public String text(String key, Object... arguments) {
        return messages.get(key).say(slot -> {
            Place place = Place.of(slot.name());
            if (place.number() >= arguments.length) {
                throw new IllegalStateException("message '" + key + "' asks for '" + slot.name() + "'");
            }
            Object value = arguments[place.number()];
            return slot.use() != Slot.Use.SAID ? handed(slot, value) : placed(value, place);
        });
    }

    private String placed(Object value, Place place) {
        String said = value == null ? "" : said(value, place.view());
        return place.view().capital() ? capital(said) : said;
    }

    /**
     * All messages of a file by their keys, for whoever puts arguments in by other means: {@code {0}} is the first.
     *
     * @throws IllegalStateException if one of them chooses by its arguments
     */
    public SortedMap<String, String> patterns(String file) {
        SortedMap<String, String> patterns = new TreeMap<>();
        messages.keys(file).forEach(key -> patterns.put(key, messages.get(key).pattern()));
        return patterns;
    }

    /** Another thing that is said of a value of an enumeration, such as the question that a rule asks. */
    public String of(Enum<?> value, String what, Object... arguments) {
        return text(key(value) + "." + what, arguments);
    }

    /** The same as it is written, for whoever puts arguments in by other means. */
    public String pattern(Enum<?> value, String what) {
        return messages.get(key(value) + "." + what).pattern();
    }

    /** A fish as the object of a sentence: 'den Lippfisch'; as {@link #of} in a language without cases. */
    public String object(Object value) {
        return articled(value, View.How.DEN);
    }

    /** The same as an indirect object: 'dem Lippfisch'. */
    public String indirectObject(Object value) {
        return articled(value, View.How.DEM);
    }

    /** The same, beginning with a capital letter. */
    public String title(Object value) {
        return capital(of(value));
    }

    /** 'a', 'a and b', 'a, b and c'. */
    public String list(Collection<?> all) {
        return lists.format(all.stream().map(this::of).toList());
    }

    /** One after the other, each a sentence or several. */
    public String sentences(Collection<? extends Statement> all) {
        return String.join(" ", all.stream().map(this::of).toList());
    }

    /** Its names in all other languages, each with its language in brackets. */
    public List<String> namesElsewhere(Species fish) {
        return names.elsewhere(fish);
    }

    /** A text of the catalogue in this language; as it is if it is nobody's but a keeper's. */
    public String written(String english) {
        return texts.of(english);
    }

    /** Days and times as the language writes them. */
    public Days days() {
        return days;
    }

    /** So many of a species: 'royal gramma', or '4 × lyretail anthias'. */
    public String of(Species fish, int count) {
        return names.of(fish, count);
    }

    /** All names of a fish in this language, the usual one first; empty if it has none but the scientific one. */
    public List<String> names(Species fish) {
        return names.all(fish);
    }

    /** '27 November 2026'. */
    public String date(LocalDate on) {
        return days.day(on);
    }

    /** '27 Nov'. */
    public String shortDate(LocalDate on) {
        return days.shortDay(on);
    }

    /**
     * The key of a kind of statement, or of an enumeration: its package and its own name. Of the core the package's
     * last name is enough; what the application says begins with 'app'.
     */
    static String key(Class<?> kind) {
        String place = kind.getPackageName();
        if (!place.startsWith(HOUSE)) {
            throw new IllegalStateException(kind + " is not of this house");
        }
        return place.substring(place.startsWith(CORE) ? CORE.length() : HOUSE.length()) + "." + kind.getSimpleName();
    }

    /** By what a statement is known outside of this program, whatever it is said in. */
    public static String code(Statement what) {
        return what instanceof Enum<?> e ? key(e) : key(what.getClass());
    }

    /** @see #code(Statement) */
    public static String code(Class<? extends Statement> kind) {
        return key(kind);
    }

    static String key(Enum<?> value) {
        return key(value.getDeclaringClass()) + "." + value.name();
    }

    private String statement(Statement s) {
        Arguments arguments = Arguments.of(s.getClass());
        return messages.get(arguments.key()).say(slot -> argument(s, arguments, slot));
    }

    private String statement(Statement s, String variant) {
        Arguments arguments = Arguments.of(s.getClass());
        return messages.find(arguments.key() + variant)
                .orElseGet(() -> messages.get(arguments.key()))
                .say(slot -> argument(s, arguments, slot));
    }

    private Object argument(Statement s, Arguments arguments, Slot slot) {
        View view = View.of(slot.name(), arguments);
        Object value = arguments.value(s, view.component());
        return slot.use() != Slot.Use.SAID
                ? handed(slot, value)
                : view.capital() ? capital(said(value, view)) : said(value, view);
    }

    private Object handed(Slot slot, Object value) {
        return switch (slot.use()) {
            case CODE -> value instanceof Enum<?> e ? e.name() : String.valueOf(value);
            case NUMBER -> count(value);
            case SAID -> of(value);
        };
    }

    private String said(Object value, View view) {
        return switch (view.how()) {
            case PLAIN -> of(value);
            case SPELT -> spelt(((Number) value).intValue());
            case SHORT -> shortDate((LocalDate) value);
            case ANY ->
                choices.format(((Collection<?>) value).stream().map(this::of).toList());
            case DER, DEN, DEM -> articled(value, view.how());
            case ROUNDED -> number(Rounding.to(view.decimals(), ((Number) value).doubleValue()));
        };
    }

    /** A fish with its article in a case; a statement says its own by a message of the case, where it has one. */
    private String articled(Object value, View.How how) {
        if (value instanceof Species s) {
            return names.with(how, s);
        }
        if (value instanceof Party p) {
            return names.with(how, p);
        }
        if (value instanceof Collection<?> all) {
            return lists.format(all.stream().map(v -> articled(v, how)).toList());
        }
        if (value instanceof Statement s && !(value instanceof Enum<?>)) {
            return statement(s, "." + how.name().toLowerCase(Locale.ROOT));
        }
        return value instanceof Optional<?> o ? o.map(v -> articled(v, how)).orElse("") : of(value);
    }

    /** The number by which a message chooses: how many there are, or how much. */
    private static Number count(Object value) {
        if (value instanceof Collection<?> all) {
            return all.size();
        }
        if (value instanceof Sentences s) {
            return s.all().size();
        }
        if (value instanceof Length l) {
            return l.cm();
        }
        return value instanceof String s ? s.length() : (Number) value;
    }

    private String spelt(int number) {
        return number >= 0 && number <= SPELT_UP_TO ? text("words.number." + number) : number((Number) number);
    }

    /** Without needless zeros, as the language writes it: '12', '4.5', '4,5'. */
    public String number(Number n) {
        return n instanceof Integer || n instanceof Long ? n.toString() : numbers.text(n.doubleValue());
    }

    /** The same, rounded to at most so many decimals. */
    public String number(double value, int decimals) {
        return numbers.text(Rounding.to(decimals, value));
    }

    /** A large one, with a sign between thousands: '40,320', '40.320'. */
    public String grouped(long value) {
        return numbers.grouped(value);
    }

    /** With exactly so many decimals: '4.50'. */
    public String fixed(double value, int decimals) {
        return numbers.fixed(value, decimals);
    }

    private String figure(Object value) {
        if (value instanceof Species s) {
            return names.of(s);
        }
        if (value instanceof Party p) {
            return names.of(p);
        }
        if (value instanceof CatalogueText t) {
            return texts.of(t.english());
        }
        if (value instanceof LocalDate d) {
            return date(d);
        }
        if (value instanceof LocalTime t) {
            return days.time(t);
        }
        if (value instanceof Length l) {
            return measures.length(l.cm());
        }
        if (value instanceof Volume v) {
            return measures.volume(v.litres());
        }
        if (value instanceof Hours h) {
            return measures.hours(h.hours());
        }
        if (value instanceof Mass m) {
            return measures.mass(m.grams());
        }
        if (value instanceof Temperature t) {
            return measures.temperature(t.celsius());
        }
        if (value instanceof Optional<?> o) {
            return o.map(this::of).orElse("");
        }
        if (value instanceof OptionalDouble o) {
            return o.isPresent() ? number(o.getAsDouble()) : "";
        }
        throw new IllegalStateException("nothing says " + value.getClass());
    }

    /** The first letter or figure; marks of writing before it stay. */
    private String capital(String said) {
        int first = 0;
        while (first < said.length() && !Character.isLetterOrDigit(said.charAt(first))) {
            first++;
        }
        return first == said.length()
                ? said
                : said.substring(0, first)
                        + said.substring(first, first + 1).toUpperCase(language)
                        + said.substring(first + 1);
    }
}
