package pelluna.app.reefscape;

import java.time.LocalDate;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Days;
import pelluna.app.limits.Numbers;
import pelluna.app.limits.Refused;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.MeasuredLengths;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.units.Convert;
import pelluna.core.units.Length;

/** A resident's measured length: from two on, it grows as it was measured. */
@Controller
class MeasureController {
    private final ReefscapeViews reefscapes;
    private final TankPlans plans;
    private final PlanSteps steps;
    private final CurrentKeeper keeper;

    MeasureController(ReefscapeViews reefscapes, TankPlans plans, PlanSteps steps, CurrentKeeper keeper) {
        this.reefscapes = reefscapes;
        this.plans = plans;
        this.steps = steps;
        this.keeper = keeper;
    }

    /**
     * @param fish id of a resident in the plan
     * @param of   the mark of the plan that the page showed; another plan is left alone
     */
    @PostMapping("/tanks/{id}/reefscape/measure")
    String measure(
            OwnedTank tank,
            @RequestParam String fish,
            @RequestParam String length,
            @RequestParam(defaultValue = "") String measuredOn,
            @RequestParam String of,
            @RequestParam(defaultValue = "") String on,
            RedirectAttributes to) {
        Plan plan = reefscapes.open(tank).opened().plan();
        Party party = plan.residents().stream()
                .filter(p -> p.id().equals(fish))
                .findFirst()
                .orElseThrow(NoSuchTankException::new);
        if (!steps.mark(tank).equals(of)) {
            to.addAttribute("stale", true);
        } else {
            try {
                double cm = cm(length);
                LocalDate day = measuredOn.isBlank() ? plans.today() : Days.happened("measuredOn", measuredOn);
                steps.change(
                        tank,
                        new PlanChange.LengthMeasured(),
                        file -> file.resident(plan.residents().indexOf(party), r -> MeasuredLengths.with(r, day, cm)));
            } catch (NumberFormatException e) {
                Refused.tell(to, new Refused("", new ReefRefusal.NoLength(new Length(party.adultCm())), e));
            } catch (PlanProblemsException e) {
                Refused.tell(
                        to,
                        new Refused(
                                "", new ReefRefusal.Needed(e.problems().get(0).expected()), e));
            }
        }
        return ReefHandsController.back(tank, on, fish, to);
    }

    private double cm(String typed) {
        return Math.round(Numbers.finite(typed) * (keeper.words().us() ? Convert.CM_PER_INCH : 1) * 100) / 100.0;
    }
}
