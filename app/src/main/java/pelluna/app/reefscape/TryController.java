package pelluna.app.reefscape;

import java.util.NoSuchElementException;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.core.advice.Advice;
import pelluna.core.advice.Attempt;

/** Tries in the plan what would calm a pair. */
@Controller
class TryController {
    private final ReefscapeViews reefscapes;
    private final PlanSteps steps;
    private final KeeperCatalogue catalogue;

    TryController(ReefscapeViews reefscapes, PlanSteps steps, KeeperCatalogue catalogue) {
        this.reefscapes = reefscapes;
        this.steps = steps;
        this.catalogue = catalogue;
    }

    /**
     * @param attempt what to try, as {@link AttemptText} writes it
     * @param of      the mark of the plan that it was computed for; another plan is left alone
     */
    @PostMapping("/tanks/{id}/reefscape/try")
    String attempt(
            OwnedTank tank,
            @RequestParam String attempt,
            @RequestParam String of,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String chosen,
            RedirectAttributes to) {
        if (steps.mark(tank).equals(of)) {
            ReefscapeViews.View view = reefscapes.open(tank);
            Attempt read = AttemptText.read(attempt, catalogue.get());
            steps.change(
                    tank,
                    tried(read, view),
                    file -> AttemptText.applied(read, view.opened().plan(), file));
        } else {
            to.addAttribute("stale", true);
        }
        return ReefHandsController.back(tank, on, chosen, to);
    }

    private static PlanChange tried(Attempt attempt, ReefscapeViews.View view) {
        try {
            return new PlanChange.Tried(Advice.asks(attempt, view.outlook()));
        } catch (NoSuchElementException | IndexOutOfBoundsException e) {
            throw new NoSuchTankException();
        }
    }
}
