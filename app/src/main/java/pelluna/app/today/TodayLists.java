package pelluna.app.today;

import java.util.List;
import org.springframework.stereotype.Component;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.health.HealthBoard;
import pelluna.app.introduction.Introductions;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;

/** What is due at a tank and whom to watch there, for its own page and for lists of tanks. */
@Component
class TodayLists {
    private final TankPlans plans;
    private final Individuals fish;
    private final Introductions introductions;
    private final HealthBoard health;
    private final DoList toDo;
    private final WatchList toWatch;

    TodayLists(
            TankPlans plans,
            Individuals fish,
            Introductions introductions,
            HealthBoard health,
            DoList toDo,
            WatchList toWatch) {
        this.plans = plans;
        this.fish = fish;
        this.introductions = introductions;
        this.health = health;
        this.toDo = toDo;
        this.toWatch = toWatch;
    }

    /** @param all fish that ever were in it, of which some are there */
    record Lists(OpenTank opened, List<Fish> all, List<Fish> there, List<Item> todo, List<Item> watch) {}

    Lists of(OwnedTank tank) {
        OpenTank opened = plans.open(tank);
        List<Fish> all = fish.all(tank);
        List<Fish> there = all.stream().filter(Fish::there).toList();
        List<Introductions.Coming> coming = introductions.coming(opened);
        HealthBoard.All minds = health.of(tank, there);
        return new Lists(
                opened, all, there, toDo.of(opened, there, coming, minds), toWatch.of(opened, there, coming, minds));
    }
}
