package pelluna.core.risk;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;
import pelluna.core.units.Volume;

/** What a keeper is told of a way with a refused wish. */
public sealed interface RiskReason extends Statement {
    record NothingChanges() implements RiskReason {}

    record NowAmongThem(Hardest hardest) implements RiskReason {}

    /** @param grown the hardest press when all are grown, 0 to 100 */
    record OnThatDay(Hardest hardest, long grown) implements RiskReason {}

    /** @param index 0 to 100 @param same whether both are of one species @param acts contests an hour */
    record Hardest(long index, Step step, Species aggressor, Species target, boolean same, double acts)
            implements RiskReason {}

    record NobodyPresses() implements RiskReason {}

    record NoWayChangesIt() implements RiskReason {}

    record BoxAndGate(LocalDate box, LocalDate out) implements RiskReason {}

    record InByGate(LocalDate on) implements RiskReason {}

    record PlaceFor(int needs) implements RiskReason {}

    /** @param rival the one rival, if there is only one */
    record DealtAnew(int rivals, Optional<Species> rival, LocalDate out, LocalDate back, int places)
            implements RiskReason {}

    record TooFewPlaces(int needs, int has, int more, LocalDate before) implements RiskReason {}

    record AtStake(double price) implements RiskReason {}

    record StaysBehind(List<Party> fish) implements RiskReason {}

    record WatchWhoFollows(List<Species> rivals) implements RiskReason {}

    record LookAtIt(Species fish) implements RiskReason {}

    record OutTheSameDay() implements RiskReason {}

    record NewcomerGoesOut() implements RiskReason {}

    record KeepPlaceEmpty(int places) implements RiskReason {}

    record NoPlace() implements RiskReason {}

    record ThenToAKeeper(Volume needs) implements RiskReason {}
}
