package pelluna.app.arrivals;

import pelluna.app.limits.Refusal;
import pelluna.app.limits.Refused;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planfile.Problem;
import pelluna.core.units.Statement;

/** A hand on the plan that cannot be so. */
public sealed interface ArrivalRefusal extends Refusal {
    record PlanChanged() implements ArrivalRefusal {}

    record NotSo(Statement found, Statement expected) implements ArrivalRefusal {}

    record NotInThePlan() implements ArrivalRefusal {}

    record NoPrice(String typed) implements ArrivalRefusal {}

    /** A plan that could not be so, with the first thing that is wrong with it. */
    static Refused notSo(PlanProblemsException plan) {
        Problem first = plan.problems().get(0);
        return new Refused("", new NotSo(first.found(), first.expected()), plan);
    }
}
