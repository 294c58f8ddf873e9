package pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.arrivals.Restock;
import pelluna.core.plan.Fallow;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.TankFile;
import pelluna.core.plan.TankFile.FallowFile;
import pelluna.core.water.NitrogenCycle;

/** Restock after a fallow time: a plan with rules of its own. */
@Controller
class RestockController {
    private static final int USUAL_DAYS = 76;
    private static final int MOST_WANTED = 5;

    private final TankPlans plans;
    private final PlanSteps steps;
    private final Shells shells;

    RestockController(TankPlans plans, PlanSteps steps, Shells shells) {
        this.plans = plans;
        this.steps = steps;
        this.shells = shells;
    }

    @GetMapping("/tanks/{id}/arrivals/restock")
    String restock(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        Fallow fallow = opened.plan().fallow().orElse(null);
        shells.around(
                model,
                opened,
                "arrivals",
                opened.say().text("page.arrivals.restockAfterAFallowTime"),
                fallow == null
                        ? opened.say().text("page.arrivals.thisPlanIsNoRestock")
                        : opened.say()
                                .text(
                                        "page.arrivals.withoutFishRestockedFrom",
                                        opened.say().text("page.arrivals.days", (int) fallow.days()),
                                        fallow.until()));
        model.addAttribute("tab", "restock");
        model.addAttribute("fallow", fallow);
        model.addAttribute("from", fallow == null ? plans.today() : fallow.from());
        model.addAttribute("until", fallow == null ? plans.today().plusDays(USUAL_DAYS) : fallow.until());
        model.addAttribute(
                "drawn",
                FallowDrawing.draw(
                        fallow == null ? plans.today() : fallow.from(),
                        fallow == null ? plans.today().plusDays(USUAL_DAYS) : fallow.until(),
                        fallow == null
                                ? List.of()
                                : opened.assessment().arrivals().steps(),
                        opened.say()));
        model.addAttribute("residents", opened.plan().residents().size());
        model.addAttribute("reminders", Restock.reminders(opened.plan()));
        model.addAttribute(
                "filter",
                fallow == null ? "" : opened.say().of(Restock.filter(opened.plan(), NitrogenCycle.CYCLED_LOAD)));
        model.addAttribute("steps", opened.assessment().arrivals().steps());
        model.addAttribute("undo", steps.last(tank).orElse(null));
        return "restock";
    }

    /** @param back whether the residents, who wait elsewhere meanwhile, come back as wishes */
    @PostMapping("/tanks/{id}/arrivals/restock")
    String plan(
            OwnedTank tank,
            @RequestParam String from,
            @RequestParam String until,
            @RequestParam(defaultValue = "false") boolean back,
            RedirectAttributes to) {
        try {
            LocalDate begins = Days.planned("from", from, plans.today());
            LocalDate ends = Days.planned("until", until, plans.today());
            steps.change(tank, new PlanChange.RestockPlanned(), plan -> {
                TankFile empty = plan.tank().lyingFallow(new FallowFile(begins, ends));
                PlanFile restock = plan.with(empty).startingOn(ends);
                return back ? allComeBack(restock) : restock;
            });
        } catch (PlanProblemsException e) {
            Refused.tell(to, ArrivalRefusal.notSo(e));
        }
        return "redirect:/tanks/" + tank + "/arrivals/restock";
    }

    @PostMapping("/tanks/{id}/arrivals/restock/end")
    String end(OwnedTank tank) {
        steps.change(
                tank,
                new PlanChange.RestockEnded(),
                plan -> plan.with(plan.tank().lyingFallow(null)).startingOn(null));
        return "redirect:/tanks/" + tank + "/arrivals/restock";
    }

    private static PlanFile allComeBack(PlanFile plan) {
        List<FishFile> wishes = new ArrayList<>(plan.wishes());
        plan.residents()
                .forEach(f -> wishes.add(FishFile.of(f.species(), f.howMany()).but(d -> {
                    d.lengthCm = f.lengthCm();
                    d.captiveBred = f.captiveBred();
                    d.want = MOST_WANTED;
                })));
        return plan.living(List.of()).wishing(wishes);
    }
}
