package pelluna.core.assessment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pelluna.core.capacity.LensKind;
import pelluna.core.capacity.RoomLeft;
import pelluna.core.plan.Party;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Tension;
import pelluna.core.testing.Plans;

class AssessorTest {
    private static Assessment assess(Plans plans) {
        return new Assessor().assess(plans.plan());
    }

    private static Plans mixed() {
        return Plans.sixFeet()
                .resident("Amphiprion ocellaris", 2, 7)
                .resident("Gramma loreto", 1, 6)
                .wish("Zebrasoma flavescens", 1, 5)
                .wish("Zebrasoma scopas", 1, 3)
                .wish("Pomacanthus imperator", 1, 5)
                .wish("Ecsenius midas", 1, 4)
                .wish("Pseudanthias bartlettorum", 2, 4);
    }

    @Test
    void everyWishHasOneVerdictInItsOwnPlace() {
        Assessment a = assess(mixed());
        assertThat(a.sieve()).extracting(v -> v.wish().id()).containsExactly("w0", "w1", "w2", "w3", "w4");
    }

    @Test
    void everyPairIsLookedAtBothWays() {
        Assessment a = assess(mixed());
        int parties = 7;
        assertThat(a.tension()).hasSize(parties * (parties - 1));
        Set<String> pairs = a.tension().stream()
                .map(t -> t.aggressor().id() + ">" + t.target().id())
                .collect(Collectors.toSet());
        assertThat(pairs).hasSize(a.tension().size());
    }

    @Test
    void residentsComeFirstInEveryPair() {
        Assessment a = assess(mixed());
        for (int i = 0; i < a.tension().size(); i += 2) {
            Tension t = a.tension().get(i);
            assertThat(t.aggressor().resident() || !t.target().resident()).isTrue();
        }
    }

    @Test
    void whatTheBestSetTakesIsWhatArrives() {
        Assessment a = assess(mixed());
        List<String> arriving = a.arrivals().steps().stream()
                .flatMap(d -> d.arrival().parties().stream())
                .map(Party::id)
                .sorted()
                .toList();
        assertThat(arriving)
                .isEqualTo(a.bestSet().take().stream().map(Party::id).sorted().toList());
    }

    @Test
    void whatIsLeftOutSaysSoInItsVerdict() {
        Assessment a = assess(mixed());
        a.bestSet().leave().keySet().forEach(wish -> {
            Verdict v = a.sieve().stream()
                    .filter(x -> x.wish().equals(wish))
                    .findFirst()
                    .orElseThrow();
            assertThat(v.outcome()).isEqualTo(Verdict.Outcome.FITS_IF);
            assertThat(v.findings())
                    .anySatisfy(
                            f -> assertThat(f.rule()).isIn(RuleName.COMPANY, RuleName.CAPACITY, RuleName.GROUP_SIZE));
        });
        assertThat(a.bestSet().leave().keySet())
                .extracting(p -> p.species().scientificName())
                .contains("Pseudanthias bartlettorum");
    }

    @Test
    void noWishesAndNobodyHomeIsAnAnswerToo() {
        Assessment a = assess(Plans.sixFeet());
        assertThat(a.sieve()).isEmpty();
        assertThat(a.arrivals().steps()).isEmpty();
        assertThat(a.capacity().left()).isInstanceOfSatisfying(RoomLeft.WhatDecides.class, left -> {
            assertThat(left.binding()).isEqualTo(LensKind.WASTE);
            assertThat(left.over()).isFalse();
            assertThat(left.deciding().all().get(0)).isInstanceOf(RoomLeft.ManyMoreBy.class);
        });
    }

    @Test
    void aTankThatStillCyclesMakesEverybodyWait() {
        Assessment a = assess(Plans.sixFeet()
                .with("cycledOn", Plans.START.plusDays(40).toString())
                .with("quarantine", java.util.Map.of("places", 2, "school", "none"))
                .wish("Gramma loreto"));
        assertThat(a.sieve().get(0).findings())
                .anySatisfy(f -> assertThat(f.rule()).isEqualTo(RuleName.TANK_AGE));
        assertThat(a.arrivals().steps().get(0).releaseOn()).isAfterOrEqualTo(Plans.START.plusDays(40));
    }
}
