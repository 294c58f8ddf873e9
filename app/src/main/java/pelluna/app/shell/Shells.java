package pelluna.app.shell;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Ownership;
import pelluna.app.account.TankRole;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.words.Words;

/** Puts the shell around a page. */
@Component
public class Shells {
    /** Tanks in the switcher; a page has all of them. */
    private static final int MOST = 12;

    private final CurrentKeeper keeper;
    private final Ownership ownership;
    private final HttpServletRequest request;

    Shells(CurrentKeeper keeper, Ownership ownership, HttpServletRequest request) {
        this.keeper = keeper;
        this.ownership = ownership;
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
        model.addAttribute("shell", new Shell("", List.of(), 0, null, "", "", "", "", "", "system", null, null));
        model.addAttribute("say", say);
        model.addAttribute("title", title);
        model.addAttribute("sentence", "");
    }

    private List<Shell.TankLink> links() {
        return ownership.entered().stream()
                .filter(e -> !e.tank().archived())
                .limit(MOST)
                .map(e ->
                        new Shell.TankLink(e.tank().id(), e.name(), e.tank().role() == TankRole.OWNER ? "" : e.owner()))
                .toList();
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
                        links(),
                        ownership.entered().size(),
                        tank,
                        name,
                        summary,
                        stance,
                        k.language().map(Locale::getLanguage).orElse(""),
                        k.units().name(),
                        k.theme(),
                        sandboxOf,
                        k.id()));
        model.addAttribute("say", say);
        model.addAttribute(
                "refused", Refused.shown(request).map(r -> say.of(r.why())).orElse(""));
        model.addAttribute("title", title);
        model.addAttribute("sentence", sentence);
    }
}
