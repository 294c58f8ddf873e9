package pelluna.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.hipparchus.stat.descriptive.moment.Variance;
import org.junit.jupiter.api.Test;
import pelluna.core.losses.KaplanMeier;
import pelluna.core.losses.KaplanMeier.Observed;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;

/** What is known of a simulation beforehand: limits, repeatability, convergence, what makes it better or worse. */
class PlayerTest {
    private static final long SEED = 4;

    private static Plans community() {
        return Plans.sixFeet()
                .resident("Gramma loreto", 1, 6)
                .wish("Zebrasoma flavescens")
                .wish("Nemateleotris magnifica", 2, 3)
                .wish("Pseudocheilinus hexataenia");
    }

    private static Odds odds(Plan plan, Rates rates, int runs) {
        return Player.ofWishes(plan, rates, SEED).play(runs);
    }

    @Test
    void withoutAnyRateEverybodyLives() {
        Odds odds = odds(community().plan(), Rates.none(), 50);
        assertThat(odds.allWell())
                .containsOnlyKeys(1, 6, 24)
                .allSatisfy((m, share) -> assertThat(share).isEqualTo(1));
        assertThat(odds.range().get(24)).isEqualTo(new Odds.Range(1, 1));
        assertThat(odds.fish()).allSatisfy(f -> {
            assertThat(f.lost().values()).containsOnly(0.0);
            assertThat(f.why()).isEmpty();
            assertThat(f.usuallyOn()).isEmpty();
        });
        assertThat(odds.firsts()).containsOnly(Optional.empty());
    }

    @Test
    void oneHazardAloneIsKaplanAndMeiersCurveOfAnExponential() {
        double perDay = 0.002;
        Plan one = Plans.sixFeet()
                .with("cover", "none")
                .resident("Nemateleotris magnifica", 1, 6)
                .plan();
        int jumps = one.residents().get(0).species().jumps();
        assertThat(jumps).as("often").isEqualTo(2);
        Odds odds = odds(one, Rates.none().with(Rate.JUMPS, perDay), 4000);
        List<Observed> lives = new ArrayList<>();
        odds.firsts()
                .forEach(f -> lives.add(new Observed(
                        f.map(x -> (double) one.startOn().until(x.on(), ChronoUnit.DAYS))
                                .orElse((double) Cast.DAYS),
                        f.isPresent())));
        KaplanMeier curve = KaplanMeier.of(lives);
        for (int day : new int[] {30, 183, 365, 729}) {
            double textbook = Math.exp(-perDay * day);
            double error = Math.sqrt(textbook * (1 - textbook) / 4000);
            assertThat(curve.at(day)).as("day %s", day).isCloseTo(textbook, within(3.3 * error + perDay));
        }
        assertThat(odds.fish().get(0).why()).containsOnlyKeys(Fate.JUMPED);
    }

    @Test
    void oldAgeAloneIsGompertzsCurve() {
        Plan one = Plans.sixFeet().resident("Elacatinus oceanops", 1, 2).plan();
        var party = one.residents().get(0);
        double lifespan = party.species().size().lifespanYears();
        double age =
                party.growth().daysUntil(0.05 * party.growth().finalCm(), 2).orElseThrow() / 365.2425;
        double scale = Math.log(2) / (Math.exp(5) - 1);
        double then = age + Cast.DAYS / 365.2425;
        double textbook = Math.exp(-scale * (Math.exp(5 * then / lifespan) - Math.exp(5 * age / lifespan)));
        Odds odds = odds(one, Rates.none().with(Rate.AGES, 1), 4000);
        assertThat(1 - odds.fish().get(0).lost().get(24))
                .isCloseTo(textbook, within(3.3 * Math.sqrt(textbook * (1 - textbook) / 4000) + 0.003));
    }

    @Test
    void theSameSeedIsTheSameAnswerAndAnotherIsNot() {
        Plan plan = community().plan();
        Odds first = odds(plan, Rates.USUAL, 200);
        assertThat(odds(plan, Rates.USUAL, 200)).isEqualTo(first);
        assertThat(Player.ofWishes(plan, Rates.USUAL, SEED + 1).play(200).firsts())
                .isNotEqualTo(first.firsts());
        assertThat(odds(plan, Rates.USUAL, 100).firsts())
                .as("fewer runs are the first of more")
                .isEqualTo(first.firsts().subList(0, 100));
    }

    @Test
    void itOnlyGetsWorseWithTimeAndCausesAddUpToWhatIsLost() {
        Odds odds = odds(community().with("cover", "none").plan(), Rates.USUAL, 400);
        assertThat(odds.allWell().get(1)).isGreaterThanOrEqualTo(odds.allWell().get(6));
        assertThat(odds.allWell().get(6)).isGreaterThanOrEqualTo(odds.allWell().get(24));
        for (Odds.OfFish f : odds.fish()) {
            assertThat(f.lost().get(1)).isLessThanOrEqualTo(f.lost().get(6));
            assertThat(f.why().values().stream().mapToDouble(x -> x).sum())
                    .isCloseTo(f.lost().get(24), within(1e-9));
        }
        for (int months : odds.allWell().keySet()) {
            double well = odds.allWell().get(months);
            assertThat(well)
                    .isBetween(
                            odds.range().get(months).low(),
                            odds.range().get(months).high());
            assertThat(well)
                    .isBetween(
                            odds.chance().get(months).low(),
                            odds.chance().get(months).high());
        }
    }

