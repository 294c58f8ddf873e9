package pelluna.app.shell;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.tank.TankEntity;
import pelluna.core.odds.Rate;
import pelluna.core.units.Rounding;
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

    /** A rate of the odds. @param figure with its unit and range */
    record RateView(Rate rate, String figure) {}

    private static RateView view(Rate r, Words say) {
        return new RateView(
                r,
                say.text(
                        "page.how.rate",
                        figure(r, r.value(), say),
                        say.of(r.kind()),
                        figure(r, r.range().low(), say),
                        figure(r, r.range().high(), say)));
    }

    /** With two digits that count. */
    private static String figure(Rate rate, double value, Words say) {
        double shown = rate.kind().shown(value);
        return say.of(Rounding.to(shown >= 10 ? 0 : shown >= 1 ? 1 : shown >= 0.1 ? 2 : 3, shown));
    }

    private static String page(Model model, Words say) {
        model.addAttribute(
                "rates", Stream.of(Rate.values()).map(r -> view(r, say)).toList());
        model.addAttribute("marks", new Marks(say));
        model.addAttribute("steps", List.of(Step.values()));
        model.addAttribute("terms", TERMS);
        return "how";
    }
}
