package pelluna.app.odds;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import pelluna.core.catalogue.Species;
import pelluna.core.odds.Fate;
import pelluna.core.odds.Months;
import pelluna.core.odds.Odds;
import pelluna.core.odds.Remedy;
import pelluna.core.plan.Party;
import pelluna.words.Words;

/** Odds in words and as twenty tanks. */
public final class OddsPage {
    static final int TANKS = 20;
    private static final int FISH_SHOWN = 3;
    private static final int MOST_AT_RISK = 5;
    private static final int MOST_HELPS = 5;
    private static final double WORTH_A_WORD = 0.01;
    private static final double MONTH = 365.2425 / 12;

    private final Play play;
    private final Odds odds;
    private final Words say;

    OddsPage(Play play, Odds odds, Words say) {
        this.play = play;
        this.odds = odds;
        this.say = say;
    }

    /** One of the twenty. @param fish some of it, or whom the mishap met @param mishap what goes wrong first, if any */
    public record OneTank(List<Species> fish, String mishap, String title) {}

    Odds odds() {
        return odds;
    }

    /** One at risk. @param figure as '2 in 20' */
    public record AtRisk(Party party, String name, String why, String figure) {}

    /** What might help. @param figure how many of twenty are well then */
    public record Help(
            String word,
            String says,
            Optional<Species> fish,
            String figure,
            String later,
            boolean gains,
            boolean copper) {}

    /** How many of twenty: '17', 'fewer than 1'; never none or all, for so many runs as that nobody plays. */
    public String of(double share) {
        return of(share, say);
    }

    static String of(double share, Words say) {
        long n = Math.round(share * TANKS);
        return n == 0
                ? say.text("page.odds.fewerThanOne")
                : n == TANKS ? say.text("page.odds.nearlyAll") : Long.toString(n);
    }

    public String well(int months) {
        return of(odds.allWell().get(months));
    }

    public String low(int months) {
        return of(odds.range().get(months).low());
    }

    public String high(int months) {
        return of(odds.range().get(months).high());
    }

    /** Twenty tanks, as many of them well as of all runs; those that are not, as they went in their run. */
    public List<OneTank> tanks() {
        int well = odds.outOf(TANKS, Months.SIX);
        List<Odds.First> firsts = odds.firsts().stream()
                .flatMap(Optional::stream)
                .filter(f -> f.day() < Months.days(Months.SIX))
                .toList();
        List<Species> species =
                odds.fish().stream().map(f -> f.party().species()).distinct().toList();
        List<OneTank> tanks = new ArrayList<>();
        for (int i = 0; i < TANKS; i++) {
            int from = i;
            List<Species> shown = species.isEmpty()
                    ? List.of()
                    : IntStream.range(0, Math.min(FISH_SHOWN, species.size()))
                            .mapToObj(k -> species.get((from + k) % species.size()))
                            .toList();
            // Every so many goes wrong, so that they do not stand in a heap.
            int wrong = (i + 1) * (TANKS - well) / TANKS - i * (TANKS - well) / TANKS;
            tanks.add(
                    wrong == 0 || firsts.isEmpty()
                            ? new OneTank(shown, "", "")
                            : amiss(firsts.get(i * firsts.size() / TANKS)));
        }
        return tanks;
    }

    private OneTank amiss(Odds.First first) {
        String what = first.fate()
                .map(f -> say.of(f, "brief"))
                .orElseGet(() -> first.cramped() ? say.text("page.odds.outgrown") : say.text("page.odds.badlyHurt"));
        return new OneTank(
                List.of(first.fish().species()), what, say.title(first.fish().species()));
    }

    /** Those with the highest risk first. */
    public List<AtRisk> atRisk() {
        return odds.fish().stream()
                .filter(f -> risk(f) >= WORTH_A_WORD)
                .sorted(Comparator.comparingDouble(OddsPage::risk).reversed())
                .limit(MOST_AT_RISK)
                .map(f -> new AtRisk(f.party(), say.title(f.party().species()), why(f), figure(risk(f))))
                .toList();
    }

    private static double risk(Odds.OfFish f) {
        return Math.max(f.lost().get(Months.ALL), f.harmed().get(Months.ALL));
    }

    private String why(Odds.OfFish f) {
        if (f.harmed().get(Months.ALL) > f.lost().get(Months.ALL)) {
            return f.why().getOrDefault(Fate.KILLED, 0.0) > f.why().getOrDefault(Fate.CRAMPED, 0.0)
                    ? say.text("page.odds.badlyHurtOrLost")
                    : say.text("page.odds.itOutgrows");
        }
        Fate mostly = f.why().entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElseThrow();
        int months = (int) Math.max(1, Math.ceil(f.usuallyOn().orElseThrow() / MONTH));
        return f.mostlyBy()
                        .filter(by -> mostly == Fate.KILLED || mostly == Fate.EATEN)
                        .isPresent()
                ? say.text(
                        "page.odds.mostlyBy", say.of(mostly), f.mostlyBy().get().species(), months)
                : say.text("page.odds.mostly", say.of(mostly), months);
    }

    /** '2 in 20', '1 in 40'. */
    private String figure(double share) {
        if (share * TANKS >= 1) {
            return say.text("page.odds.inTwenty", of(share));
        }
        int one = (int) (5 * Math.round(1 / share / 5));
        return say.text("page.odds.oneIn", one);
    }

    /** What might help, best first. */
    public List<Help> helps() {
        return play.tried().stream()
                .limit(MOST_HELPS)
                .map(t -> new Help(
                        t.remedy().word(),
                        say.of(t.remedy()),
                        t.remedy().about().map(Party::species),
                        of(Math.max(0, Math.min(1, t.well6()))),
                        of(Math.max(0, Math.min(1, t.well24()))),
                        t.gain(odds) >= 1.0 / TANKS,
                        t.remedy() instanceof Remedy.Quarantined q && q.school().copper()))
                .toList();
    }

    /** A run of the first so many like most: as many are lost in it as in the middle one. */
    int typical(int runs) {
        List<Integer> lost = odds.lost().subList(0, Math.min(runs, odds.lost().size()));
        int middle = lost.stream().sorted().toList().get(lost.size() / 2);
        return lost.indexOf(middle);
    }

    /** The run of the first so many in which most are lost. */
    int worst(int runs) {
        return IntStream.range(0, runs)
                .boxed()
                .max(Comparator.comparing((Integer r) -> odds.lost().get(r))
                        .thenComparing(
                                r -> odds.firsts().get(r).map(f -> -f.day()).orElse(Integer.MIN_VALUE)))
                .orElse(0);
    }
}
