package pelluna.app.planfile;

import pelluna.core.units.Statement;

/** What a plan file needs in the place of what cannot be. */
public sealed interface FileNeeds extends Statement {
    /** What the schema asks of a field. @param field where it stands there, as {@link PlanSchema#named} names it */
    record FieldNeeds(String field) implements FileNeeds {}

    record Size() implements FileNeeds {}

    record KnownFields() implements FileNeeds {}

    record ThisField() implements FileNeeds {}

    record PlanFile() implements FileNeeds {}

    record JsonInUtf8() implements FileNeeds {}

    record Day() implements FileNeeds {}

    record Text() implements FileNeeds {}

    record AtMost(int most) implements FileNeeds {}

    record AtMostTakeOff(int most) implements FileNeeds {}

    record DayWithin(int years) implements FileNeeds {}
}
