package pelluna.app.prediction;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.rows.StatementJson;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.words.Words;

/** Whatever a plan says of a fish is kept by its codes, and read back as it was. */
class KeptForecastsTest {
    private static final Catalogue CATALOGUE = Catalogue.shipped();
    private static final PlanFiles FILES = new PlanFiles(() -> CATALOGUE);
    private static final StatementJson JSON = new StatementJson(CATALOGUE::find, KeptForecasts.FAMILIES);

    static Stream<String> tanks() {
        return Stream.of(
                "\"lengthCm\":90,\"widthCm\":45,\"waterHeightCm\":45",
                "\"lengthCm\":240,\"widthCm\":75,\"waterHeightCm\":70,\"cover\":\"none\",\"cycledOn\":\"2027-02-01\","
                        + "\"keeper\":\"first-year\",\"keeps\":[\"shrimp\",\"clams\",\"small-polyp-corals\"]");
    }

    @ParameterizedTest
    @MethodSource("tanks")
    void whatIsSaidOfEverySpeciesHasItsFamily(String tank) {
        for (Species s : CATALOGUE.all()) {
            Assessment a = assessed(tank, s);
            Party wish = a.plan().wishes().get(0);
            Party resident = a.plan().residents().get(0);
            PredictionKeeper.said(a, wish, Map.of(wish.id(), 2L, resident.id(), 1L))
                    .forEach(said -> {
                        String row = JSON.write(said.reasons());
                        assertThat(row).as(s.name()).doesNotContain("app.rows");
                        assertThat(Words.forAnybody().sentences(JSON.read(row)))
                                .isEqualTo(Words.forAnybody().sentences(said.reasons()));
                    });
        }
    }

    private static Assessment assessed(String tank, Species s) {
        String text = "{\"pelluna\":1,\"tank\":{" + tank + "},\"residents\":[{\"species\":\"ocellaris clownfish\"}],"
                + "\"wishes\":[{\"species\":\"" + s.scientificName() + "\",\"risk\":\"box-and-gate\"}]}";
        return new Assessor().assess(FILES.plan(FILES.parse(text), LocalDate.of(2027, 3, 1)));
    }
}
