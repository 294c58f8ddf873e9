package pelluna.app.shell;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.tank.TankEntity;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** How Pelluna thinks: what it counts, where its facts come from, what it cannot know, and the words that it uses. */
@Controller
class HowController {
    /** Terms that are explained behind a question mark too, as their messages are called. */
    static final List<String> TERMS =
            List.of("aggression", "style", "limits", "ammonia", "order", "observation", "range", "chance", "odds");

    private final TankPlans plans;
    private final Shells shells;

    HowController(TankPlans plans, Shells shells) {
        this.plans = plans;
        this.shells = shells;
    }

    /** Beside the first tank, where there is one. */
    @GetMapping("/how")
    String how(Model model) {
        List<TankEntity> tanks = plans.tanks();
        if (!tanks.isEmpty()) {
            return "redirect:/tanks/" + tanks.get(0).id() + "/how";
        }
        Words say = plans.words();
        shells.around(model, "how", say.text("page.how.title"), say.text("page.how.sentence"));
        return page(model, say);
    }

    @GetMapping("/tanks/{id}/how")
    String how(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        shells.around(model, opened, "how", say.text("page.how.title"), say.text("page.how.sentence"));
        return page(model, say);
    }

    private static String page(Model model, Words say) {
        model.addAttribute("marks", new Marks(say));
        model.addAttribute("steps", List.of(Step.values()));
        model.addAttribute("terms", TERMS);
        return "how";
    }
}
