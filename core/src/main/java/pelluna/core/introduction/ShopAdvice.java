package pelluna.core.introduction;

import pelluna.core.catalogue.CatalogueText;
import pelluna.core.catalogue.Leaning;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;

/** What to look at on a fish before it is bought, and what to ask of the shop. */
public sealed interface ShopAdvice extends Statement {
    /** What the catalogue says of this kind alone. */
    record KindsOwn(CatalogueText advice) implements ShopAdvice {}

    record SignOf(Leaning illness) implements ShopAdvice {}

    record LooksDifferentYoung(Length until) implements ShopAdvice {}

    record LooksWell() implements ShopAdvice {}

    record BackIsFull() implements ShopAdvice {}

    record IsOutAndPicks() implements ShopAdvice {}

    record HoldsItselfWell() implements ShopAdvice {}

    /** @param hard whether this kind often refuses */
    record SeeItEat(boolean hard) implements ShopAdvice {}

    /** @param copper whether copper is in question for it */
    record HowLongHere(boolean copper) implements ShopAdvice {}

    record WhereFrom(boolean bredToBeHad) implements ShopAdvice {}

    record HowLong(Length grown) implements ShopAdvice {}

    record KeptTogether(boolean pair) implements ShopAdvice {}

    record NotThatOne(Species taken) implements ShopAdvice {}

    /** @param taken the scientific name of a species that Pelluna does not know */
    record NotThatStranger(String taken) implements ShopAdvice {}
}
