package pelluna.app.shell;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.KeeperAccount;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.words.Words;

/** Puts the shell around a page. */
@Component
public class Shells {
    private final CurrentKeeper keeper;
    private final TankPlans plans;

    private final HttpServletRequest request;

    Shells(CurrentKeeper keeper, TankPlans plans, HttpServletRequest request) {
        this.keeper = keeper;
        this.plans = plans;
        this.request = request;
    }

    public void around(Model model, OpenTank opened, String place, String title, String sentence) {
        put(
                model,
                place,
                title,
                sentence,
                opened.owned().id(),
                opened.tank().name(),
                Shell.summary(opened),
                opened.tank().stance(),
                opened.tank().sandboxOf());
        model.addAttribute("marks", new Marks(opened.say()));
    }

    /** For pages without a tank. */
    public void around(Model model, String place, String title, String sentence) {
        put(model, place, title, sentence, null, "", "", "", null);
    }

    /** For a page of nobody, or one that must come whatever is wrong: nothing is asked of the database for it. */
    public static void bare(Model model, String title, Words say) {
        model.addAttribute("shell", new Shell("", List.of(), null, "", "", "", "", "", "system", null));
        model.addAttribute("say", say);
        model.addAttribute("title", title);
        model.addAttribute("sentence", "");
    }

    private void put(
            Model model,
            String place,
            String title,
            String sentence,
            Long tank,
            String name,
            String summary,
            String stance,
            Long sandboxOf) {
        KeeperAccount k = keeper.get();
        Words say = keeper.words();
        model.addAttribute(
                "shell",
                new Shell(
                        place,
                        plans.tanks().stream()
                                .map(t -> new Shell.TankLink(t.id(), t.name()))
                                .toList(),
                        tank,
                        name,
                        summary,
                        stance,
                        k.language().map(Locale::getLanguage).orElse(""),
                        k.units().name(),
                        k.theme(),
                        sandboxOf));
        model.addAttribute("say", say);
        model.addAttribute(
                "refused", Refused.shown(request).map(r -> say.of(r.why())).orElse(""));
        model.addAttribute("title", title);
        model.addAttribute("sentence", sentence);
    }
}
