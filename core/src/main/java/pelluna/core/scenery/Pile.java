package pelluna.core.scenery;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import pelluna.core.scape.Rock;

/** The stones of a heap, those in front last. */
public final class Pile {
    /** Smallest and largest half of a stone on each turn, cm in a heap of {@link #USUAL_CM}: the large ones first. */
    private static final double[][] SIZES = {{5, 8.4}, {3.4, 5.8}, {2, 3.5}, {1.3, 2.3}};

    private static final double USUAL_CM = 45;
    private static final int TRIES = 170;
    private static final int CORNERS = 11;
    /** How much nearer than side by side stones may lie: the large ones of the first turn, then the others. */
    private static final double[] CLOSE = {0.62, 0.5, 0.5, 0.5};

    private final Rock rock;
    private final Random lot;
    private final double scale;
    private final List<Stone> stones = new ArrayList<>();

    private Pile(Rock rock, long seed) {
        this.rock = rock.at(0);
        this.lot = new Random(seed);
        this.scale = Math.min(
                Math.sqrt(rock.widthCm() * Math.max(1, rock.highestCm())) / USUAL_CM,
                rock.widthCm() / (0.6 * USUAL_CM));
    }

    /** @param seed that of the heap, see {@link Seeds} */
    public static List<Stone> of(Rock rock, long seed) {
        Pile pile = new Pile(rock, seed);
        for (int turn = 0; turn < SIZES.length; turn++) {
            for (int i = 0; i < TRIES; i++) {
                pile.lay(turn);
            }
        }
        return pile.stones.stream()
                .sorted(Comparator.comparingDouble((Stone s) -> s.heightCm() - 0.15 * s.rxCm())
                        .reversed())
                .toList();
    }

    /** The outline of a heap, rounded as its picture is: height above the sand at a place from its left foot, cm. */
    public static double edge(Rock rock, double xCm) {
        double step = rock.widthCm() / (rock.heightsCm().size() + 1) * 0.4;
        Rock heap = rock.at(0);
        return 0.5 * heap.heightAt(xCm) + 0.25 * (heap.heightAt(xCm - step) + heap.heightAt(xCm + step));
    }

    private void lay(int turn) {
        double x = lot.nextDouble() * rock.widthCm();
        double half = scale * between(SIZES[turn][0], SIZES[turn][1]);
        double deep = Math.pow(lot.nextDouble(), 0.8);
        double wide = between(1.02, 1.38);
        double flat = between(0.76, 0.98);
        double top = edge(rock, x) - 0.72 * half;
        double height = top * (1 - deep);
        double beside = Math.min(edge(rock, x - 0.7 * half), edge(rock, x + 0.7 * half));
        if (height + 0.8 * half * flat > beside + 0.06 * half || near(x, height, half, turn)) {
            return;
        }
        List<Double> reach = new ArrayList<>();
        double turned = lot.nextDouble() * 7;
        for (int k = 0; k < CORNERS; k++) {
            double bump = 0.08 * Math.sin(3 * 2 * Math.PI * k / CORNERS + turned);
            reach.add(1 + 0.4 * (lot.nextDouble() - 0.5) + bump);
        }
        stones.add(new Stone(x, height, half * wide, half * flat, reach, lot.nextDouble()));
    }

    private boolean near(double x, double height, double half, int turn) {
        return stones.stream()
                .anyMatch(s ->
                        Math.hypot((s.xCm() - x) / 1.1, s.heightCm() - height) < (s.rxCm() / 1.2 + half) * CLOSE[turn]);
    }

    private double between(double least, double most) {
        return least + (most - least) * lot.nextDouble();
    }
}
