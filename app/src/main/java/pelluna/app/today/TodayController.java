package pelluna.app.today;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseBody;
import pelluna.app.bringing.BringingDesk;
import pelluna.app.fish.Fish;
import pelluna.app.fish.FishDesk;
import pelluna.app.health.HealthDesk;
import pelluna.app.planning.Desk;
import pelluna.app.planning.PlanDesk;
import pelluna.app.shell.Shells;
import pelluna.core.units.Step;
import pelluna.words.English;
import pelluna.words.Measures;

/** Today: what to do, whom to watch, what to know. */
@Controller
class TodayController {
    private final PlanDesk desks;
    private final FishDesk fish;
    private final BringingDesk bringing;
    private final HealthDesk health;
    private final DoList toDo;
    private final WatchList toWatch;
    private final KnowList toKnow;
    private final Shells shells;

    TodayController(
            PlanDesk desks,
            FishDesk fish,
            BringingDesk bringing,
            HealthDesk health,
            DoList toDo,
            WatchList toWatch,
            KnowList toKnow,
            Shells shells) {
        this.desks = desks;
        this.fish = fish;
        this.bringing = bringing;
        this.health = health;
        this.toDo = toDo;
        this.toWatch = toWatch;
        this.toKnow = toKnow;
        this.shells = shells;
    }

    @GetMapping("/tanks/{id}/today")
    String today(@PathVariable long id, Model model) {
        Desk desk = desks.open(id);
        List<Fish> all = fish.all(id);
        List<Fish> there = all.stream().filter(Fish::there).toList();
        List<BringingDesk.Coming> coming = bringing.coming(desk);
        HealthDesk.All minds = health.of(id, there);
        List<Item> todo = toDo.of(desk, there, coming, minds);
        List<Item> watch = toWatch.of(desk, there, coming, minds);
        shells.around(model, desk, "today", "Today", Measures.date(desks.today()) + ". " + sentence(todo, watch));
        model.addAttribute("todo", todo);
        model.addAttribute("watchList", watch);
        model.addAttribute("know", toKnow.of(desk, all, there));
        return "today";
    }

    private static String sentence(List<Item> todo, List<Item> watch) {
        long due = todo.stream().filter(Item::due).count();
        long grave = watch.stream().filter(i -> i.step().atLeast(Step.CHOP)).count();
        return due == 0 && grave == 0
                ? "Nothing is due, and nobody is in trouble."
                : (due == 0
                                ? "Nothing is due"
                                : English.capital(English.count((int) due, "thing is due", "things are due")))
                        + (grave == 0
                                ? "."
                                : "; " + English.count((int) grave, "fish to watch", "fish to watch") + ".");
    }

    /** What is due now, for reminders of a device that is allowed to show them. */
    @GetMapping("/tanks/{id}/today/due")
    @ResponseBody
    List<Map<String, String>> due(@PathVariable long id) {
        Desk desk = desks.open(id);
        List<Fish> there = fish.there(id);
        return toDo.of(desk, there, bringing.coming(desk), health.of(id, there)).stream()
                .filter(Item::due)
                .map(i -> Map.of(
                        "key",
                        id + ":" + i.key(),
                        "says",
                        i.says(),
                        "why",
                        i.why(),
                        "tank",
                        desk.tank().name()))
                .toList();
    }
}