    @Test
    void whatKeepersCallBetterIsBetter() {
        double asItIs = well(community());
        assertThat(well(community().with("cover", "none"))).as("open").isLessThan(asItIs);
        assertThat(well(community().with("pods", "none").wish("Synchiropus splendidus")))
                .as("a mandarin without pods")
                .isLessThan(well(community().wish("Synchiropus splendidus")));
        assertThat(well(community().with("quarantine", Map.of("places", 0, "school", "none"))))
                .as("without quarantine")
                .isLessThan(well(community()
                        .with("quarantine", Map.of("places", 2, "school", "thirty-days-copper-then-watch"))));
        assertThat(well(community().resident("Balistapus undulatus", 1, 18)))
                .as("a trigger beside them")
                .isLessThan(asItIs / 2);
        assertThat(well(Plans.sixFeet().wish("Gramma loreto"))).isGreaterThan(asItIs);
    }

    private static double well(Plans plans) {
        return odds(plans.plan(), Rates.USUAL, 400).allWell().get(24);
    }

    /** The same luck for both plans: their difference hangs less on chance. How much less goes to docs/model.md. */
    @Test
    void commonChanceShrinksTheVarianceOfADifference() {
        Plan plan = community().plan();
        Plan open = community().with("cover", "partial").plan();
        Player a = Player.ofWishes(plan, Rates.USUAL.certain(), SEED);
        Player b = Player.ofWishes(open, Rates.USUAL.certain(), SEED);
        Player other = Player.ofWishes(open, Rates.USUAL.certain(), SEED + 99);
        int runs = 800;
        double[] one = well(a.play(runs));
        double common = new Variance().evaluate(minus(one, well(b.play(runs))));
        double apart = new Variance().evaluate(minus(one, well(other.play(runs))));
        assertThat(apart / common).as("variance by %s, %s", apart, common).isGreaterThan(2);
    }

    private static double[] well(Odds odds) {
        return odds.firsts().stream().mapToDouble(f -> f.isEmpty() ? 1 : 0).toArray();
    }

    private static double[] minus(double[] a, double[] b) {
        return IntStream.range(0, a.length).mapToDouble(i -> a[i] - b[i]).toArray();
    }

    @Test
    void moreRunsComeNearer() {
        Player player = Player.ofWishes(community().plan(), Rates.USUAL, SEED);
        double best = player.play(4000).allWell().get(6);
        for (int runs : new int[] {100, 400, 1600}) {
            Odds odds = player.play(runs);
            double error = Math.sqrt(best * (1 - best) / runs);
            assertThat(odds.allWell().get(6)).isCloseTo(best, within(3.3 * error));
            Odds.Range chance = odds.chance().get(6);
            assertThat(chance.high() - chance.low())
                    .isCloseTo(2 * 1.96 * error, within(0.15 * 2 * 1.96 * error + 0.01));
        }
    }

    @Test
    void whatIsNotKnownWidensTheRangeAndWhatIsKnownDoesNot() {
        Plan plan = community().with("cover", "none").plan();
        Odds unsure = odds(plan, Rates.USUAL, 2000);
        assertThat(unsure.range().get(24).high() - unsure.range().get(24).low()).isGreaterThan(0.05);
        Odds sure = odds(plan, Rates.USUAL.certain(), 2000);
        assertThat(sure.range().get(24).high() - sure.range().get(24).low())
                .isLessThan(
                        (unsure.range().get(24).high() - unsure.range().get(24).low()) / 2);
    }

    @Test
    void aRunIsToldAsItWasPlayed() {
        Player player = Player.ofWishes(community().with("cover", "none").plan(), Rates.USUAL, SEED);
        Odds odds = player.play(60);
        for (int run = 0; run < 60; run++) {
            List<Happening> told = player.tell(run);
            assertThat(told).isSortedAccordingTo(Comparator.comparing(Happening::on));
            assertThat(told.stream().filter(h -> h.what() instanceof Happening.GoesIn))
                    .as("three wishes")
                    .hasSizeLessThanOrEqualTo(3);
            Optional<Odds.First> first = odds.firsts().get(run);
            Optional<Happening> harm = told.stream()
                    .filter(h -> h.what() instanceof Happening.Lost
                            || h.what() instanceof Happening.LostTo
                            || h.what() instanceof Happening.BadlyHurtBy
                            || h.what() instanceof Happening.BadlyHurt
                            || h.what() instanceof Happening.Outgrows)
                    .findFirst();
            assertThat(harm.map(Happening::on)).isEqualTo(first.map(Odds.First::on));
        }
    }

    @Test
    void itEndsWhenItIsToldTo() {
        AtomicInteger played = new AtomicInteger();
        Odds odds = Player.ofWishes(community().plan(), Rates.USUAL, SEED)
                .play(5000, () -> played.get() >= 10, played::set);
        assertThat(odds.runs()).isBetween(1, 200);
        assertThat(odds.stopped()).isTrue();
        assertThat(odds.firsts()).hasSize(odds.runs());
        assertThatThrownBy(() -> odds(community().plan(), Rates.USUAL, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Rates.USUAL.with(Rate.JUMPS, -1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void nobodyInATankIsWell() {
        Odds odds = odds(Plans.sixFeet().plan(), Rates.USUAL, 10);
        assertThat(odds.allWell()).containsValue(1.0);
        assertThat(odds.fish()).isEmpty();
        assertThat(odds.outOf(20, 6)).isEqualTo(20);
    }

    @Test
    void everyRateSaysWhereItComesFromAndHowFarItMayBeWrong() {
        assertThat(Rate.values()).allSatisfy(r -> {
            assertThat(r.value()).isPositive();
            assertThat(r.spread()).isBetween(0.05, 1.0);
            assertThat(r.source()).isNotNull();
        });
        assertThat(Rate.values()).extracting(Rate::word).doesNotHaveDuplicates();
    }
}
