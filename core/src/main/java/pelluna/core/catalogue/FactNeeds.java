package pelluna.core.catalogue;

import pelluna.core.units.Statement;

/** What a fact has to be. */
public sealed interface FactNeeds extends Statement {
    record Whole(int least, int most) implements FactNeeds {}

    /** @param words of the format, parted by commas */
    record OneOf(String words) implements FactNeeds {}

    record RisingToCautious() implements FactNeeds {}

    record WithinRecord() implements FactNeeds {}

    record PodsOrNone() implements FactNeeds {}

    record MostAboveLeast() implements FactNeeds {}

    record Share() implements FactNeeds {}

    record ShareAboveSwallowed() implements FactNeeds {}

    /** @param varieties words of the format, parted by commas */
    record VarietyAndLook(String varieties) implements FactNeeds {}

    record NameAndHowToTell() implements FactNeeds {}

    record LifeHarmAndLength() implements FactNeeds {}

    record FreeOfRepeats(String life) implements FactNeeds {}

    record FormFirst(String forms) implements FactNeeds {}

    record ColourLast(String part) implements FactNeeds {}

    record BodyColour() implements FactNeeds {}

    record MarksOf(String kinds) implements FactNeeds {}

    record MarkOfNumbers(String word) implements FactNeeds {}

    record MarkWith(String kind, int numbers) implements FactNeeds {}
}
