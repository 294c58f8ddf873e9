package pelluna.app.shell;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.words.Words;

/** Where everything is: every page and every term in one list to search in, and the keys. */
@Controller
class HelpController {
    private final TankPlans plans;
    private final Shells shells;

    HelpController(TankPlans plans, Shells shells) {
        this.plans = plans;
        this.shells = shells;
    }

    /** A line of help. */
    record Line(String title, String says, String href) {}

    @GetMapping("/help")
    String help(Model model) {
        Words say = plans.words();
        shells.around(model, "help", say.text("page.help.title"), say.text("page.help.sentence"));
        model.addAttribute("lines", lines(null, say));
        return "help";
    }

    @GetMapping("/tanks/{id}/help")
    String help(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        shells.around(model, opened, "help", say.text("page.help.title"), say.text("page.help.sentence"));
        model.addAttribute("lines", lines(tank, say));
        return "help";
    }

    /** @param tank null for nobody's */
    private static List<Line> lines(OwnedTank tank, Words say) {
        List<Line> places = Arrays.stream(HelpPlace.values())
                .filter(p -> tank != null || !p.ofATank())
                .map(p -> new Line(
                        say.title(p), say.of(p, "does"), p.ofATank() ? "/tanks/" + tank + "/" + p.word() : p.word()))
                .toList();
        List<Line> terms = HowController.TERMS.stream()
                .map(t -> new Line(
                        say.title(say.text("page.term." + t + ".name")),
                        say.text("page.term." + t + ".says"),
                        "/how#" + t))
                .toList();
        return Stream.concat(places.stream(), terms.stream()).toList();
    }
}
