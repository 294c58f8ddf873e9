package pelluna.app.today;

import java.util.List;
import pelluna.core.units.Step;

/**
 * How a tank stands today, as its own Today says it.
 *
 * @param due   what is due now, in words, the first of it
 * @param more  how much more is due
 * @param wrong whom to watch, gravest first, with how grave; the first of it
 * @param worst how grave the gravest is
 */
record TankState(List<String> due, int more, List<Wrong> wrong, Step worst) {
    /** As many of each as a line of a list has room for. */
    static final int SHOWN = 2;

    record Wrong(Step step, String says) {}

    static TankState of(List<Item> todo, List<Item> watch) {
        List<String> due = todo.stream().filter(Item::due).map(Item::says).toList();
        List<Wrong> wrong = watch.stream()
                .filter(i -> i.step().atLeast(Step.RIPPLE))
                .map(i -> new Wrong(i.step(), i.says()))
                .toList();
        return new TankState(
                due.stream().limit(SHOWN).toList(),
                Math.max(0, due.size() - SHOWN),
                wrong.stream().limit(SHOWN).toList(),
                wrong.isEmpty() ? Step.CALM : wrong.get(0).step());
    }
}
