package pelluna.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pelluna.core.arrivals.Restock;
import pelluna.core.capacity.Lens;
import pelluna.core.catalogue.Species;
import pelluna.core.introduction.ProtocolStep;
import pelluna.core.plan.Party;
import pelluna.core.units.Hours;
import pelluna.core.units.Length;
import pelluna.core.units.Mass;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.core.units.Temperature;
import pelluna.core.units.Volume;

/** Whatever the core can state has a message, and every message is of something that the core can state. */
class EveryMessageTest {
    private static final Set<String> OF_THE_LANGUAGE = Set.of("words");
    private static final Set<Class<?>> SAID = Set.of(
            String.class,
            int.class,
            long.class,
            double.class,
            LocalDate.class,
            Species.class,
            Party.class,
            Length.class,
            Volume.class,
            Mass.class,
            Temperature.class,
            Hours.class,
            Sentences.class);
    private static final Set<Class<?>> NUMBERS =
            Set.of(int.class, long.class, double.class, Length.class, List.class, Sentences.class, String.class);
    /** Statements that hold figures beside what is said of them. */
    private static final Set<Class<?>> OF_THE_MODEL = Set.of(Lens.class, Restock.Reminder.class, ProtocolStep.class);

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("pelluna.core");
    private static final Messages ENGLISH = Messages.in(Locale.ENGLISH);

    @Test
    void everyStatementHasAMessage() {
        List<Class<?>> statements = statements();
        assertThat(statements).hasSizeGreaterThan(200);
        assertThat(statements)
                .filteredOn(s -> ENGLISH.find(Words.key(s)).isEmpty())
                .isEmpty();
    }

    @Test
    void everyMessageAsksForWhatItsStatementHas() {
        List<String> wrong = new ArrayList<>();
        for (Class<?> statement : statements()) {
            Arguments arguments = Arguments.of(statement);
            for (Slot slot : ENGLISH.get(arguments.key()).slots()) {
                View view = View.of(slot.name(), arguments);
                Optional<Class<?>> type = arguments.type(view.component());
                if (type.isEmpty() || !suits(slot, view, type.get())) {
                    wrong.add(arguments.key() + " asks for " + slot + " of " + type);
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void everyFigureAndNameOfAStatementIsUsed() {
        List<String> unused = new ArrayList<>();
        for (Class<?> statement : statements()) {
            Arguments arguments = Arguments.of(statement);
            Set<String> used = ENGLISH.get(arguments.key()).slots().stream()
                    .map(slot -> View.of(slot.name(), arguments).component())
                    .collect(Collectors.toSet());
            if (!OF_THE_MODEL.contains(statement)) {
                Arrays.stream(statement.getRecordComponents())
                        .map(RecordComponent::getName)
                        .filter(name -> !used.contains(name))
                        .forEach(name -> unused.add(arguments.key() + "." + name));
            }
        }
        assertThat(unused).isEmpty();
    }

    @Test
    void everyValueThatIsSaidHasAMessage() {
        List<String> missing = new ArrayList<>();
        for (Class<?> statement : statements()) {
            Arguments arguments = Arguments.of(statement);
            for (Slot slot : ENGLISH.get(arguments.key()).slots()) {
                if (slot.use() == Slot.Use.SAID) {
                    enumOf(statement, View.of(slot.name(), arguments).component()).stream()
                            .flatMap(e -> Stream.of(e.getEnumConstants()))
                            .map(c -> Words.key((Enum<?>) c))
                            .filter(key -> ENGLISH.find(key).isEmpty())
                            .forEach(missing::add);
                }
            }
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void everyMessageIsOfSomething() {
        Set<String> things = new TreeSet<>();
        statements().forEach(s -> things.add(Words.key(s)));
        enums().forEach(e -> Stream.of(e.getEnumConstants()).forEach(c -> things.add(Words.key((Enum<?>) c))));
        List<String> idle = files().stream()
                .filter(f -> !OF_THE_LANGUAGE.contains(f))
                .flatMap(f -> ENGLISH.keys(f).stream())
                .filter(k -> !things.contains(k) && !things.contains(k.replaceAll("\\.[a-z]\\w*$", "")))
                .toList();
        assertThat(idle).isEmpty();
    }

    @Test
    void everyFileHoldsItsOwnKeysOnly() {
        files().forEach(f -> assertThat(ENGLISH.keys(f)).allMatch(k -> k.startsWith(f + ".")));
    }

    @Test
    void noTwoThingsShareAKey() {
        List<Class<?>> all = new ArrayList<>(statements());
        all.addAll(enums());
        assertThat(all.stream().map(Words::key).filter(EveryMessageTest::spoken).toList())
                .doesNotHaveDuplicates();
    }

    private static boolean spoken(String key) {
        String file = key.substring(0, key.indexOf('.'));
        return files().contains(file) && ENGLISH.keys(file).stream().anyMatch(k -> k.startsWith(key + "."))
                || files().contains(file) && ENGLISH.find(key).isPresent();
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
                    case PLAIN ->
                        SAID.contains(type)
                                || type.isEnum()
                                || type == Optional.class
                                || Collection.class.isAssignableFrom(type)
                                || Statement.class.isAssignableFrom(type);
                };
        };
    }

    private static Optional<Class<?>> enumOf(Class<?> statement, String component) {
        Type type = Arrays.stream(statement.getRecordComponents())
                .filter(c -> c.getName().equals(component))
                .findFirst()
                .orElseThrow()
                .getGenericType();
        Type inner = type instanceof ParameterizedType p ? p.getActualTypeArguments()[0] : type;
        return inner instanceof Class<?> c && c.isEnum() ? Optional.of(c) : Optional.empty();
    }

    private static List<Class<?>> statements() {
        return core().filter(
                        c -> c.isAssignableTo(Statement.class) && c.isRecord() && !c.isEquivalentTo(Sentences.class))
                .<Class<?>>map(JavaClass::reflect)
                .toList();
    }

    private static List<Class<?>> enums() {
        return core().filter(JavaClass::isEnum)
                .<Class<?>>map(JavaClass::reflect)
                .filter(Class::isEnum)
                .toList();
    }

    private static Stream<JavaClass> core() {
        return CORE.stream();
    }

    private static List<String> files() {
        try (Stream<Path> all =
                Files.list(Path.of(Messages.class.getResource("en").toURI()))) {
            return all.map(p -> p.getFileName().toString().replace(".properties", ""))
                    .sorted()
                    .toList();
        } catch (IOException | URISyntaxException e) {
            throw new AssertionError(e);
        }
    }
}
