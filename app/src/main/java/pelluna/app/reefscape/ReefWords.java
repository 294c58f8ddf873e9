package pelluna.app.reefscape;

import java.util.List;
import pelluna.app.species.Paths;
import pelluna.core.catalogue.Species;
import pelluna.core.outlook.Change;
import pelluna.core.outlook.Press;
import pelluna.words.Words;

/** Turns of phrase that the templates of the Reefscape need. */
public final class ReefWords {
    private final Words say;

    ReefWords(Words say) {
        this.say = say;
    }

    /** 'In May 2028 the rabbitfish needs a longer run.' */
    public String sentence(Change c) {
        return say.text("page.reefscape.in", say.days().month(c.on()), say.of(c.event()));
    }

    public String key(Press p) {
        return ReefscapePage.key(p);
    }

    public String path(Species s) {
        return Paths.of(s);
    }

    public String list(List<String> names) {
        return say.list(names);
    }

    public String capital(String text) {
        return say.title(text);
    }

    /** '+19', '−0.4'. */
    public String points(double points) {
        double size = Math.abs(points);
        return (points < 0 ? "−" : "+") + say.number(size, size < 1 ? 1 : 0);
    }
}
