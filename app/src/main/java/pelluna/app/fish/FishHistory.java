package pelluna.app.fish;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.planning.Desk;
import pelluna.words.English;

/** A fish's history, from wish to loss, newest first. */
@Component
class FishHistory {
    private static final int MOST = 60;
    private final FishRows rows;
    private final FishLife life;
    private final FishNotes notes;

    FishHistory(FishRows rows, FishLife life, FishNotes notes) {
        this.rows = rows;
        this.life = life;
        this.notes = notes;
    }

    @Transactional(readOnly = true)
    List<FishNotes.Line> of(Desk desk, Fish f, List<Fish> all) {
        List<FishNotes.Line> lines = new ArrayList<>(notes.about(desk.tank().id(), f, all, MOST));
        lines.addAll(notes.deeds(desk.tank().id(), f, all));
        life.lengths(desk, f).forEach(l -> lines.add(new FishNotes.Line(l.on(), "Measured " + l.says() + ".")));
        rows.findById(f.id()).ifPresent(row -> {
            if (row.wishedOn() != null) {
                lines.add(new FishNotes.Line(row.wishedOn(), "Wished for."));
            }
            if (row.cameOn() != null) {
                lines.add(new FishNotes.Line(row.cameOn(), "Came into the tank."));
            }
            if (row.leftOn() != null) {
                lines.add(new FishNotes.Line(
                        row.leftOn(),
                        row.leftHow().isEmpty() ? "Taken off the plan." : English.capital(row.leftHow()) + "."));
            }
        });
        lines.sort(Comparator.comparing(FishNotes.Line::on).reversed());
        return lines;
    }
}
