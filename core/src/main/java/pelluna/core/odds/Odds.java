package pelluna.core.odds;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.plan.Party;

/**
 * How often a plan goes well. All shares are 0 to 1, by months after the plan's start ({@link Months}). Odds, not
 * promises: they are as good as the rates behind them ({@link Rate}).
 *
 * @param runs    that were played
 * @param seed    of their chance: the same seed gives the same odds
 * @param allWell share of runs in which everybody is alive, unharmed and has room
 * @param range   the same as far as the rates are not known: eight in ten of what they may be lie between
 * @param chance  how far the share may be off because only so many runs were played: 95 in 100
 * @param fish    of each party, in the order in which they come
 * @param firsts  by run, what first went wrong; empty of a run that went well
 * @param lost    by run, how many fish are lost
 * @param stopped whether it was ended before all runs were played
 */
public record Odds(
        int runs,
        long seed,
        Map<Integer, Double> allWell,
        Map<Integer, Range> range,
        Map<Integer, Range> chance,
        List<OfFish> fish,
        List<Optional<First>> firsts,
        List<Integer> lost,
        boolean stopped) {
    public Odds {
        fish = List.copyOf(fish);
        firsts = List.copyOf(firsts);
        lost = List.copyOf(lost);
    }

    public record Range(double low, double high) {}

    /**
     * One party. A group's shares are those of one of its fish.
     *
     * @param lost     share of runs in which it is lost
     * @param harmed   in which it is badly hurt or outgrows the tank, lost or not
     * @param why      how it is lost within two years; adds up to {@code lost} then
     * @param mostlyBy who else kills or eats it most often
     * @param takes    how many others it kills or eats in a run, on average
     * @param usuallyOn day of the plan by which half of those are lost that are lost within two years
     */
    public record OfFish(
            Party party,
            Map<Integer, Double> lost,
            Map<Integer, Double> harmed,
            Map<Fate, Double> why,
            Optional<Party> mostlyBy,
            double takes,
            Optional<Integer> usuallyOn) {}

    /** What goes wrong first in a run. @param day of the plan @param fate empty if it was harmed and lives */
    public record First(int day, LocalDate on, Party fish, Optional<Fate> fate, boolean cramped) {}

    /** Share of the first so many runs in which all were well after so many months; of all, where there are fewer. */
    public double wellIn(int some, int months) {
        List<Optional<First>> first = firsts.subList(0, Math.min(some, firsts.size()));
        return (double) first.stream()
                        .filter(f -> f.map(x -> x.day() >= Months.days(months)).orElse(true))
                        .count()
                / first.size();
    }

    /** Out of so many tanks, how many, rounded. */
    public int outOf(int tanks, int months) {
        return (int) Math.round(allWell.get(months) * tanks);
    }
}
