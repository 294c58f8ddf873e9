package pelluna.app.shell;

import java.time.LocalDate;
import pelluna.app.drawing.Figures;
import pelluna.app.drawing.Waves;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Remedy;
import pelluna.core.units.English;
import pelluna.core.units.Measures;
import pelluna.core.units.Step;

/** What templates say often: the mark of a step, the figures of a finding, a day. */
public record Marks(Measures say) {
    public String wave(Step step) {
        return Waves.mark(step, 30);
    }

    public String figures(Finding f) {
        return Figures.of(f, say);
    }

    public String schools(Finding f) {
        return Figures.schools(f, say);
    }

    /** What would have to change, as a sentence; what does not stop a fish is only made better. */
    public String remedy(Finding f) {
        String text = f.remedy().text();
        if (!f.blocks() && f.remedy().kind() != Remedy.Kind.NONE) {
            return (f.remedy().inReach() ? "Better if " : "Better with ") + text + ".";
        }
        return switch (f.remedy().kind()) {
            case CHANGE, WAIT -> "Fits if " + text + ".";
            case OTHER_TANK -> "Would need " + text + ".";
            case NONE -> English.capital(text) + ".";
        };
    }

    public String date(LocalDate day) {
        return Measures.date(day);
    }
}
