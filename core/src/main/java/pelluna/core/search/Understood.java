package pelluna.core.search;

import java.util.List;
import pelluna.core.catalogue.Help;
import pelluna.core.catalogue.Stance;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;
import pelluna.core.units.Volume;

/** What Pelluna understood of a question. */
public sealed interface Understood extends Statement {
    record Is(Trait trait) implements Understood {}

    record Not(Understood what) implements Understood {}

    record RoomInRun(Length run) implements Understood {}

    record NeedsAtLeast(Volume volume) implements Understood {}

    record LivesIn(Volume volume, Stance stance) implements Understood {}

    record GrowsAtLeast(Length to) implements Understood {}

    record GrowsAtMost(Length to) implements Understood {}

    record Tiny(Length atMost) implements Understood {}

    record Small(Length about) implements Understood {}

    record Large(Length atLeast) implements Understood {}

    record SuitsNano(Volume volume) implements Understood {}

    record KeptFor(Help help) implements Understood {}

    record Coloured(Colour colour) implements Understood {}

    record LeavesAlone(List<ReefLife> life) implements Understood {}

    record NotCalled(String name) implements Understood {}

    record OnlyNearly(Understood what) implements Understood {}

    /** A word that was taken for another. */
    record ReadAs(String typed, String meant) implements Understood {}

    record NotUnderstood(String typed) implements Understood {}
}
