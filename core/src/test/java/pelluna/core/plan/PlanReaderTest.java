package pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.tank.Unsaid;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

class PlanReaderTest {
    private static Plan read(Map<String, Object> tree) {
        return new PlanReader(Plans.CATALOGUE).read(PlanTree.file(tree), Plans.START);
    }

    @Test
    void aTankAndAWishAreEnough() {
        Plan plan = read(Map.of(
                "tank", Map.of("netLitres", 200, "runCm", 90), "wishes", List.of(Map.of("species", "royal gramma"))));
        assertThat(plan.wishes().get(0).count()).isEqualTo(1);
        assertThat(plan.wishes().get(0).want()).isEqualTo(3);
        assertThat(plan.startOn()).isEqualTo(Plans.START);
        assertThat(plan.tank().ageKnown())
                .as("nobody said when its cycle ended")
                .isFalse();
        assertThat(plan.tank().unsaid()).contains(Unsaid.COVER, Unsaid.KEEPER, Unsaid.QUARANTINE);
    }

    @Test
    void anUnknownSpeciesIsNamedWithItsPlaceAndNeighbours() {
        assertThatThrownBy(() -> Plans.sixFeet().wish("royl gramma").plan())
                .isInstanceOf(PlanException.class)
                .hasMessageContaining("wishes[0].species")
                .hasMessageContaining("royal gramma");
    }

    @Test
    void datesBeforeTheCycleAndAfterTheStartAreRefused() {
        Map<String, Object> early = Plans.sixFeet().tree();
        early.put("residents", List.of(Map.of("species", "royal gramma", "since", "2020-01-01")));
        assertThatThrownBy(() -> read(early))
                .hasMessageContaining("residents[0].since")
                .hasMessageContaining("AfterCycle");
        early.put("residents", List.of(Map.of("species", "royal gramma", "since", "2028-01-01")));
        assertThatThrownBy(() -> read(early)).hasMessageContaining("UpToStart");
    }

    @Test
    void noFishIsLongerThanItsRecord() {
        assertThatThrownBy(() -> Plans.sixFeet().resident("royal gramma", 1, 60).plan())
                .hasMessageContaining("record")
                .hasMessageContaining("residents[0].lengthCm");
    }
}
