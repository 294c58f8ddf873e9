package pelluna.core.sieve;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.Unsaid;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;
import pelluna.core.units.Temperature;
import pelluna.core.units.Volume;

/** What would have to be so for a wish to fit: it completes 'fits if …', or 'would need …' where it is another tank. */
public sealed interface Condition extends Statement {
    record TankOf(Volume atLeast) implements Condition {}

    record NetTankOf(Volume atLeast) implements Condition {}

    record TankWithRun(Length atLeast) implements Condition {}

    record ComesFrom(LocalDate day) implements Condition {}

    record SandOf(Length depth) implements Condition {}

    record Covered() implements Condition {}

    record MoreHides(int more) implements Condition {}

    record TemperatureHeld(Temperature at) implements Condition {}

    record SalinityHeld(double at) implements Condition {}

    /** @param orBred whether a captive-bred one would do as well */
    record PlentyOfPods(boolean orBred) implements Condition {}

    record LeftInTheSea() implements Condition {}

    record SeenEating() implements Condition {}

    record FedADay(int meals) implements Condition {}

    record SeaweedOnClips() implements Condition {}

    record LargerThan(ReefLife life, Length spares) implements Condition {}

    record NotWith(ReefLife life) implements Condition {}

    record WatchedAround(ReefLife life) implements Condition {}

    record PartedWith(ReefLife life) implements Condition {}

    record MovedInAContainer() implements Condition {}

    record EasierFishFirst() implements Condition {}

    record ThroughQuarantine() implements Condition {}

    record CopperChosen() implements Condition {}

    record WatchedWithoutCopper() implements Condition {}

    record Said(List<Unsaid> unsaid) implements Condition {}

    record NoMoreOfThem() implements Condition {}

    record SoManyAdded(Species species, int wanted, boolean orOne) implements Condition {}

    record MatedPair() implements Condition {}

    record NotWithYour(Species species) implements Condition {}

    record NotBesideYour(Species species) implements Condition {}

    record ThroughTheBox(Species watched) implements Condition {}

    record TankOfItsOwn() implements Condition {}

    record FedByItself() implements Condition {}

    record LargerFishOut() implements Condition {}

    record RoomMade() implements Condition {}

    record WaterChanged(int percent, double everyDays) implements Condition {}

    /** Nitrate in mg/L. */
    record MoreWaterOrExport(double everyDays, double ceiling) implements Condition {}

    record OtherStaysBehind(Species species) implements Condition {}

    record AnotherStaysBehind() implements Condition {}

    record KeepsItsPlace(Species other) implements Condition {}
}
