package pelluna.app.planfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static pelluna.app.testing.Said.told;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.PlanFound;
import pelluna.core.tank.Cover;
import pelluna.words.Words;

/** Text and typed fields become a plan file, or are refused with the field that is wrong. */
class PlanFilesTest {
    private static final PlanFiles FILES = new PlanFiles(Catalogue::shipped);
    private static final PlanFile SMALL =
            FILES.parse("{\"pelluna\": 1, \"tank\": {\"netLitres\": 200, \"runCm\": 90}}");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'cover': 'lid'                   | tank.cover        | app.planfile.FieldNeeds field=tank_cover",
                "'hides': 'many'                  | tank.hides        | app.planfile.FieldNeeds field=tank_hides",
                "'cycledOn': '2027-02-30'         | tank.cycledOn     | app.planfile.FieldNeeds field=day",
                "'fallow': {'from': '2027-02-30', 'until': '2027-03-30'} "
                        + "| tank.fallow.from | app.planfile.FieldNeeds field=day",
                "'keeps': ['shrimp', 'crocodile'] | tank.keeps[1]     | app.planfile.FieldNeeds field=tank_keeps_items",
                "'colour': 'blue'                 | tank.colour       | app.planfile.KnownFields"
            })
    void wrongWordsTypesAndDaysAreNamed(String wrong, String field, String expected) {
        String file = ("{'pelluna': 1, 'tank': {'netLitres': 200, 'runCm': 90, " + wrong + "}}").replace('\'', '"');
        assertThatThrownBy(() -> FILES.parse(file))
                .isInstanceOfSatisfying(
                        PlanProblemsException.class,
                        e -> assertThat(e.problems()).singleElement().satisfies(p -> {
                            assertThat(p.field()).isEqualTo(field);
                            assertThat(Words.forAnybody().of(p.expected())).containsPattern(told(expected));
                        }));
    }

    @Test
    void aWrongDayOfAFishIsFoundInItsList() {
        assertThatThrownBy(() -> FILES.typed(
                        SMALL,
                        "residents",
                        List.of(
                                Map.of("species", "royal gramma"),
                                Map.of("species", "royal gramma", "since", "2027-02-30"))))
                .isInstanceOfSatisfying(
                        PlanProblemsException.class,
                        e -> assertThat(e.problems())
                                .containsExactly(new Problem(
                                        "residents[1].since",
                                        new PlanFound.Quoted("2027-02-30"),
                                        new FileNeeds.Day())));
    }

    @Test
    void whatIsTypedTakesThePlaceOfOneFieldAlone() {
        PlanFile typed = FILES.typed(SMALL, "wishes", List.of(Map.of("species", "royal gramma", "want", 4)));
        assertThat(typed.wishes())
                .containsExactly(FishFile.of("royal gramma", 1).but(d -> {
                    d.count = null;
                    d.want = 4;
                }));
        assertThat(typed.tank()).isEqualTo(SMALL.tank());
        assertThat(FILES.typed(typed.startingOn(LocalDate.of(2027, 3, 1)), "startOn", null))
                .isEqualTo(typed);
        assertThat(FILES.typed(typed, "tank", Map.of("netLitres", 300, "runCm", 120, "cover", "mesh"))
                        .tank()
                        .cover())
                .isEqualTo(Cover.MESH);
    }

    @Test
    void whatWasNotSaidIsNotWritten() {
        assertThat(FILES.write(SMALL).replaceAll("\\s", ""))
                .isEqualTo("{\"pelluna\":1,\"tank\":{\"netLitres\":200.0,\"runCm\":90.0},"
                        + "\"residents\":[],\"wishes\":[]}");
    }
}
