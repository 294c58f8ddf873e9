package pelluna.core.scape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class ScapeTest {
    private static final Rock HEAP = new Rock(10, 40, List.of(20.0, 30.0, 10.0));

    @Test
    void theOutlineRunsStraightBetweenItsPointsAndIsZeroAtItsFeet() {
        assertThat(HEAP.heightAt(10)).isZero();
        assertThat(HEAP.heightAt(20)).isEqualTo(20);
        assertThat(HEAP.heightAt(25)).isCloseTo(25, within(1e-9));
        assertThat(HEAP.heightAt(50)).isZero();
        assertThat(HEAP.heightAt(5)).isZero();
        assertThat(HEAP.xOf(1)).isEqualTo(30);
        assertThat(HEAP.highestCm()).isEqualTo(30);
    }

    @Test
    void aHeapTakesItsHidesAlongAndLeavesTheOthers() {
        Scape scape = new Scape(List.of(HEAP), List.of(new Hide(20, 8), new Hide(90, 4)), new Run(0, 40));
        Scape moved = scape.moved(0, 25);
        assertThat(moved.rocks().get(0).leftCm()).isEqualTo(25);
        assertThat(moved.hides()).containsExactly(new Hide(35, 8), new Hide(90, 4));
        assertThat(scape.holder(new Hide(90, 4))).isEqualTo(-1);
    }

    @Test
    void oneHideMoreLeavesThoseBeforeWhereTheyWere() {
        for (int n = 0; n < 15; n++) {
            Scape fewer = Scape.usual(150, 52, 3, true, n, 150);
            Scape more = Scape.usual(150, 52, 3, true, n + 1, 150);
            assertThat(more.hides()).hasSize(n + 1);
            assertThat(more.hides().subList(0, n)).isEqualTo(fewer.hides());
            assertThat(fewer.withHides(n + 1, 150, 52, 3)).isEqualTo(more);
        }
    }

    @Test
    void hidesLieInTheRockAndOnTheSandWhereThereIsNone() {
        Scape reef = Scape.usual(150, 52, 3, true, 8, 150);
        assertThat(reef.hides()).allSatisfy(h -> {
            assertThat(reef.holder(h)).isNotNegative();
            assertThat(h.heightCm()).isBetween(3.0, 3 + reef.heightAt(h.xCm()));
        });
        Scape bare = Scape.usual(60, 30, 0, false, 3, 60);
        assertThat(bare.rocks()).isEmpty();
        assertThat(bare.hides())
                .hasSize(3)
                .allSatisfy(h -> assertThat(h.xCm()).isBetween(0.0, 60.0))
                .doesNotHaveDuplicates();
    }

    @Test
    void theUsualReefKeepsItsSharesInALargerTank() {
        Scape small = Scape.usual(100, 50, 0, true, 4, 100);
        Scape large = Scape.usual(200, 100, 0, true, 4, 200);
        for (int i = 0; i < small.rocks().size(); i++) {
            assertThat(large.rocks().get(i).leftCm())
                    .isCloseTo(2 * small.rocks().get(i).leftCm(), within(1e-9));
            assertThat(large.rocks().get(i).highestCm())
                    .isCloseTo(2 * small.rocks().get(i).highestCm(), within(1e-9));
        }
    }

    @Test
    void aHeapWithoutWidthOrPointsIsNone() {
        assertThatThrownBy(() -> new Rock(0, 0, List.of(1.0))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Rock(0, 10, List.of())).isInstanceOf(IllegalArgumentException.class);
    }
}
