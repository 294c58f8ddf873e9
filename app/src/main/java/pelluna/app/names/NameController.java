package pelluna.app.names;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.TankPlans;

/** The list under a field in which a fish is being named. */
@Controller
class NameController {
    private final TankPlans plans;
    private final NameChoices choices;

    NameController(TankPlans plans, NameChoices choices) {
        this.plans = plans;
        this.choices = choices;
    }

    @GetMapping("/tanks/{id}/names")
    String names(OwnedTank tank, @RequestParam(defaultValue = "") String q, Model model) {
        model.addAttribute("offer", choices.offer(q, plans.open(tank)));
        return "names :: fetched";
    }
}
