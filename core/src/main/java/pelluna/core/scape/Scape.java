package pelluna.core.scape;

import java.util.ArrayList;
import java.util.List;

/**
 * The reef seen from the front: heaps of rock, hides and the open run, in cm from the left glass and above the floor.
 *
 * @param hides in the order in which they were put in: the next one never takes anything from those before
 */
public record Scape(List<Rock> rocks, List<Hide> hides, Run run) {
    /** A usual pair of heaps, in shares of the tank: left foot, width, heights. Pelluna's judgement. */
    private static final double[][] USUAL = {
        {0.03, 0.38, 0.40, 0.60, 0.64, 0.50, 0.34}, {0.61, 0.35, 0.30, 0.52, 0.58, 0.50, 0.28}
    };
    /** The run lies above the rock, at this share of the height. */
    private static final double RUN_AT = 0.75;

    public Scape {
        rocks = List.copyOf(rocks);
        hides = List.copyOf(hides);
    }

    /**
     * What is drawn until the keeper draws: two heaps if there is rock, hides spread over them, the run in the middle.
     * The
     * places are shares of the glass, so that the same reef in a larger tank lies farther apart.
     */
    public static Scape usual(double lengthCm, double heightCm, double sandCm, boolean rock, int hides, double runCm) {
        List<Rock> rocks = new ArrayList<>();
        if (rock) {
            for (double[] heap : USUAL) {
                List<Double> heights = new ArrayList<>();
                for (int i = 2; i < heap.length; i++) {
                    heights.add(heap[i] * Math.max(0, heightCm - sandCm));
                }
                rocks.add(new Rock(heap[0] * lengthCm, heap[1] * lengthCm, heights));
            }
        }
        Scape scape = new Scape(rocks, List.of(), new Run(Math.max(0, (lengthCm - runCm) / 2), heightCm * RUN_AT));
        return scape.withHides(hides, lengthCm, heightCm, sandCm);
    }

    /** The same reef with so many hides: more are put where hides usually go, fewer leaves out the last. */
    public Scape withHides(int count, double lengthCm, double heightCm, double sandCm) {
        List<Hide> all = new ArrayList<>(hides.subList(0, Math.min(count, hides.size())));
        for (int k = all.size(); k < count; k++) {
            all.add(usualHide(k, lengthCm, heightCm, sandCm));
        }
        return new Scape(rocks, all, run);
    }

    /**
     * The k-th hide, from 0: heap by heap, each time in the middle of the widest gap; beside each other on the sand
     * without rock.
     */
    private Hide usualHide(int k, double lengthCm, double heightCm, double sandCm) {
        if (rocks.isEmpty()) {
            return new Hide(lengthCm * (0.08 + 0.84 * corput(k + 1)), sandCm + 0.04 * (heightCm - sandCm));
        }
        Rock heap = rocks.get(k % rocks.size());
        int nth = k / rocks.size() + 1;
        double x = heap.leftCm() + heap.widthCm() * (0.12 + 0.76 * corput(nth));
        return new Hide(x, sandCm + heap.heightAt(x) * (nth % 2 == 1 ? 0.22 : 0.55));
    }

    /** The sequence 1/2, 1/4, 3/4, 1/8 … of van der Corput (1935): every prefix lies well spread. */
    private static double corput(int n) {
        double share = 0;
        double step = 0.5;
        for (int rest = n; rest > 0; rest /= 2) {
            share += step * (rest % 2);
            step /= 2;
        }
        return share;
    }

    /** Height of the reef above the sand at a place, cm. */
    public double heightAt(double xCm) {
        return rocks.stream().mapToDouble(r -> r.heightAt(xCm)).max().orElse(0);
    }

    public Scape with(int rock, Rock other) {
        List<Rock> all = new ArrayList<>(rocks);
        all.set(rock, other);
        return new Scape(all, hides, run);
    }

    public Scape plus(Hide hide) {
        List<Hide> all = new ArrayList<>(hides);
        all.add(hide);
        return new Scape(rocks, all, run);
    }

    /** The same reef with a heap moved, and the hides in it with it. */
    public Scape moved(int rock, double leftCm) {
        Rock heap = rocks.get(rock);
        double by = leftCm - heap.leftCm();
        List<Hide> all = hides.stream()
                .map(h -> holder(h) == rock ? new Hide(h.xCm() + by, h.heightCm()) : h)
                .toList();
        return new Scape(with(rock, heap.at(leftCm)).rocks, all, run);
    }

    /** The heap that a hide is in, the first if several; −1 if it stands free. */
    public int holder(Hide hide) {
        for (int i = 0; i < rocks.size(); i++) {
            if (hide.xCm() > rocks.get(i).leftCm() && hide.xCm() < rocks.get(i).rightCm()) {
                return i;
            }
        }
        return -1;
    }
}
