package pelluna.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class NitrogenCycleTest {
    private static final double WARM = 25.5;
    private static final NitrogenCycle CYCLE = new NitrogenCycle(WARM, 0);

    private static double nitrogen(FilterState s) {
        return s.ammonia() + s.nitrite() + s.nitrate();
    }

    private static double peak(FilterState from, double load, int days) {
        double most = 0;
        FilterState s = from;
        for (int day = 0; day < days; day++) {
            s = CYCLE.dayAfter(s, load);
            most = Math.max(most, s.ammonia());
        }
        return most;
    }

    @Test
    void nitrogenIsNeitherMadeNorLost() {
        FilterState s = FilterState.settled(0.1, WARM);
        double before = nitrogen(s);
        for (int day = 0; day < 30; day++) {
            s = CYCLE.dayAfter(s, 0.3);
        }
        assertThat(nitrogen(s)).isCloseTo(before + 30 * 0.3, within(1e-4));
    }

    @Test
    void aSettledTankStaysWhereItIsAndReadsNextToNothing() {
        FilterState settled = FilterState.settled(0.25, WARM);
        FilterState later = settled;
        for (int day = 0; day < 60; day++) {
            later = CYCLE.dayAfter(later, 0.25);
        }
        assertThat(later.onAmmonia()).isCloseTo(settled.onAmmonia(), within(1e-3 * settled.onAmmonia()));
        assertThat(later.ammonia())
                .isCloseTo(settled.ammonia(), within(1e-3))
                .isLessThan(0.1); // common practice: undetectable by drop tests
    }

    @Test
    void aNewTankCyclesInFourToSixWeeksAmmoniaFirst() {
        FilterState s = FilterState.seeded(2);
        int ammoniaGone = 0;
        int nitriteGone = 0;
        for (int day = 1; day <= 80 && nitriteGone == 0; day++) {
            s = CYCLE.dayAfter(s, NitrogenCycle.BASE_LOAD);
            ammoniaGone = ammoniaGone == 0 && s.ammonia() < 0.1 ? day : ammoniaGone;
            nitriteGone = ammoniaGone > 0 && s.nitrite() < 0.1 ? day : nitriteGone;
        }
        assertThat(ammoniaGone).isPositive().isLessThan(nitriteGone);
        assertThat(nitriteGone).isBetween(28, 50); // common practice: four to six weeks
    }

    @Test
    void aThirdMoreIsCarriedAndTwiceTheFishFedHalfAsMuchAgainAreNot() {
        FilterState settled = FilterState.settled(0.15, WARM);
        double toxic = Ammonia.toxicShare(8.2, WARM, 35);
        assertThat(peak(settled, 0.2, 20)).isGreaterThan(peak(settled, 0.15, 20));
        assertThat(peak(settled, 0.2, 20) * toxic).isLessThan(Ammonia.SAFE_TOXIC);
        // common practice: as many fish as a tank already holds, at once, and feeding goes up as well, is what kills
        assertThat(peak(settled, 2 * 1.5 * 0.15, 20) * toxic).isGreaterThan(Ammonia.SAFE_TOXIC);
        assertThat(peak(settled, 1.2, 20)).isGreaterThan(2 * peak(settled, 0.45, 20));
    }

    @Test
    void whatIsCarriedIsTheLoadAtWhichAmmoniaStandsStill() {
        FilterState settled = FilterState.settled(0.2, WARM);
        double level = 0.25;
        double load = CYCLE.carried(settled, level);
        assertThat(load)
                .isCloseTo(0.2 * Nitrifiers.ofAmmonia(WARM).reserve(level), within(1e-9))
                .isGreaterThan(0.2);
        FilterState soon = settled.withAmmonia(level);
        assertThat(Nitrifiers.ofAmmonia(WARM).rate(soon.onAmmonia(), soon.ammonia()))
                .isCloseTo(load, within(1e-12));
    }

    @Test
    void withoutFishAFilterFallsAsleep() {
        FilterState s = FilterState.settled(0.25, WARM);
        double awake = CYCLE.carried(s, 0.25);
        for (int day = 0; day < 76; day++) {
            s = CYCLE.dayAfter(s, NitrogenCycle.BASE_LOAD);
        }
        assertThat(CYCLE.carried(s, 0.25)).isLessThan(0.2 * awake);
        assertThat(CYCLE.carried(s, 0.25)).isGreaterThan(NitrogenCycle.BASE_LOAD);
    }

    @Test
    void colderBacteriaWorkMoreSlowly() {
        assertThat(Nitrifiers.ofAmmonia(22).growth())
                .isLessThan(Nitrifiers.ofAmmonia(27).growth());
        assertThat(Nitrifiers.ofNitrite(20))
                .isEqualTo(new Nitrifiers(
                        0.083,
                        0.25 * 0.81,
                        0.05,
                        0.11)); // Rittmann & McCarty at 20 °C, from memory; a quarter of the growth
    }
}
