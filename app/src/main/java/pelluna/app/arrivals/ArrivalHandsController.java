package pelluna.app.arrivals;

import java.util.List;
import java.util.NoSuchElementException;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.ComesIn;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.TypedFigure;
import pelluna.core.plan.PlanFile;

/** The keeper's hand on the order of arrival: each change is a step of the plan that can be taken back. */
@Controller
class ArrivalHandsController {
    private final PlanSteps steps;
    private final TankPlans plans;
    private final ComesIn comesIn;

    ArrivalHandsController(PlanSteps steps, TankPlans plans, ComesIn comesIn) {
        this.steps = steps;
        this.plans = plans;
        this.comesIn = comesIn;
    }

    /** What every such form sends: whom it is about and the mark of the plan that it was made for. */
    record Asked(String fish, String of) {
        Asked {
            fish = fish == null ? "" : fish;
            of = of == null ? "" : of;
        }

        /** The first of those that it is about; empty if nobody is named. */
        String first() {
            return fish.split(",", 2)[0];
        }
    }

    @PostMapping("/tanks/{id}/arrivals/place")
    String place(OwnedTank tank, Asked asked, @RequestParam int place, RedirectAttributes to) {
        return change(tank, asked, new PlanChange.Placed(), plan -> HandEdits.place(plan, asked.fish(), place), to);
    }

    @PostMapping("/tanks/{id}/arrivals/day")
    String day(OwnedTank tank, Asked asked, @RequestParam String on, RedirectAttributes to) {
        return change(
                tank,
                asked,
                new PlanChange.Dated(),
                plan -> HandEdits.day(plan, asked.fish(), Days.planned("on", on, plans.today())),
                to);
    }

    @PostMapping("/tanks/{id}/arrivals/free")
    String free(OwnedTank tank, Asked asked, RedirectAttributes to) {
        return change(tank, asked, new PlanChange.LeftToPelluna(), plan -> HandEdits.free(plan, asked.fish()), to);
    }

    @PostMapping("/tanks/{id}/arrivals/join")
    String join(OwnedTank tank, Asked asked, @RequestParam String with, RedirectAttributes to) {
        return change(tank, asked, new PlanChange.Joined(), plan -> HandEdits.join(plan, asked.fish(), with), to);
    }

    @PostMapping("/tanks/{id}/arrivals/part")
    String part(OwnedTank tank, Asked asked, RedirectAttributes to) {
        return change(tank, asked, new PlanChange.Parted(), plan -> HandEdits.part(plan, asked.fish()), to);
    }

    @PostMapping("/tanks/{id}/arrivals/split")
    String split(OwnedTank tank, Asked asked, @RequestParam int apart, RedirectAttributes to) {
        return change(tank, asked, new PlanChange.Split(), plan -> HandEdits.split(plan, asked.fish(), apart), to);
    }

    @PostMapping("/tanks/{id}/arrivals/leaves")
    String leaves(
            OwnedTank tank,
            Asked asked,
            @RequestParam String on,
            @RequestParam(defaultValue = "") String why,
            RedirectAttributes to) {
        return change(
                tank,
                asked,
                on.isBlank() ? new PlanChange.Stays() : new PlanChange.Leaves(),
                plan -> on.isBlank()
                        ? HandEdits.stays(plan, asked.fish())
                        : HandEdits.leaves(plan, asked.fish(), Days.planned("on", on, plans.today()), why),
                to);
    }

    @PostMapping("/tanks/{id}/arrivals/arrived")
    String arrived(OwnedTank tank, Asked asked, RedirectAttributes to) {
        return done(
                tank,
                asked,
                () -> {
                    OpenTank opened = plans.open(tank);
                    List<String> named =
                            Stream.of(asked.fish().split(",", -1)).distinct().toList();
                    named.stream()
                            .map(f -> opened.wish(f).orElseThrow().id())
                            .toList()
                            .forEach(row -> comesIn.comes(tank, row));
                },
                to);
    }

    @PostMapping("/tanks/{id}/arrivals/drop")
    String drop(OwnedTank tank, Asked asked, RedirectAttributes to) {
        return change(tank, asked, new PlanChange.TakenOff(), plan -> HandEdits.drop(plan, asked.fish()), to);
    }

    /** What a fish costs, typed on the shop list. */
    @PostMapping("/tanks/{id}/arrivals/price-of")
    String price(OwnedTank tank, Asked asked, @RequestParam String price, RedirectAttributes to) {
        try {
            Double each = TypedFigure.price("price", price);
            change(tank, asked, new PlanChange.Priced(), plan -> HandEdits.price(plan, asked.fish(), each), to);
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/tanks/" + tank + "/arrivals";
        }
        return "redirect:/tanks/" + tank + "/arrivals" + (Refused.told(to) == null ? "/list" : "");
    }

    /** The order of arrival is Pelluna's again, places and days. */
    @PostMapping("/tanks/{id}/arrivals/best")
    String best(OwnedTank tank) {
        steps.change(tank, new PlanChange.BestOrder(), HandEdits::freeAll);
        return "redirect:/tanks/" + tank + "/arrivals";
    }

    @PostMapping("/tanks/{id}/arrivals/undo")
    String undo(OwnedTank tank) {
        steps.undo(tank);
        return "redirect:/tanks/" + tank + "/arrivals";
    }

    private String change(
            OwnedTank tank, Asked asked, PlanChange what, UnaryOperator<PlanFile> edit, RedirectAttributes to) {
        return done(tank, asked, () -> steps.change(tank, what, edit), to);
    }

    private String done(OwnedTank tank, Asked asked, Runnable task, RedirectAttributes to) {
        if (!steps.mark(tank).equals(asked.of())) {
            Refused.tell(to, new Refused(new ArrivalRefusal.PlanChanged()));
        } else {
            try {
                task.run();
            } catch (PlanProblemsException e) {
                Refused.tell(to, ArrivalRefusal.notSo(e));
            } catch (NoSuchElementException e) {
                Refused.tell(to, new Refused("", new ArrivalRefusal.NotInThePlan(), e));
            }
        }
        to.addAttribute("fish", asked.first());
        return "redirect:/tanks/" + tank + "/arrivals";
    }
}
