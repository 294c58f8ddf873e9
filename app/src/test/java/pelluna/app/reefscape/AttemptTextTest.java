package pelluna.app.reefscape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.planfile.PlanFiles;
import pelluna.core.advice.Attempt;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;
import pelluna.core.scape.Hide;

class AttemptTextTest {
    private static final Catalogue SPECIES = Catalogue.shipped();
    private static final PlanFiles FILES = new PlanFiles(() -> SPECIES);
    private static final String FILE = """
        {"pelluna": 1, "tank": {"lengthCm": 150, "widthCm": 60, "waterHeightCm": 52, "rockKg": 50, "hides": 6,
           "mealsADay": 2},
         "residents": [{"species": "Salarias fasciatus", "count": 1}],
         "wishes": [{"species": "Gramma loreto", "count": 1, "lengthCm": 5, "captiveBred": true},
          {"species": "Chromis viridis", "count": 6}]}""";

    private static final List<Attempt> ALL = List.of(
            new Attempt.InOrder(List.of("w1", "w0")),
            new Attempt.Box("w0"),
            new Attempt.OneHide(new Hide(40.5, 8.25)),
            new Attempt.MoveRock(1, 70),
            new Attempt.Number("w1", 8),
            new Attempt.Length("w0", 6.5),
            new Attempt.Instead("w0", SPECIES.find("Ecsenius midas").orElseThrow()),
            new Attempt.Fed(3, true));

    @Test
    void everyAttemptIsReadBackAsItWasWritten() {
        assertThat(ALL)
                .allSatisfy(a -> assertThat(AttemptText.read(AttemptText.write(a), SPECIES))
                        .isEqualTo(a));
    }

    @Test
    void whatIsWrittenIntoTheFileMakesTheVeryPlanThatWasTried() {
        for (Attempt attempt : ALL) {
            PlanFile file = FILES.parse(FILE);
            LocalDate today = LocalDate.of(2027, 3, 1);
            Plan before = FILES.plan(file, today);
            PlanFile after = AttemptText.applied(attempt, before, file);
            assertThat(FILES.problems(after)).as(attempt.toString()).isEmpty();
            Plan tried = attempt.on(before);
            Plan written = FILES.plan(after, today);
            assertThat(written.wishes()).as(attempt.toString()).isEqualTo(tried.wishes());
            assertThat(written.tank().hides()).isEqualTo(tried.tank().hides());
            assertThat(written.tank().mealsADay()).isEqualTo(tried.tank().mealsADay());
            assertThat(written.tank().scape().rocks().get(1).leftCm())
                    .isCloseTo(
                            tried.tank().scape().rocks().get(1).leftCm(), org.assertj.core.api.Assertions.within(0.01));
        }
    }

    @Test
    void otherTextsAreNoAttempts() {
        for (String text :
                List.of("", "box", "hide x y", "rock 1", "number w0 many", "instead w0 Nemo nemo", "drop everything")) {
            assertThatThrownBy(() -> AttemptText.read(text, SPECIES)).as(text).isInstanceOf(NoSuchTankException.class);
        }
    }
}
