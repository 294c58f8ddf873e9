package pelluna.app.reefscape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import pelluna.app.account.NoSuchTankException;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Scape;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankDraft;

class MovesTest {
    private static final Tank TANK = tank();

    private static Tank tank() {
        TankDraft draft = new TankDraft();
        draft.lengthCm = 150.0;
        draft.widthCm = 60.0;
        draft.waterHeightCm = 52.0;
        draft.rockKg = 50.0;
        draft.hides = 6;
        return draft.on(LocalDate.of(2027, 3, 1));
    }

    private static double left(Scape s) {
        return s.rocks().get(0).leftCm();
    }

    @Test
    void aHeapGoesWhereItIsPulledButNotThroughTheGlass() {
        double was = left(TANK.scape());
        assertThat(left(Moves.move(TANK, "rock", "0", 10, 0).scape())).isCloseTo(was + 10, within(1e-9));
        assertThat(left(Moves.move(TANK, "rock", "0", -1e6, 0).scape())).isZero();
        assertThat(Moves.move(TANK, "rock", "0", 1e6, 0).scape().rocks().get(0).rightCm())
                .isCloseTo(150, within(1e-9));
        assertThat(left(Moves.move(TANK, "rock", "0", Double.NaN, 0).scape())).isZero();
    }

    @Test
    void aPointOfTheOutlineGoesUpToTheSurfaceAndDownToTheSand() {
        Rock up = Moves.move(TANK, "point", "1.2", 0, 500).scape().rocks().get(1);
        assertThat(up.heightsCm().get(2)).isEqualTo(52);
        assertThat(Moves.move(TANK, "point", "1.2", 0, -500)
                        .scape()
                        .rocks()
                        .get(1)
                        .heightsCm()
                        .get(2))
                .isZero();
        assertThat(Moves.move(TANK, "foot", "0", 12, 0).scape().rocks().get(0).widthCm())
                .isCloseTo(TANK.scape().rocks().get(0).widthCm() + 12, within(1e-9));
    }

    @Test
    void aHideAndTheRunGoBothWaysAndTheRunGetsLonger() {
        Scape hide = Moves.move(TANK, "hide", "3", 5, 2).scape();
        assertThat(hide.hides().get(3).xCm())
                .isCloseTo(TANK.scape().hides().get(3).xCm() + 5, within(1e-9));
        assertThat(hide.hides().get(3).heightCm())
                .isCloseTo(TANK.scape().hides().get(3).heightCm() + 2, within(1e-9));
        assertThat(Moves.move(TANK, "runend", "0", -40, 0).runCm()).isEqualTo(110);
        assertThat(Moves.move(TANK, "runend", "0", -1000, 0).runCm()).isEqualTo(10);
        assertThat(Moves.move(TANK, "run", "0", 0, -5).scape().run().heightCm())
                .isCloseTo(TANK.scape().run().heightCm() - 5, within(1e-9));
    }

    @Test
    void whatIsNotThereCannotBeMovedOrTakenOut() {
        assertThatThrownBy(() -> Moves.move(TANK, "hide", "99", 1, 1)).isInstanceOf(NoSuchTankException.class);
        assertThatThrownBy(() -> Moves.move(TANK, "coral", "0", 1, 1)).isInstanceOf(NoSuchTankException.class);
        assertThatThrownBy(() -> Moves.move(TANK, "point", "0.x", 1, 1)).isInstanceOf(NoSuchTankException.class);
        assertThatThrownBy(() -> Moves.without(TANK.scape(), "run", 0)).isInstanceOf(NoSuchTankException.class);
        assertThat(Moves.without(TANK.scape(), "rock", 1).rocks()).hasSize(1);
    }

    @Test
    void anotherHeapIsPutWhereThereIsRoom() {
        Scape more = Moves.plusRock(TANK);
        Rock fresh = more.rocks().get(2);
        assertThat(fresh.leftCm()).isNotNegative();
        assertThat(fresh.rightCm()).isLessThanOrEqualTo(150);
        assertThat(TANK.scape().rocks())
                .allSatisfy(
                        r -> assertThat(Math.min(r.rightCm(), fresh.rightCm()) - Math.max(r.leftCm(), fresh.leftCm()))
                                .isLessThan(5));
    }
}
