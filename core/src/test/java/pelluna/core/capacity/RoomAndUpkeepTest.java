package pelluna.core.capacity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;
import pelluna.core.water.SeaWater;

class RoomAndUpkeepTest {

    private static double room(Plan plan) {
        return Capacity.of(plan, plan.residents()).lens(LensKind.ROOM).used();
    }

    @Test
    void moreFishTakeMoreRoomAndALargerTankHasMore() {
        Plan one = Plans.sixFeet().resident("Zebrasoma flavescens", 1, 18).plan();
        Plan two = Plans.sixFeet()
                .resident("Zebrasoma flavescens", 1, 18)
                .resident("Acanthurus leucosternon", 1, 20)
                .plan();
        Plan larger = Plans.sixFeet()
                .with("lengthCm", 240)
                .without("netLitres")
                .resident("Zebrasoma flavescens", 1, 18)
                .resident("Acanthurus leucosternon", 1, 20)
                .plan();
        assertThat(room(two)).isGreaterThan(room(one)).isGreaterThan(room(larger));
        assertThat(room(Plans.sixFeet().plan())).isZero();
    }

    @Test
    void hidesBindWhereThereAreFewAndTheLensSaysWhich() {
        Plan plan = Plans.sixFeet()
                .with("hides", 1)
                .resident("Gramma loreto", 1, 7)
                .resident("Ecsenius midas", 1, 9)
                .plan();
        Lens lens = Capacity.of(plan, plan.residents()).lens(LensKind.ROOM);
        assertThat(lens.why())
                .isInstanceOfSatisfying(
                        LensReason.RoomTaken.class, r -> assertThat(r.part()).isEqualTo(RoomPart.HIDES));
        assertThat(lens.used()).isGreaterThan(100);
        assertThat(Capacity.of(plan, plan.residents()).left())
                .isInstanceOfSatisfying(RoomLeft.WhatDecides.class, left -> {
                    assertThat(left.binding()).isEqualTo(LensKind.ROOM);
                    assertThat(left.over()).isTrue();
                });
    }

    @Test
    void foodAndSaltFollowTheFishAndTheChanges() {
        Plan plan = Plans.sixFeet()
                .resident("Zebrasoma flavescens", 1, 15)
                .resident("Gramma loreto", 1, 7)
                .plan();
        Waste waste = Waste.of(plan);
        Upkeep both = Upkeep.of(plan.tank(), plan.residents(), plan.startOn(), waste);
        Upkeep gramma = Upkeep.of(plan.tank(), plan.residents().subList(1, 2), plan.startOn(), waste);
        assertThat(both.sheets()).isPositive();
        assertThat(both.places()).isEqualTo(2); // common practice: two clips at opposite ends
        assertThat(gramma.sheets()).isZero();
        assertThat(both.foodGrams()).isGreaterThan(gramma.foodGrams());
        assertThat(both.saltKg())
                .isCloseTo(SeaWater.mixKg(both.changeLitres(), 35, 25.5), within(1e-9))
                .isEqualTo(gramma.saltKg());
        assertThat(Upkeep.of(plan.tank(), List.of(), plan.startOn(), waste).meals())
                .isZero();
    }

    @Test
    void theChangeThatHoldsTheCeilingHoldsIt() {
        Plan plan = Plans.sixFeet()
                .with("netLitres", 200)
                .with("nitrateCeiling", 2)
                .resident("Zebrasoma flavescens", 1, 15)
                .plan();
        Waste waste = Waste.of(plan);
        Upkeep upkeep = Upkeep.of(plan.tank(), plan.residents(), plan.startOn(), waste);
        double perDay = waste.nitrate(Waste.feed(plan.residents().get(0), 15)).perDay();
        assertThat(new Nitrate(
                                perDay,
                                waste.export(),
                                upkeep.holdsCeiling(),
                                plan.tank().waterChangeEveryDays())
                        .steady())
                .isCloseTo(2, within(1e-6));
    }
}
