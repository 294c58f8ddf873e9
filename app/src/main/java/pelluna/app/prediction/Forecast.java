package pelluna.app.prediction;

import java.util.List;
import java.util.function.Supplier;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;

/**
 * One thing that was said.
 *
 * @param rule    name of a rule of the Sieve, 'tension', 'eaten', 'lens' or 'own-risk'
 * @param fish    whom it is about; for tension the one that presses; null for the tank as a whole
 * @param other   for tension the one that is pressed, for 'eaten' the prey; null otherwise
 * @param about   the word of a kind of reef life, or the lens; empty otherwise
 * @param tension 0 to 100; null for what is no tension
 * @param byModel the same without what other keepers saw; null for what is no tension, and of earlier releases
 * @param why     the reasons, read when they are asked for; of earlier releases in their words
 */
record Forecast(
        String rule,
        Step step,
        Long fish,
        Long other,
        String about,
        Double tension,
        Double byModel,
        Supplier<List<? extends Statement>> why) {
    static final String TENSION = "tension";
    static final String EATEN = "eaten";
    static final String CAPACITY = "lens";
    /** Taken though Pelluna refused it: the step is that of the most serious reason, which stands as its reason. */
    static final String OWN_RISK = "own-risk";

    Forecast(
            String rule,
            Step step,
            Long fish,
            Long other,
            String about,
            Double tension,
            List<? extends Statement> reasons) {
        this(rule, step, fish, other, about, tension, tension, () -> reasons);
    }

    /** The same with what the model says by itself. */
    Forecast byModel(double index) {
        return new Forecast(rule, step, fish, other, about, tension, index, why);
    }

    /** What the model had said by itself, 0 to 100. */
    double ofModel() {
        return byModel == null ? tension : byModel;
    }

    List<? extends Statement> reasons() {
        return why.get();
    }
}
