package pelluna.app.rows;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pelluna.app.fish.OwnNote;
import pelluna.app.planning.PlanChange;
import pelluna.core.advice.ToDo;
import pelluna.core.capacity.LensReason;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Caution;
import pelluna.core.catalogue.Hazard;
import pelluna.core.catalogue.Species;
import pelluna.core.sieve.Reason;
import pelluna.core.tank.Cover;
import pelluna.core.tension.EatenReason;
import pelluna.core.tension.TensionReason;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.words.Words;

/** Statements in rows: what is written is read back as it was, and said by the words of today. */
class StatementJsonTest {
    private static final Catalogue CATALOGUE = Catalogue.shipped();
    private static final Species GRAMMA = CATALOGUE.find("royal gramma").orElseThrow();
    private static final List<Class<? extends Statement>> FAMILIES = List.of(
            PlanChange.class, OwnNote.class, Reason.class, TensionReason.class, EatenReason.class, LensReason.class);
    private static final StatementJson JSON = new StatementJson(CATALOGUE::find, FAMILIES);

    static Stream<Class<?>> kinds() {
        return FAMILIES.stream().flatMap(f -> Arrays.stream(f.getPermittedSubclasses()));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindComesBackAsItWas(Class<?> kind) throws ReflectiveOperationException {
        Statement was = (Statement) sample(kind);
        assertThat(JSON.read(JSON.write(List.of(was)))).containsExactly(was);
    }

    @Test
    void sentencesOfSeveralComeBackAndStrangersAreKeptInWords() {
        Statement several = Sentences.of(new Reason.GrazesAllDay(), new Reason.JumpsOut(true, Cover.NONE));
        assertThat(JSON.read(JSON.write(List.of(several)))).containsExactly(several);
        Statement strange = new Caution.Danger(Hazard.TAIL_BLADES);
        AsWritten words = new AsWritten(Words.forAnybody().of(strange));
        assertThat(JSON.read(JSON.write(List.of(strange)))).containsExactly(words);
        assertThat(JSON.read(JSON.write(List.of(Sentences.of(strange))))).containsExactly(Sentences.of(words));
    }

    @Test
    void theCodeStandsInTheRowAndNoSentence() {
        String row = JSON.write(List.of(new PlanChange.Tried(new ToDo.SendThroughBox(GRAMMA))));
        assertThat(row)
                .contains("\"app.planning.Tried\"", "\"advice.SendThroughBox\"", "\"Gramma loreto\"")
                .doesNotContain(Words.forAnybody().of(new ToDo.SendThroughBox(GRAMMA)));
    }

    @Test
    void whatAnEarlierReleaseWroteStandsAsItWasWritten() {
        assertThat(JSON.read("a heap of rock moved")).containsExactly(new AsWritten("a heap of rock moved"));
        assertThat(JSON.read("")).isEmpty();
        assertThat(JSON.read(null)).isEmpty();
    }

    @Test
    void ofASpeciesThatIsNoLongerKnownItIsSaidThatItIsNot() {
        String row = JSON.write(List.of(new Reason.LeftHungry(List.of(GRAMMA))));
        assertThat(new StatementJson(name -> Optional.empty(), FAMILIES).read(row))
                .containsExactly(new NoLongerKnown());
    }

    /** Something of a type, with whatever it is made of. */
    private static Object sample(Type type) throws ReflectiveOperationException {
        if (type instanceof ParameterizedType list) {
            return List.of(sample(list.getActualTypeArguments()[0]));
        }
        Class<?> kind = (Class<?>) type;
        if (kind == Species.class) {
            return GRAMMA;
        }
        if (kind == LocalDate.class) {
            return LocalDate.of(2027, 3, 1);
        }
        if (kind == String.class) {
            return "some, 'word'";
        }
        if (kind == boolean.class) {
            return true;
        }
        if (kind == int.class) {
            return 3;
        }
        if (kind == long.class) {
            return 3L;
        }
        if (kind == double.class) {
            return 12.5;
        }
        if (kind.isEnum()) {
            return kind.getEnumConstants()[kind.getEnumConstants().length - 1];
        }
        if (kind.isSealed()) {
            return sample(kind.getPermittedSubclasses()[kind.getPermittedSubclasses().length - 1]);
        }
        RecordComponent[] parts = kind.getRecordComponents();
        Object[] values = new Object[parts.length];
        Class<?>[] types = new Class<?>[parts.length];
        for (int i = 0; i < parts.length; i++) {
            values[i] = sample(parts[i].getGenericType());
            types[i] = parts[i].getType();
        }
        var made = kind.getDeclaredConstructor(types);
        made.setAccessible(true);
        return made.newInstance(values);
    }
}
