package pelluna.app.reefscape;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.ScapeFile;
import pelluna.core.scape.Scape;
import pelluna.core.tank.Tank;

/** What hands do on the Reefscape: rock, hides and run moved, put in, taken out, and the last step taken back. */
@Controller
class ReefHandsController {
    private final ReefscapeViews reefscapes;
    private final PlanSteps steps;
    private final TankPlans plans;

    ReefHandsController(ReefscapeViews reefscapes, PlanSteps steps, TankPlans plans) {
        this.plans = plans;
        this.reefscapes = reefscapes;
        this.steps = steps;
    }

    @PostMapping("/tanks/{id}/reefscape/move")
    String move(
            OwnedTank tank,
            @RequestParam String kind,
            @RequestParam String i,
            @RequestParam double dx,
            @RequestParam double dy,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String chosen,
            RedirectAttributes to) {
        Tank glass = tank(tank);
        Moves.Moved moved = Moves.move(glass, kind, i, dx, dy);
        steps.change(tank, moved.what(), plan -> {
            PlanFile drawn = drawn(plan, moved.scape());
            return moved.runCm() == glass.runCm()
                    ? drawn
                    : drawn.with(drawn.tank().but(d -> d.runCm = Math.round(moved.runCm() * 10) / 10.0));
        });
        return back(tank, on, chosen, to);
    }

    /** @param kind rock or hide */
    @PostMapping("/tanks/{id}/reefscape/add")
    String add(
            OwnedTank tank,
            @RequestParam String kind,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String chosen,
            RedirectAttributes to) {
        Tank glass = tank(tank);
        boolean rock = kind.equals("rock");
        Scape more = rock
                ? Moves.plusRock(glass)
                : glass.scape()
                        .withHides(
                                glass.scape().hides().size() + 1,
                                glass.lengthCm(),
                                glass.frontHeightCm(),
                                glass.sandDepthCm());
        steps.change(tank, rock ? new PlanChange.RockPutIn() : new PlanChange.HidePutIn(), plan -> drawn(plan, more));
        return back(tank, on, chosen, to);
    }

    /** @param kind rock or hide */
    @PostMapping("/tanks/{id}/reefscape/take")
    String take(
            OwnedTank tank,
            @RequestParam String kind,
            @RequestParam int i,
            @RequestParam(defaultValue = "") String on,
            RedirectAttributes to) {
        Scape less = Moves.without(tank(tank).scape(), kind, i);
        steps.change(
                tank,
                kind.equals("rock") ? new PlanChange.RockTakenOut() : new PlanChange.HideTakenOut(),
                plan -> drawn(plan, less));
        return back(tank, on, "", to);
    }

    @PostMapping("/tanks/{id}/reefscape/undo")
    String undo(
            OwnedTank tank,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String chosen,
            RedirectAttributes to) {
        steps.undo(tank);
        return back(tank, on, chosen, to);
    }

    private Tank tank(OwnedTank tank) {
        return reefscapes.open(tank).opened().plan().tank();
    }

    private static PlanFile drawn(PlanFile plan, Scape scape) {
        return plan.with(plan.tank().drawn(ScapeFile.of(scape), scape.hides().size()));
    }

    static String back(OwnedTank tank, String on, String chosen, RedirectAttributes to) {
        if (!on.isBlank()) {
            to.addAttribute("on", on);
        }
        if (!chosen.isBlank()) {
            to.addAttribute(chosen.contains("~") ? "pair" : "fish", chosen);
        }
        return "redirect:/tanks/" + tank + "/reefscape";
    }
}
