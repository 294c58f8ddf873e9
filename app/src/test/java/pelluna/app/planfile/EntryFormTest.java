package pelluna.app.planfile;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.app.rows.PlanJson;
import pelluna.core.plan.PlanFound;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

class EntryFormTest {
    @Test
    void inchesBecomeCentimetresAndEmptyFieldsStayUnsaid() {
        EntryForm entry = EntryForm.wish(
                Map.of("species", " royal gramma ", "lengthCm", "2", "count", "", "want", "5", "captiveBred", "true"),
                Words.english(UnitSystem.US));
        assertThat(entry.errors()).isEmpty();
        assertThat(entry.tree())
                .isEqualTo(PlanJson.MAPPER.readTree(
                        "{\"species\":\"royal gramma\",\"lengthCm\":5.08,\"want\":5,\"captiveBred\":true}"));
    }

    @Test
    void aFishWithoutANameOrWithLettersForANumberIsToldSo() {
        EntryForm entry = EntryForm.resident(
                Map.of("species", "", "count", "two", "since", "2026-01-01"), Words.english(UnitSystem.METRIC));
        assertThat(entry.errors()).containsOnlyKeys("species", "count");
        assertThat(entry.tree().get("since").asString()).isEqualTo("2026-01-01");
    }

    @Test
    void halfAFishReachesTheChecksAsHalfAFish() {
        assertThat(EntryForm.wish(Map.of("species", "x", "count", "1.5"), Words.english(UnitSystem.METRIC))
                        .tree()
                        .get("count")
                        .asDouble())
                .isEqualTo(1.5);
    }

    @Test
    void whatThePlanRefusesLandsBesideItsField() {
        EntryForm entry =
                EntryForm.wish(Map.of("species", "royal gramma", "lengthCm", "90"), Words.english(UnitSystem.METRIC));
        entry.refuse(List.of(
                new Problem("wishes[0].lengthCm", new PlanFound.Text("90 cm"), new PlanFound.Text("less")),
                new Problem("wishes", new PlanFound.Text("200 entries"), new PlanFound.Text("fewer"))));
        assertThat(entry.errors())
                .hasEntrySatisfying(
                        "lengthCm",
                        said -> assertThat(said)
                                .containsPattern(said("page.planfile.foundAndExpected", "90 cm", "less")))
                .containsKey("species");
    }
}
