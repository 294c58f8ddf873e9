package pelluna.core.scenery;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pelluna.core.scape.Rock;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankDraft;
import pelluna.core.tank.TankShape;

class DressingTest {
    private static Tank tank(Set<ReefLife> keeps, double rockKg) {
        TankDraft draft = new TankDraft();
        draft.shape = TankShape.BOX;
        draft.lengthCm = 150.0;
        draft.widthCm = 60.0;
        draft.waterHeightCm = 52.0;
        draft.rockKg = rockKg;
        draft.sandDepthCm = 3.0;
        draft.hides = 6;
        draft.keeps = keeps;
        return draft.on(LocalDate.of(2026, 11, 28));
    }

    private static List<Standing> all(Tank tank) {
        Dressing dressing = new Dressing(tank);
        return Stream.concat(
                        IntStream.range(0, tank.scape().rocks().size())
                                .mapToObj(dressing::heap)
                                .flatMap(List::stream),
                        dressing.sand().stream())
                .toList();
    }

    @ParameterizedTest
    @EnumSource(ReefLife.class)
    void whatATankKeepsIsSeenAndNothingElse(ReefLife life) {
        List<Standing> there = all(tank(EnumSet.of(life), 50));
        assertThat(there).isNotEmpty();
        assertThat(there).allMatch(s -> s.form().of() == life);
    }

    @Test
    void aTankThatKeepsNothingHasNothingOnItsRock() {
        assertThat(all(tank(Set.of(), 50))).isEmpty();
    }

    @Test
    void coralsStandOnRockAlone() {
        Set<LifeForm> without = all(tank(EnumSet.allOf(ReefLife.class), 0)).stream()
                .map(Standing::form)
                .collect(Collectors.toSet());
        assertThat(without).isNotEmpty().allMatch(LifeForm::onSand);
    }

    @Test
    void nothingStandsBeforeACaveNorOutOfTheWaterNorOnSomethingElse() {
        Tank tank = tank(EnumSet.allOf(ReefLife.class), 50);
        Dressing dressing = new Dressing(tank);
        for (int i = 0; i < tank.scape().rocks().size(); i++) {
            Rock rock = tank.scape().rocks().get(i);
            List<Standing> there = dressing.heap(i);
            assertThat(there).hasSizeGreaterThan(6);
            for (Standing s : there) {
                double x = rock.leftCm() + s.xCm();
                assertThat(tank.scape().hides())
                        .noneMatch(h -> Math.abs(h.xCm() - x) < s.sizeCm() / 2
                                && h.heightCm() - 3 > s.heightCm()
                                && h.heightCm() - 3 < s.heightCm() + s.sizeCm());
                assertThat(s.heightCm() + s.sizeCm()).isLessThanOrEqualTo(49);
                assertThat(s.heightCm()).isLessThanOrEqualTo(Pile.edge(rock, s.xCm()) + 1e-9);
                assertThat(there.stream().filter(o -> o != s))
                        .noneMatch(o -> Math.hypot(o.xCm() - s.xCm(), o.heightCm() - s.heightCm())
                                < 0.5 * (o.sizeCm() + s.sizeCm()));
            }
        }
    }

    @Test
    void oneKindMoreMovesNoneOfTheOthersButWhereTheyWouldMeet() {
        List<Standing> corals = all(tank(EnumSet.of(ReefLife.SMALL_POLYP_CORALS), 50));
        List<Standing> more = all(tank(EnumSet.of(ReefLife.SMALL_POLYP_CORALS, ReefLife.SPONGES), 50));
        assertThat(new HashSet<>(more)).containsAll(corals);
    }
}
