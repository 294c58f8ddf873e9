package pelluna.words;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pelluna.core.catalogue.CatalogueText;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.units.Hours;
import pelluna.core.units.Length;
import pelluna.core.units.Mass;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.core.units.Temperature;
import pelluna.core.units.Volume;

/**
 * Holds the messages of a language against what is said with them: records that are statements, and enumerations.
 * Each list names what is wrong, and is empty if nothing is.
 */
public final class MessageCheck {
    private static final Set<Class<?>> SAID = Set.of(
            String.class,
            int.class,
            long.class,
            double.class,
            Integer.class,
            Long.class,
            Double.class,
            LocalDate.class,
            Species.class,
            CatalogueText.class,
            Party.class,
            Length.class,
            Volume.class,
            Mass.class,
            Temperature.class,
            Hours.class,
            Optional.class,
            OptionalDouble.class,
            Sentences.class);
    private static final Set<Class<?>> NAMED = Set.of(Species.class, Party.class, Optional.class, String.class);
    private static final Set<Class<?>> NUMBERS =
            Set.of(int.class, long.class, double.class, Length.class, List.class, Sentences.class, String.class);

    private final Messages messages;
    private final List<Class<?>> statements;
    private final List<Class<?>> enums;

    /** @param kinds classes of any kind; those that are no record of a statement and no enumeration do not count */
    public MessageCheck(Locale language, Collection<Class<?>> kinds) {
        messages = Messages.in(language);
        statements = kinds.stream()
                .filter(k -> k.isRecord() && Statement.class.isAssignableFrom(k) && k != Sentences.class)
                .toList();
        enums = kinds.stream().filter(Class::isEnum).toList();
    }

    public List<Class<?>> statements() {
        return statements;
    }

    /** All keys of a file: 'sieve', 'page.log'. */
    public static Set<String> keys(Locale language, String file) {
        return Messages.in(language).keys(file);
    }

    /** How many places a message of a page has. */
    public static int places(Locale language, String key) {
        return (int) Messages.in(language).get(key).slots().stream()
                .map(slot -> Place.of(slot.name()).number())
                .distinct()
                .count();
    }

    /** Keys of statements without a message. */
    public List<String> unsaid() {
        return statements.stream()
                .map(Words::key)
                .filter(k -> messages.find(k).isEmpty())
                .toList();
    }

    /** What messages ask for that their statements have not, or that cannot be said so. */
    public List<String> wrong() {
        List<String> wrong = new ArrayList<>();
        for (Class<?> statement : said()) {
            Arguments arguments = Arguments.of(statement);
            for (Slot slot : messages.get(arguments.key()).slots()) {
                View view = View.of(slot.name(), arguments);
                Optional<Class<?>> type = arguments.type(view.component());
                if (type.isEmpty() || !suits(slot, view, type.get())) {
                    wrong.add(arguments.key() + " asks for " + slot + " of " + type);
                }
            }
        }
        return wrong;
    }

    /** Components that no message uses. */
    public List<String> unused(Set<Class<?>> butOf) {
        List<String> unused = new ArrayList<>();
        for (Class<?> statement : said()) {
            Arguments arguments = Arguments.of(statement);
            Set<String> used = messages.get(arguments.key()).slots().stream()
                    .map(slot -> View.of(slot.name(), arguments).component())
                    .collect(Collectors.toSet());
            if (!butOf.contains(statement)) {
                Arrays.stream(statement.getRecordComponents())
                        .map(RecordComponent::getName)
                        .filter(name -> !used.contains(name))
                        .forEach(name -> unused.add(arguments.key() + "." + name));
            }
        }
        return unused;
    }

    /** Values of enumerations that a message says and no message is of. */
    public List<String> unsaidValues() {
        List<String> missing = new ArrayList<>();
        for (Class<?> statement : said()) {
            Arguments arguments = Arguments.of(statement);
            for (Slot slot : messages.get(arguments.key()).slots()) {
                if (slot.use() == Slot.Use.SAID) {
                    enumOf(statement, View.of(slot.name(), arguments).component()).stream()
                            .flatMap(e -> Stream.of(e.getEnumConstants()))
                            .map(c -> Words.key((Enum<?>) c))
                            .filter(key -> messages.find(key).isEmpty())
                            .forEach(missing::add);
                }
            }
        }
        return missing;
    }

    /** Messages of a file that are of nothing: 'sieve', 'app.log'. */
    public List<String> idle(String file) {
        Set<String> things = new TreeSet<>();
        statements.forEach(s -> things.add(Words.key(s)));
        enums.forEach(e -> Stream.of(e.getEnumConstants()).forEach(c -> things.add(Words.key((Enum<?>) c))));
        return messages.keys(file).stream()
                .filter(k -> !k.startsWith(file + ".")
                        || !things.contains(k) && !things.contains(k.replaceAll("\\.[a-z]\\w*$", "")))
                .toList();
    }

    /** Keys that two kinds share. */
    public List<String> shared() {
        return Stream.concat(statements.stream(), enums.stream())
                .map(Words::key)
                .filter(this::spoken)
                .collect(Collectors.groupingBy(k -> k, Collectors.counting()))
                .entrySet()
                .stream()
                .filter(e -> e.getValue() > 1)
                .map(Map.Entry::getKey)
                .toList();
    }

    private boolean spoken(String key) {
        return messages.find(key).isPresent() || messages.anyUnder(key + ".");
    }

    private List<Class<?>> said() {
        return statements.stream()
                .filter(s -> messages.find(Words.key(s)).isPresent())
                .toList();
    }

    private static boolean suits(Slot slot, View view, Class<?> type) {
        return switch (slot.use()) {
            case CODE -> type.isEnum() || type == boolean.class || type == String.class;
            case NUMBER -> NUMBERS.contains(type) || Collection.class.isAssignableFrom(type);
            case SAID ->
                switch (view.how()) {
                    case SPELT -> type == int.class || type == long.class;
                    case ROUNDED -> type == double.class;
                    case SHORT -> type == LocalDate.class;
                    case ANY -> Collection.class.isAssignableFrom(type);
                    case DER, DEN, DEM ->
                        NAMED.contains(type)
                                || Collection.class.isAssignableFrom(type)
                                || Statement.class.isAssignableFrom(type);
                    case PLAIN ->
                        SAID.contains(type)
                                || type.isEnum()
                                || Collection.class.isAssignableFrom(type)
                                || Statement.class.isAssignableFrom(type);
                };
        };
    }

    private static Optional<Class<?>> enumOf(Class<?> statement, String component) {
        Type type = Arrays.stream(statement.getRecordComponents())
                .filter(c -> c.getName().equals(component))
                .findFirst()
                .map(RecordComponent::getGenericType)
                .orElse(Object.class);
        Type inner = type instanceof ParameterizedType p ? p.getActualTypeArguments()[0] : type;
        return inner instanceof Class<?> c && c.isEnum() ? Optional.of(c) : Optional.empty();
    }
}
