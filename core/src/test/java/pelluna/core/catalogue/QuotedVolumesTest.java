package pelluna.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.testing.Plans;
import pelluna.core.units.Convert;

/** Least volumes as keepers quote them, in US gallons of the glass: bold, customary (quoted most often), cautious. */
class QuotedVolumesTest {
    private static final Set<Long> GALLONS = DoubleStream.of(
                    5, 10, 15, 20, 30, 40, 55, 75, 90, 100, 125, 150, 175, 180, 210, 240, 300)
            .mapToObj(g -> Math.round(Convert.litresFromGallons(g)))
            .collect(Collectors.toSet());

    @ParameterizedTest(name = "{0}: {2} gallons")
    @CsvSource({ // common practice
        "Amphiprion ocellaris,1,10,15,20",
        "Amphiprion percula,1,10,15,20",
        "Meiacanthus grammistes,1,10,20,30",
        "Pseudanthias squamipinnis,4,55,100,150",
        "Paracanthurus hepatus,1,100,180,240",
        "Zebrasoma flavescens,1,75,100,125",
        "Zebrasoma scopas,1,75,100,125",
        "Choerodon fasciatus,1,100,125,175",
        "Elacatinus oceanops,1,5,10,15",
        "Tigrigobius multifasciatus,1,5,10,15",
        "Gobiodon okinawae,1,5,10,15",
        "Cryptocentrus cinctus,1,15,30,40",
        "Amblyeleotris randalli,1,10,20,30",
        "Stonogobiops nematodes,1,10,20,30",
        "Gramma loreto,1,15,30,40",
        "Wetmorella nigropinnata,1,10,15,30",
        "Koumansetta hectori,1,10,20,30",
        "Koumansetta rainfordi,1,15,20,30",
        "Pseudocheilinus hexataenia,1,20,30,55",
        "Chrysiptera cyanea,1,20,30,55",
        "Amphiprion clarkii,1,20,30,55",
        "Chromis viridis,5,30,55,75",
        "Centropyge loricula,1,40,55,75",
        "Centropyge bispinosa,1,40,55,75",
        "Synchiropus splendidus,1,30,55,75"
    })
    void theSchoolsSpanWhatKeepersSay(String species, int count, double bold, double customary, double cautious) {
        Schools litres = Plans.species(species).litresFor(count);
        assertThat(litres.bold()).isEqualTo(Math.rint(Convert.litresFromGallons(bold)));
        assertThat(litres.customary()).isEqualTo(Math.rint(Convert.litresFromGallons(customary)));
        assertThat(litres.cautious()).isEqualTo(Math.rint(Convert.litresFromGallons(cautious)));
    }

    @Test
    void everyLeastVolumeIsASizeThatTanksReallyComeIn() {
        assertThat(Plans.CATALOGUE.all())
                .allSatisfy(s -> assertThat(new double[] {
                            s.room().litres().bold(),
                            s.room().litres().customary(),
                            s.room().litres().cautious()
                        })
                        .as(s.name())
                        .satisfies(figures -> DoubleStream.of(figures)
                                .filter(f -> f < 1137)
                                .forEach(f -> assertThat(GALLONS).contains(Math.round(f)))));
    }
}
