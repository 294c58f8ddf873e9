package pelluna.core.odds;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.stat.correlation.SpearmansCorrelation;
import org.junit.jupiter.api.Test;

/** Twenty plans that keepers would rank from safe to hopeless, against their odds: Spearman's rank correlation. */
class KeepersOddsTest {
    private static final int RUNS = 400;
    private static final long SEED = 20;
    private static final double WANTED = 0.85;

    @Test
    void plansStandInTheOrderOfSeasonedKeepers() {
        List<RankedPlan> plans = RankedPlan.all();
        Map<String, Map<Integer, Double>> said = new LinkedHashMap<>();
        double[] bad = plans.stream()
                .mapToDouble(p -> {
                    Odds odds = Player.ofWishes(p.plan(), Rates.USUAL, SEED).play(RUNS);
                    said.put(p.why(), odds.allWell());
                    // Those that nobody comes through whole in two years differ after six months yet.
                    return -odds.allWell().get(Months.ALL) - odds.allWell().get(Months.SIX) / 100;
                })
                .toArray();
        double[] ranks = plans.stream().mapToDouble(RankedPlan::rank).toArray();
        double rho = new SpearmansCorrelation().correlation(ranks, bad);
        assertThat(rho).as("%s", said).isGreaterThanOrEqualTo(WANTED);
    }
}
