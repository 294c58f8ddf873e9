package pelluna.core.plan;

import pelluna.core.catalogue.Species;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;

/** What a plan needs in the place of what cannot be. Days as plan files write them. */
public sealed interface PlanNeeds extends Statement {
    record DayUpTo(String latest) implements PlanNeeds {}

    record NotOverRecord(Species species, Length record) implements PlanNeeds {}

    record BeforeRestock(String until) implements PlanNeeds {}

    record UpToStart(String start) implements PlanNeeds {}

    record AfterCycle(String end) implements PlanNeeds {}

    record AfterItComes(String on) implements PlanNeeds {}

    record UpToKeepers(int keepers) implements PlanNeeds {}

    record AsManyHides(int hides) implements PlanNeeds {}

    record Heights(int most) implements PlanNeeds {}

    record WithinTheGlass(Length least, Length most) implements PlanNeeds {}

    record KnownSpecies() implements PlanNeeds {}

    record SpeciesNear(String names, int more) implements PlanNeeds {}

    record OneSpecies(String names, int more) implements PlanNeeds {}
}
