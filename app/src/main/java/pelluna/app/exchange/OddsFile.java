package pelluna.app.exchange;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import pelluna.core.odds.Fate;
import pelluna.core.odds.Odds;
import pelluna.core.units.Rounding;

/**
 * Odds in their open format; fields as docs/plan-file.md has them. Months are keys, shares are 0 to 1 with four
 * decimals.
 */
public record OddsFile(
        int pelluna,
        int runs,
        long seed,
        Map<Integer, Double> allWell,
        Map<Integer, List<Double>> range,
        Map<Integer, List<Double>> chance,
        List<FishPart> perFish) {
    private static final int FORMAT = 1;
    private static final int DECIMALS = 4;

    record FishPart(
            String species,
            int count,
            Map<Integer, Double> lost,
            Map<Integer, Double> harmed,
            Map<String, Double> why) {}

    public static OddsFile of(Odds odds) {
        return new OddsFile(
                FORMAT,
                odds.runs(),
                odds.seed(),
                shares(odds.allWell()),
                ranges(odds.range()),
                ranges(odds.chance()),
                odds.fish().stream().map(OddsFile::fish).toList());
    }

    private static FishPart fish(Odds.OfFish f) {
        Map<String, Double> why = new TreeMap<>();
        for (Fate fate : f.why().keySet()) {
            why.put(fate.word(), share(f.why().get(fate)));
        }
        return new FishPart(
                f.party().species().scientificName(), f.party().count(), shares(f.lost()), shares(f.harmed()), why);
    }

    private static Map<Integer, Double> shares(Map<Integer, Double> shares) {
        return each(shares, OddsFile::share);
    }

    private static Map<Integer, List<Double>> ranges(Map<Integer, Odds.Range> ranges) {
        return each(ranges, r -> List.of(share(r.low()), share(r.high())));
    }

    private static double share(double share) {
        return Rounding.to(DECIMALS, share);
    }

    private static <A, B> Map<Integer, B> each(Map<Integer, A> of, Function<A, B> how) {
        Map<Integer, B> each = new TreeMap<>();
        of.forEach((months, a) -> each.put(months, how.apply(a)));
        return each;
    }
}
