package pelluna.app.shell;

import java.time.LocalDate;
import pelluna.app.drawing.Figures;
import pelluna.app.drawing.Waves;
import pelluna.core.sieve.Finding;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** What templates say often: the mark of a step, the figures of a finding, a day. */
public record Marks(Words say) {
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
        return say.of(f.whatHelps());
    }

    public String date(LocalDate day) {
        return say.date(day);
    }
}
