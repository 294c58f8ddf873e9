package pelluna.app.today;

import java.util.List;
import org.springframework.stereotype.Service;
import pelluna.app.account.OwnedTank;
import pelluna.core.units.Step;

/** What is due now at a tank and who is in trouble there, in words, for whoever is reminded of it. */
@Service
public class DueLists {
    private final TodayLists lists;

    DueLists(TodayLists lists) {
        this.lists = lists;
    }

    /**
     * A line of Today.
     *
     * @param key  stays the same for the same thing: 'look-12-day-3'
     * @param step how grave
     */
    public record Due(String key, String says, String why, Step step) {
        private static Due of(Item item) {
            return new Due(item.key(), item.says(), item.why(), item.step());
        }
    }

    /** @param watch whom to watch, if it is more than a ripple */
    public record OfTank(long tank, String name, List<Due> due, List<Due> watch) {
        public boolean quiet() {
            return due.isEmpty() && watch.isEmpty();
        }
    }

    public OfTank of(OwnedTank tank) {
        TodayLists.Lists today = lists.of(tank);
        return new OfTank(
                tank.id(),
                today.opened().tank().name(),
                today.todo().stream().filter(Item::due).map(Due::of).toList(),
                today.watch().stream()
                        .filter(i -> i.step().atLeast(Step.CHOP))
                        .map(Due::of)
                        .toList());
    }
}
