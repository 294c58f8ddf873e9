package pelluna.core.behaviour;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Standing over time as Elo ratings: all begin at 1000, and each contest moves k · (1 − p) points from loser to
 * winner, with
 * p = 1 ÷ (1 + 10^((loser − winner) ÷ 400)) the chance that was given to it (Elo 1978; for animals Neumann et al.
 * 2011, from
 * memory). k = 40 a contest is Pelluna's judgement. For a line over time; the order itself is David's score.
 */
public final class Elo {
    public static final double START = 1000;
    private static final double K = 40;
    private static final double SCALE = 400;

    private Elo() {}

    /** Ratings after a contest. */
    public record Point(int contest, Map<String, Double> ratings) {
        public Point {
            ratings = Map.copyOf(ratings);
        }
    }

    /** @param won contests in the order in which they happened, each once. @return one point each */
    public static List<Point> course(List<Contests.Won> won) {
        Map<String, Double> now = new LinkedHashMap<>();
        List<Point> course = new ArrayList<>();
        for (int i = 0; i < won.size(); i++) {
            Contests.Won w = won.get(i);
            double winner = now.getOrDefault(w.winner(), START);
            double loser = now.getOrDefault(w.loser(), START);
            double chance = 1 / (1 + Math.pow(10, (loser - winner) / SCALE));
            now.put(w.winner(), winner + K * (1 - chance));
            now.put(w.loser(), loser - K * (1 - chance));
            course.add(new Point(i + 1, now));
        }
        return course;
    }
}
