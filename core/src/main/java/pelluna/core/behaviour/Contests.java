package pelluna.core.behaviour;

import java.util.ArrayList;
import java.util.List;

/**
 * Who has won against whom how often: chased, nipped, kept from food. Immutable.
 *
 * @param fish who took part, in any order
 * @param wins wins[i][j] of fish i over fish j, 0 or more; nobody wins over itself
 */
public record Contests(List<String> fish, double[][] wins) {
    /** @throws IllegalArgumentException if the matrix is not square, or holds what is no count */
    public Contests {
        fish = List.copyOf(fish);
        if (wins.length != fish.size()) {
            throw new IllegalArgumentException(fish.size() + " fish, but " + wins.length + " rows");
        }
        double[][] copy = new double[wins.length][];
        for (int i = 0; i < wins.length; i++) {
            if (wins[i].length != wins.length || wins[i][i] != 0) {
                throw new IllegalArgumentException("the matrix must be square, with nothing on its diagonal");
            }
            for (double n : wins[i]) {
                if (!(n >= 0) || Double.isInfinite(n)) {
                    throw new IllegalArgumentException("no count of wins: " + n);
                }
            }
            copy[i] = wins[i].clone();
        }
        wins = copy;
    }

    /** One over another so many times. */
    public record Won(String winner, String loser, double times) {}

    /** Counted up; fish in the order in which they come up. */
    public static Contests of(List<Won> won) {
        List<String> fish = new ArrayList<>();
        for (Won w : won) {
            for (String one : List.of(w.winner(), w.loser())) {
                if (!fish.contains(one)) {
                    fish.add(one);
                }
            }
        }
        double[][] wins = new double[fish.size()][fish.size()];
        for (Won w : won) {
            if (!w.winner().equals(w.loser())) {
                wins[fish.indexOf(w.winner())][fish.indexOf(w.loser())] += w.times();
            }
        }
        return new Contests(fish, wins);
    }

    @Override
    public double[][] wins() {
        double[][] copy = new double[wins.length][];
        for (int i = 0; i < wins.length; i++) {
            copy[i] = wins[i].clone();
        }
        return copy;
    }

    public int size() {
        return fish.size();
    }

    /** Contests between two, either way round. */
    public double between(int i, int j) {
        return wins[i][j] + wins[j][i];
    }

    public double won(int i, int j) {
        return wins[i][j];
    }

    /** All contests of one fish. */
    public double of(int i) {
        double sum = 0;
        for (int j = 0; j < size(); j++) {
            sum += between(i, j);
        }
        return sum;
    }

    public double total() {
        double sum = 0;
        for (double[] row : wins) {
            for (double n : row) {
                sum += n;
            }
        }
        return sum;
    }

    /**
     * Share of pairs that never met, 0 to 1; 0 with fewer than two fish. The more of them, the less a standing says.
     */
    public double unknownPairs() {
        int pairs = size() * (size() - 1) / 2;
        int unknown = 0;
        for (int i = 0; i < size(); i++) {
            for (int j = i + 1; j < size(); j++) {
                unknown += between(i, j) == 0 ? 1 : 0;
            }
        }
        return pairs == 0 ? 0 : (double) unknown / pairs;
    }
}
