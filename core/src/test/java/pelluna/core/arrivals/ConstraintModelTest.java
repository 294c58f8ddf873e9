package pelluna.core.arrivals;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The order of arrival held against a solver that knows nothing of how it is found. */
class ConstraintModelTest {
    private static final int PATIENCE_SECONDS = 300;

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void theBestOrderCostsWhatAConstraintSolverFinds(int seed) {
        OrderProblem p = SolverComparison.instance(5 + seed % 2, seed);
        Order ours = ExactOrder.solve(p);
        ConstraintModel model = new ConstraintModel(p);
        long[] theirs = model.best(PATIENCE_SECONDS);
        assertThat(model.proved()).isTrue();
        assertThat(p.keepsRules(ours.sequence())).isTrue();
        assertThat(SolverComparison.costs(p, ours.sequence())).isEqualTo(theirs);
    }
}
