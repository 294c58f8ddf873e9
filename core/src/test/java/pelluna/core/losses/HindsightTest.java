package pelluna.core.losses;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pelluna.core.losses.Calibration.Bin;
import pelluna.core.losses.Calibration.Pair;
import pelluna.core.losses.Hindsight.Seen;
import pelluna.core.losses.Hindsight.Tally;
import pelluna.core.sieve.RuleName;
import pelluna.core.units.Named;
import pelluna.core.units.Step;

class HindsightTest {
    @Test
    void saidAndHappenedSaidAndNotNotSaidAndHappened() {
        List<Seen> all = List.of(
                new Seen(Topic.JUMPING, true, true),
                new Seen(Topic.JUMPING, true, true),
                new Seen(Topic.JUMPING, true, false),
                new Seen(Topic.JUMPING, false, true),
                new Seen(Topic.JUMPING, false, false),
                new Seen(Topic.ILLNESS, false, true));
        Tally jumping = Hindsight.tallied(all).stream()
                .filter(t -> t.topic() == Topic.JUMPING)
                .findFirst()
                .orElseThrow();
        assertThat(jumping).isEqualTo(new Tally(Topic.JUMPING, 2, 1, 1, 1));
        assertThat(jumping.arrivals()).isEqualTo(5);
        assertThat(jumping.cameTrue().hits()).isEqualTo(2);
        assertThat(jumping.cameTrue().of()).isEqualTo(3);
        assertThat(jumping.foretold().of()).isEqualTo(3);
        assertThat(Hindsight.tallied(all)).extracting(Tally::topic).containsExactly(Topic.values());
        assertThat(Hindsight.tallied(all).stream()
                        .filter(t -> t.topic() == Topic.EATEN)
                        .findFirst()
                        .orElseThrow()
                        .arrivals())
                .isZero();
    }

    @Test
    void rulesHaveTheirTopicsAndRoomHasNone() {
        assertThat(Topic.of("tension", "")).contains(Topic.FIGHTING);
        assertThat(Topic.of(RuleName.COMPANY.word(), "")).contains(Topic.FIGHTING);
        assertThat(Topic.of(RuleName.COVER.word(), "")).contains(Topic.JUMPING);
        assertThat(Topic.of("eaten", "")).contains(Topic.EATEN);
        assertThat(Topic.of("eaten", "shrimp")).contains(Topic.REEF_LIFE);
        assertThat(Topic.of(RuleName.PODS.word(), "some")).contains(Topic.FEEDING);
        assertThat(Topic.of(RuleName.QUARANTINE.word(), "none")).contains(Topic.ILLNESS);
        assertThat(Topic.of("lens", "waste")).contains(Topic.WATER);
        assertThat(Topic.of("lens", "room")).isEmpty();
        assertThat(Topic.of(RuleName.LEAST_RUN.word(), "")).isEmpty();
        assertThat(Topic.of("no such rule", "")).isEmpty();
    }

    @Test
    void aCauseThatAPlanCouldHaveToldHasATopicTooAndTheyMeet() {
        assertThat(Topic.of(Cause.JUMPED)).contains(Topic.JUMPING);
        assertThat(Topic.of(Cause.KILLED)).contains(Topic.FIGHTING);
        assertThat(Topic.of(Cause.OLD_AGE)).isEqualTo(Optional.empty());
        assertThat(Topic.of(Cause.EQUIPMENT)).isEmpty();
        for (Cause c : Cause.values()) {
            Topic.of(c)
                    .ifPresent(
                            t -> assertThat(Named.find(Topic.class, t.word())).contains(t));
        }
    }

    @Test
    void ofPairsAtEachStepHowManyFought() {
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            pairs.add(new Pair(12, Step.CALM, 2, i < 2 ? 1 : 0, false));
            pairs.add(new Pair(60, Step.CHOP, 1.5, i < 7 ? 4 : 0, i < 3));
        }
        pairs.add(new Pair(60, Step.CHOP, 0, 0, false));
        List<Bin> bins = Calibration.of(pairs);
        assertThat(bins).extracting(Bin::step).containsExactly(Step.values());
        Bin chop = bins.get(Step.CHOP.ordinal());
        assertThat(chop.fought()).isEqualTo(Share.of(7, 10));
        assertThat(chop.hard()).isEqualTo(Share.of(3, 10));
        assertThat(chop.unwatched()).isEqualTo(1);
        assertThat(chop.hours()).isEqualTo(15);
        assertThat(FisherExact.p(7, 10, 2, 10)).isCloseTo(0.0698, within(1e-4));
        assertThat(Calibration.trend(bins)).isEqualTo(new InCommon.Contested(7, 10, 2, 10, true, true));
    }

    private static List<Pair> pairs(Step step, int fought, int of) {
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < of; i++) {
            pairs.add(new Pair(50, step, 1, i < fought ? 2 : 0, false));
        }
        return pairs;
    }

    private static InCommon trend(List<Pair> above, List<Pair> below) {
        List<Pair> all = new ArrayList<>(above);
        all.addAll(below);
        return Calibration.trend(Calibration.of(all));
    }

    @Test
    void aDifferenceIsCalledOneOnlyIfItIsHardToPutDownToChance() {
        assertThat(trend(pairs(Step.SURGE, 18, 20), pairs(Step.RIPPLE, 4, 20)))
                .isEqualTo(new InCommon.Contested(18, 20, 4, 20, false, true));
        assertThat(trend(pairs(Step.CHOP, 2, 20), pairs(Step.CALM, 18, 20)))
                .isEqualTo(new InCommon.Contested(2, 20, 18, 20, false, false));
        assertThat(trend(pairs(Step.CHOP, 1, 1), pairs(Step.CALM, 7, 18)))
                .isEqualTo(new InCommon.Contested(1, 1, 7, 18, true, true));
        assertThat(trend(pairs(Step.CHOP, 0, 9), pairs(Step.CALM, 0, 9)))
                .as("as many is not more")
                .isEqualTo(new InCommon.Contested(0, 9, 0, 9, true, false));
    }

    @Test
    void oneSideAloneIsNothing() {
        assertThat(trend(pairs(Step.CHOP, 3, 5), List.of())).isEqualTo(new InCommon.NotEnoughWatched());
        assertThat(trend(List.of(), pairs(Step.CALM, 3, 5))).isEqualTo(new InCommon.NotEnoughWatched());
        assertThat(Calibration.trend(Calibration.of(List.of()))).isEqualTo(new InCommon.NotEnoughWatched());
    }
}
