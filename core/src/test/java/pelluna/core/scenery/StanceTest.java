package pelluna.core.scenery;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Form;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Zone;
import pelluna.core.scape.Hide;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankDraft;
import pelluna.core.tank.TankShape;

class StanceTest {
    private final Tank tank = tank();

    private static Tank tank() {
        TankDraft draft = new TankDraft();
        draft.shape = TankShape.BOX;
        draft.lengthCm = 150.0;
        draft.widthCm = 60.0;
        draft.waterHeightCm = 52.0;
        draft.rockKg = 50.0;
        draft.sandDepthCm = 3.0;
        draft.hides = 4;
        return draft.on(LocalDate.of(2026, 11, 28));
    }

    private Stance at(Form form, Zone zone, double x, double y) {
        Look look = new Look(form, "#ffffff", "#ffffff", "#ffffff", List.of());
        return Stance.of(look, EnumSet.of(zone), x, y, tank);
    }

    @Test
    void aGobyLiesOnTheSandOrOnItsRockAndATangSwims() {
        assertThat(at(Form.GOBY, Zone.SAND, 75, 4.2).rests()).hasValue(3);
        assertThat(at(Form.HAWKFISH, Zone.REEF_FACE, 40, 24).rests()).hasValue(24);
        assertThat(at(Form.SURGEON, Zone.OPEN_WATER, 75, 40).rests()).isEmpty();
    }

    @Test
    void aGobyOfTheOpenWaterHovers() {
        assertThat(at(Form.GOBY, Zone.OPEN_WATER, 75, 30).rests()).isEmpty();
    }

    @Test
    void aMorayLooksOutOfItsHoleAndOnlyThere() {
        Hide hide = tank.scape().hides().get(0);
        assertThat(at(Form.MORAY, Zone.CAVES, hide.xCm(), hide.heightCm()).shown())
                .isLessThan(0.5);
        assertThat(at(Form.MORAY, Zone.SAND, 75, 4).shown()).isEqualTo(1);
        assertThat(at(Form.BASSLET, Zone.CAVES, hide.xCm(), hide.heightCm()).shown())
                .isEqualTo(1);
    }

    @Test
    void nobodyLooksIntoTheGlass() {
        for (int near = 1; near < 30; near += 2) {
            assertThat(at(Form.WRASSE, Zone.OPEN_WATER, near, 30).right()).isTrue();
            assertThat(at(Form.WRASSE, Zone.OPEN_WATER, 150 - near, 30).right()).isFalse();
        }
    }
}
