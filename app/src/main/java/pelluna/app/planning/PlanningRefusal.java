package pelluna.app.planning;

import pelluna.app.limits.Refusal;

/** A water test, or another way to change a plan, that cannot be so. */
public sealed interface PlanningRefusal extends Refusal {
    record NoFigure() implements PlanningRefusal {}

    record NoFigureFor(String typed, String of) implements PlanningRefusal {}

    record NotLogged(String found, String expected) implements PlanningRefusal {}
}
