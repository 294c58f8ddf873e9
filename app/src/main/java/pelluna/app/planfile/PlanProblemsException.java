package pelluna.app.planfile;

import java.util.List;

/** A plan that was refused, with everything that is wrong with it. */
public final class PlanProblemsException extends RuntimeException {
    private final transient List<Problem> problems;

    public PlanProblemsException(List<Problem> problems) {
        super(problems.toString());
        this.problems = List.copyOf(problems);
    }

    public List<Problem> problems() {
        return problems;
    }
}
