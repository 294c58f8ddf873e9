package pelluna.core.sieve;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.capacity.LensKind;
import pelluna.core.capacity.LensReason;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Leaning;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Swims;
import pelluna.core.tank.Cover;
import pelluna.core.tank.Keeper;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.Unsaid;
import pelluna.core.tension.EatenReason;
import pelluna.core.units.Length;
import pelluna.core.units.Mass;
import pelluna.core.units.Statement;
import pelluna.core.units.Temperature;
import pelluna.core.units.Volume;

/** Why a rule of the Sieve holds a wish back; one kind a case, its figures as arguments. */
public sealed interface Reason extends Statement {
    /** A reason about the length that a fish has on the day it is to leave. */
    record ByTheDayItLeaves(Length at, Reason reason) implements Reason {}

    /** What a reason rests on though it is not said. */
    record Assuming(Unsaid unsaid) implements Reason {}

    record NeedsVolume(Volume needs, Volume has) implements Reason {}

    record NeedsRun(Length needs, Length has) implements Reason {}

    /** Body lengths in the run. */
    record TurnsAfter(Length grown, double has, Swims swims, double needs) implements Reason {}

    record StillCycling(LocalDate until) implements Reason {}

    /** Months since the cycle. */
    record WantsAge(double needs, double has) implements Reason {}

    record LivesInSand(Length needs, Length has, boolean bare) implements Reason {}

    record JumpsOut(boolean readily, Cover cover) implements Reason {}

    record NeedsHides(int needs, int hides, int taken) implements Reason {}

    record TemperatureRange(Temperature least, Temperature most, Temperature has) implements Reason {}

    /** Salinities in g/kg. */
    record SalinityRange(double least, double most, double has) implements Reason {}

    record PicksPods(boolean none) implements Reason {}

    /** Difficulty 1 to 5, and what the keeper is ready for. */
    record HardToFeed(int hard, Keeper keeper, int ready, Guild food) implements Reason {}

    record WantsMeals(int needs, int has) implements Reason {}

    record GrazesAllDay() implements Reason {}

    /** @param spares those longer than this are mostly spared; 0 if none are */
    record GoesFor(Harm harm, ReefLife life, Length spares) implements Reason {}

    record BuriesWithSand(ReefLife life) implements Reason {}

    /** Difficulty 1 to 4. */
    record TooDifficult(int needs, Keeper keeper, int has) implements Reason {}

    record LeansTo(List<Leaning> leanings) implements Reason {}

    record CopperDisputed(QuarantineSchool school) implements Reason {}

    record CopperHarms(QuarantineSchool school) implements Reason {}

    record NotSaid(List<Assumption> assumed) implements Reason {}

    /** What is left of too many of a kind. */
    record EndUpAs(int most) implements Reason {}

    record KeepApart(int most, Volume glass) implements Reason {}

    record HaremTooFew(int count, int least) implements Reason {}

    record ShoalTooFew(int least) implements Reason {}

    record StrangersFight() implements Reason {}

    record Eats(Species eater, Species prey, LocalDate from, EatenReason reason) implements Reason {}

    /**
     * A kind of resident and the wish press each other.
     *
     * @param parties of that kind that live here, in which there are so many fish
     * @param index   of tension, 0 to 100, through the box
     */
    record Presses(Species species, int parties, int count, boolean byResident, long index) implements Reason {}

    record SeenHere(OwnRecord.SeenOfIt seen) implements Reason {}

    record LeftHungry(List<Species> quick) implements Reason {}

    record FullAlready(LensReason lens) implements Reason {}

    record OverWithIt(LensKind lens, LensReason why) implements Reason {}

    record TooHeavy(int count, Mass grown, Volume water) implements Reason {}

    /** @param byOther whether the other presses the wish, or the wish the other */
    record PressesInOrder(Species other, boolean byOther, long index) implements Reason {}
}
