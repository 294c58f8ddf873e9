package pelluna.core.arrivals;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import pelluna.core.units.Stop;

/** Held against every choice there is. */
class PackingSearchTest {
    private static final int THINGS = 12;

    @Test
    void noChoiceIsWorthMore() {
        for (int seed = 0; seed < 300; seed++) {
            Packing p = any(new Random(seed));
            PackingSearch search = new PackingSearch(p, 10_000, Stop.NEVER);
            BitSet found = search.solve(new BitSet(), 0);
            assertThat(search.proved()).isTrue();
            assertThat(canBe(p, found)).isTrue();
            assertThat(search.value()).as("seed %d", seed).isEqualTo(worth(p, found));
            assertThat(search.value()).as("seed %d", seed).isEqualTo(best(p));
        }
    }

    @Test
    void norDoesAnyCostLessThatMeetsADemand() {
        for (int seed = 0; seed < 300; seed++) {
            Packing rich = any(new Random(seed));
            PackingSearch first = new PackingSearch(rich, 10_000, Stop.NEVER);
            BitSet known = first.solve(new BitSet(), 0);
            Packing p = demanding(rich, first.value(), new Random(seed));
            PackingSearch search = new PackingSearch(p, 10_000, Stop.NEVER);
            BitSet found = search.solve(known, worth(p, known));
            assertThat(search.proved()).isTrue();
            assertThat(canBe(p, found)).isTrue();
            assertThat(search.value()).as("seed %d", seed).isCloseTo(best(p), within());
        }
    }

    @Test
    void aSearchThatIsEndedKeepsWhatItHas() {
        Packing p = any(new Random(1));
        PackingSearch search = new PackingSearch(p, 1, Stop.NEVER);
        assertThat(canBe(p, search.solve(new BitSet(), 0))).isTrue();
        assertThat(search.proved()).isFalse();
    }

    private static Offset<Double> within() {
        return Offset.offset(1e-8);
    }

    private static Packing any(Random random) {
        double[] value = random.ints(THINGS, 1, 6).mapToDouble(w -> w * w).toArray();
        double[][] takes = new double[THINGS][4];
        for (double[] t : takes) {
            Arrays.setAll(t, k -> random.nextBoolean() ? random.nextDouble() / 2 : 0);
        }
        BitSet[] against = new BitSet[THINGS];
        Arrays.setAll(against, i -> new BitSet());
        for (int k = 0; k < THINGS; k++) {
            int i = random.nextInt(THINGS);
            int j = random.nextInt(THINGS);
            against[i].set(j, i != j);
            against[j].set(i, i != j);
        }
        return new Packing(value, takes, new double[] {1, random.nextDouble(), 0.8, 0}, against, true);
    }

    private static Packing demanding(Packing of, double worth, Random random) {
        double[] value = random.doubles(THINGS, -1, -0.01).toArray();
        double[][] takes = new double[THINGS][];
        for (int i = 0; i < THINGS; i++) {
            takes[i] = Arrays.copyOf(of.takes()[i], of.left().length + 1);
            takes[i][of.left().length] = -of.value()[i];
        }
        double[] left = Arrays.copyOf(of.left(), of.left().length + 1);
        left[of.left().length] = -worth;
        return new Packing(value, takes, left, of.against(), false);
    }

    private static double best(Packing p) {
        double best = Double.NEGATIVE_INFINITY;
        for (long set = 0; set < 1 << THINGS; set++) {
            BitSet chosen = BitSet.valueOf(new long[] {set});
            if (canBe(p, chosen)) {
                best = Math.max(best, worth(p, chosen));
            }
        }
        return best;
    }

    private static double worth(Packing p, BitSet chosen) {
        return chosen.stream().mapToDouble(i -> p.value()[i]).sum();
    }

    private static boolean canBe(Packing p, BitSet chosen) {
        double[] left = p.left();
        for (int i = chosen.nextSetBit(0); i >= 0; i = chosen.nextSetBit(i + 1)) {
            if (!p.holds(i, left) || p.against()[i].intersects(chosen)) {
                return false;
            }
            left = p.left(left, i);
        }
        return Packing.met(left);
    }
}
