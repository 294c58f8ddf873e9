package pelluna.app.shell;

import java.util.List;
import pelluna.app.planning.OpenTank;
import pelluna.core.catalogue.Stance;
import pelluna.core.units.Convert;
import pelluna.words.Languages;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/**
 * What the rail of every page shows.
 *
 * @param allTanks how many there are, of which the first few are in the switcher
 * @param keeper the number of the account; null for nobody
 * @param language the code of the chosen one; empty for the one that the browser asks for
 */
public record Shell(
        String place,
        List<TankLink> tanks,
        int allTanks,
        Long tank,
        String tankName,
        String summary,
        String stance,
        String language,
        String units,
        String theme,
        Long sandboxOf,
        Long keeper) {
    /** A tank in the switcher. @param whose the name of its owner; empty for one's own */
    public record TankLink(Long id, String name, String whose) {
        public String said() {
            return whose.isEmpty() ? name : name + " · " + whose;
        }
    }

    /** A language to choose, as it calls itself. */
    public record Language(String code, String name) {}

    public List<Language> languages() {
        return Languages.all().stream()
                .map(l -> new Language(l.getLanguage(), Languages.name(l)))
                .toList();
    }

    /** '468 L · 150 cm long · 14 months'. */
    public static String summary(OpenTank opened) {
        Words say = opened.say();
        long days = opened.plan().tank().ageDays(opened.plan().startOn());
        long months = Math.round(days / Convert.DAYS_PER_MONTH);
        String age = !opened.plan().tank().ageKnown()
                ? say.text("page.shell.ageNotSaid")
                : days < 0
                        ? say.text("page.shell.stillCycling")
                        : months < 1
                                ? say.text("page.shell.days", (int) days)
                                : say.text("page.shell.months", (int) months);
        return say.text(
                "page.shell.run",
                say.volume(opened.plan().tank().glassLitres()),
                say.length(opened.plan().tank().runCm()),
                age);
    }

    public List<Stance> stances() {
        return List.of(Stance.CAUTIOUS, Stance.CUSTOMARY, Stance.BOLD);
    }

    /** Whether nobody knows whose page this is: then it has no choices either. */
    public boolean bare() {
        return units.isEmpty();
    }

    public boolean us() {
        return units.equals(UnitSystem.US.name());
    }
}
