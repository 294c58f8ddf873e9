package pelluna.app.today;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** Today: what to do, whom to watch, what to know. */
@Controller
class TodayController {
    private final TodayLists lists;
    private final TankPlans plans;
    private final KnowList toKnow;
    private final Shells shells;

    TodayController(TodayLists lists, TankPlans plans, KnowList toKnow, Shells shells) {
        this.lists = lists;
        this.plans = plans;
        this.toKnow = toKnow;
        this.shells = shells;
    }

    @GetMapping("/tanks/{id}/today")
    String today(OwnedTank tank, Model model) {
        TodayLists.Lists today = lists.of(tank);
        OpenTank opened = today.opened();
        shells.around(
                model,
                opened,
                "today",
                opened.say().text("page.today.today"),
                opened.say().date(plans.today()) + ". " + sentence(today.todo(), today.watch(), opened.say()));
        model.addAttribute("todo", today.todo());
        model.addAttribute("watchList", today.watch());
        model.addAttribute("know", toKnow.of(opened, today.all(), today.there()));
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
        TodayLists.Lists today = lists.of(tank);
        return today.todo().stream()
                .filter(Item::due)
                .map(i -> Map.of(
                        "key",
                        tank + ":" + i.key(),
                        "says",
                        i.says(),
                        "why",
                        i.why(),
                        "tank",
                        today.opened().tank().name()))
                .toList();
    }
}
