package pelluna.app.today;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.health.HealthBoard;
import pelluna.app.introduction.Introductions;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** Today: what to do, whom to watch, what to know. */
@Controller
class TodayController {
    private final TankPlans plans;
    private final Individuals fish;
    private final Introductions introductions;
    private final HealthBoard health;
    private final DoList toDo;
    private final WatchList toWatch;
    private final KnowList toKnow;
    private final Shells shells;

    TodayController(
            TankPlans plans,
            Individuals fish,
            Introductions introductions,
            HealthBoard health,
            DoList toDo,
            WatchList toWatch,
            KnowList toKnow,
            Shells shells) {
        this.plans = plans;
        this.fish = fish;
        this.introductions = introductions;
        this.health = health;
        this.toDo = toDo;
        this.toWatch = toWatch;
        this.toKnow = toKnow;
        this.shells = shells;
    }

    @GetMapping("/tanks/{id}/today")
    String today(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<Fish> all = fish.all(tank);
        List<Fish> there = all.stream().filter(Fish::there).toList();
        List<Introductions.Coming> coming = introductions.coming(opened);
        HealthBoard.All minds = health.of(tank, there);
        List<Item> todo = toDo.of(opened, there, coming, minds);
        List<Item> watch = toWatch.of(opened, there, coming, minds);
        shells.around(
                model,
                opened,
                "today",
                opened.say().text("page.today.today"),
                opened.say().date(plans.today()) + ". " + sentence(todo, watch, opened.say()));
        model.addAttribute("todo", todo);
        model.addAttribute("watchList", watch);
        model.addAttribute("know", toKnow.of(opened, all, there));
        return "today";
    }

    private static String sentence(List<Item> todo, List<Item> watch, Words say) {
        long due = todo.stream().filter(Item::due).count();
        long grave = watch.stream().filter(i -> i.step().atLeast(Step.CHOP)).count();
        return due == 0 && grave == 0
                ? say.text("page.today.nothingIsDueAndNobodyIsIn")
                : due == 0
                        ? say.text("page.today.nothingIsDueButWatch", (int) grave)
                        : grave == 0
                                ? say.text("page.today.soManyDue", (int) due)
                                : say.text("page.today.soManyDueAndWatch", (int) due, (int) grave);
    }

    /** What is due now, for reminders of a device that is allowed to show them. */
    @GetMapping("/tanks/{id}/today/due")
    @ResponseBody
    List<Map<String, String>> due(OwnedTank tank) {
        OpenTank opened = plans.open(tank);
        List<Fish> there = fish.there(tank);
        return toDo.of(opened, there, introductions.coming(opened), health.of(tank, there)).stream()
                .filter(Item::due)
                .map(i -> Map.of(
                        "key",
                        tank + ":" + i.key(),
                        "says",
                        i.says(),
                        "why",
                        i.why(),
                        "tank",
                        opened.tank().name()))
                .toList();
    }
}
