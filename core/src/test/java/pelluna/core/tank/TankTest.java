package pelluna.core.tank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TankTest {
    private static final LocalDate START = LocalDate.of(2027, 3, 1);

    private static TankDraft box(double length, double width, double height) {
        TankDraft draft = new TankDraft();
        draft.lengthCm = length;
        draft.widthCm = width;
        draft.waterHeightCm = height;
        return draft;
    }

    @Test
    void aBoxHoldsItsThreeDimensions() {
        assertThat(box(150, 60, 55).on(START).volume().grossLitres()).isEqualTo(495, within(1e-9));
    }

    @Test
    void roundTanksHoldLessThanTheBoxAroundThem() {
        TankDraft cylinder = box(60, 60, 50);
        cylinder.shape = TankShape.CYLINDER;
        assertThat(cylinder.on(START).netLitres()).isEqualTo(Math.PI * 30 * 30 * 50 / 1000, within(1e-9));
        TankDraft bow = box(100, 40, 50);
        bow.shape = TankShape.HALF_CYLINDER;
        assertThat(bow.on(START).netLitres()).isEqualTo(Math.PI * 50 * 40 / 2 * 50 / 1000, within(1e-9));
        TankDraft cube = new TankDraft();
        cube.shape = TankShape.CUBE;
        cube.lengthCm = 50.0;
        assertThat(cube.on(START).netLitres()).isEqualTo(125, within(1e-9));
    }

    @Test
    void rockAndSandTakeTheirShareAndTheSumpAdds() {
        TankDraft draft = box(150, 60, 55);
        draft.rockKg = 60.0;
        draft.sandDepthCm = 5.0;
        draft.sumpLitres = 80.0;
        TankVolume volume = draft.on(START).volume();
        assertThat(volume.rockLitres()).isEqualTo(30, within(1e-9)); // 60 kg at 2.0 kg/L, Pelluna's judgement
        assertThat(volume.sandLitres())
                .isEqualTo(150 * 60 * 5 * 0.6 / 1000, within(1e-9)); // pores 40 %, common practice
        assertThat(volume.netLitres()).isEqualTo(495 - 30 - 27 + 80, within(1e-9));
    }

    @Test
    void aMeasuredVolumeOverridesAll() {
        TankDraft draft = box(150, 60, 55);
        draft.rockKg = 60.0;
        draft.netLitres = 428.0;
        assertThat(draft.on(START).netLitres()).isEqualTo(428);
    }

    @Test
    void aVolumeAndARunAreEnough() {
        TankDraft draft = new TankDraft();
        draft.netLitres = 300.0;
        draft.runCm = 110.0;
        assertThat(draft.on(START).runCm()).isEqualTo(110);
        assertThat(draft.on(START).netLitres()).isEqualTo(300);
    }

    @Test
    void impossibleTanksAreRefusedByField() {
        assertThatThrownBy(() -> new TankDraft().on(START))
                .isInstanceOf(ImpossibleTankException.class)
                .hasMessageContaining("tank");
        TankDraft stuffed = box(50, 40, 40);
        stuffed.rockKg = 500.0;
        assertThatThrownBy(() -> stuffed.on(START)).hasMessageContaining("rock");
        TankDraft boast = box(50, 40, 40);
        boast.netLitres = 800.0;
        assertThatThrownBy(() -> boast.on(START)).hasMessageContaining("tank.netLitres");
    }

    @Test
    void theNitrateCeilingFollowsWhatLivesByLight() {
        TankDraft reef = box(100, 50, 50);
        reef.keeps = Set.of(ReefLife.SOFT_CORALS);
        assertThat(reef.on(START).nitrateCeiling()).isEqualTo(15); // common practice: about 15 mg/L in a mixed reef
        assertThat(box(100, 50, 50).on(START).nitrateCeiling()).isEqualTo(40);
    }
}
