package pelluna.app.today;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.reefscape.TankNow;
import pelluna.app.shell.Shells;
import pelluna.core.plan.WaterTest;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** Today: what to do, whom to watch, what to know. */
@Controller
class TodayController {
    private final TodayLists lists;
    private final TankPlans plans;
    private final KnowList toKnow;
    private final Shells shells;
    private final TankNow now;

    TodayController(TodayLists lists, TankPlans plans, KnowList toKnow, Shells shells, TankNow now) {
        this.lists = lists;
        this.plans = plans;
        this.toKnow = toKnow;
        this.shells = shells;
        this.now = now;
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
        int fish = today.there().stream().mapToInt(Fish::count).sum();
        String seen = opened.say().text("page.today.fishInTheTank", fish);
        model.addAttribute("now", now.draw(opened, plans.today(), seen));
        model.addAttribute("seen", seen);
        model.addAttribute("water", water(opened));
        model.addAttribute("next", next(opened));
        model.addAttribute(
                "fresh",
                opened.plan().residents().isEmpty() && opened.plan().wishes().isEmpty());
        model.addAttribute("todo", today.todo());
        model.addAttribute("watchList", today.watch());
        model.addAttribute("know", toKnow.of(opened, today.all(), today.there()));
        return "today";
    }

    /** The last test in figures; empty without one. */
    private static String water(OpenTank opened) {
        Words say = opened.say();
        return opened.plan().tests().stream()
                .max(Comparator.comparing(WaterTest::on))
                .map(t -> say.text("page.today.lastTest", figures(t, say), t.on()))
                .orElse("");
    }

    private static String figures(WaterTest t, Words say) {
        List<String> all = new ArrayList<>();
        t.nitrate().ifPresent(v -> all.add(say.text("page.today.nitrateFigure", say.number(v))));
        t.phosphate().ifPresent(v -> all.add(say.text("page.today.phosphateFigure", say.number(v))));
        return String.join(" · ", all);
    }

    private static String next(OpenTank opened) {
        return opened.assessment().arrivals().steps().stream()
                .findFirst()
                .map(d -> opened.say()
                        .text("page.today.nextIn", opened.say().list(d.arrival().parties()), d.releaseOn()))
                .orElse("");
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
}
