package pelluna.core.scenery;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.core.scape.Rock;

class PileTest {
    private static final Rock HEAP = new Rock(10, 57, List.of(20.0, 30.0, 32.0, 25.0, 17.0));

    @Test
    void aHeapLooksTheSameTomorrow() {
        assertThat(Pile.of(HEAP, Seeds.of(0))).isEqualTo(Pile.of(HEAP, Seeds.of(0)));
        assertThat(Pile.of(HEAP, Seeds.of(1))).isNotEqualTo(Pile.of(HEAP, Seeds.of(0)));
    }

    @Test
    void aHeapThatIsMovedTakesItsStonesAlong() {
        assertThat(Pile.of(HEAP.at(60), Seeds.of(0))).isEqualTo(Pile.of(HEAP, Seeds.of(0)));
    }

    @Test
    void itsStonesFillTheOutline() {
        List<Stone> stones = Pile.of(HEAP, Seeds.of(0));
        long points = 0;
        long covered = 0;
        for (double x = 4; x < 53; x += 1) {
            for (double h = 1; h < Pile.edge(HEAP, x) - 3; h += 1) {
                double up = h;
                double at = x;
                points++;
                covered += stones.stream().anyMatch(s -> within(s, at, up)) ? 1 : 0;
            }
        }
        assertThat(points).isGreaterThan(500);
        assertThat((double) covered / points).as("the rest are dark gaps").isGreaterThan(0.85);
    }

    private static boolean within(Stone s, double x, double height) {
        return Math.hypot((x - s.xCm()) / s.rxCm(), (height - s.heightCm()) / s.ryCm()) < 1;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9})
    void noStoneReachesFarOutOfTheOutline(int points) {
        Random lot = new Random(points);
        for (int n = 0; n < 12; n++) {
            List<Double> heights = lot.doubles(points, 2, 80).boxed().toList();
            Rock rock = new Rock(0, 8 + 190 * lot.nextDouble(), heights);
            for (Stone s : Pile.of(rock, Seeds.of(n))) {
                double highest = IntStream.range(0, s.reach().size())
                        .mapToDouble(s::cornerHeight)
                        .max()
                        .orElseThrow();
                assertThat(highest).isLessThan(rock.highestCm() * 1.02 + 0.9 * s.ryCm());
                assertThat(s.xCm()).isBetween(0.0, rock.widthCm());
            }
        }
    }
}
