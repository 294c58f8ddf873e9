package pelluna.app.planning;

import pelluna.app.limits.Refusal;
import pelluna.core.units.Statement;

/** A water test, or another way to change a plan, that cannot be so. */
public sealed interface PlanningRefusal extends Refusal {
    record NoFigure() implements PlanningRefusal {}

    record NoFigureFor(String typed, String of) implements PlanningRefusal {}

    record NotLogged(Statement found, Statement expected) implements PlanningRefusal {}
}
