package pelluna.app.fish;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.livestock.Lives;
import pelluna.app.livestock.Stood;
import pelluna.app.planning.OpenTank;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.livestock.Stage;
import pelluna.words.Words;

/** A fish's history, from wish to loss, newest first. */
@Component
class FishHistory {
    private static final int MOST = 60;
    /** What neither the log nor the measures tell. */
    private static final Set<LifeEvent> TOLD = EnumSet.of(
            LifeEvent.WISHED,
            LifeEvent.CAME,
            LifeEvent.FOUND,
            LifeEvent.ARRIVAL_UNDONE,
            LifeEvent.TAKEN_OFF,
            LifeEvent.PUT_BACK,
            LifeEvent.LOST,
            LifeEvent.REHOMED,
            LifeEvent.RETURNED,
            LifeEvent.TRADED_IN,
            LifeEvent.LEFT,
            LifeEvent.NEVER_WAS);

    private final Lives lives;
    private final FishLife life;
    private final FishNotes notes;

    FishHistory(Lives lives, FishLife life, FishNotes notes) {
        this.lives = lives;
        this.life = life;
        this.notes = notes;
    }

    @Transactional(readOnly = true)
    List<FishNotes.Line> of(OpenTank opened, Fish f, List<Fish> all) {
        List<FishNotes.Line> lines = new ArrayList<>(notes.about(opened.owned(), f, all, MOST));
        lines.addAll(notes.deeds(opened.owned(), f, all));
        life.lengths(opened, f)
                .forEach(l ->
                        lines.add(new FishNotes.Line(l.on(), opened.say().text("page.fish.measured2", l.says()))));
        told(lives.course(f.id())).forEach(e -> lines.add(new FishNotes.Line(e.on(), told(e, opened.say()))));
        lines.sort(Comparator.comparing(FishNotes.Line::on).reversed());
        return lines;
    }

    /** The newest first; of an end that was put right, the last word. */
    private static List<Stood> told(List<Stood> course) {
        List<Stood> told = new ArrayList<>();
        for (int i = course.size() - 1; i >= 0; i--) {
            Stood e = course.get(i);
            boolean putRight = e.event().to().filter(Stage.GONE::equals).isPresent()
                    && told.stream().anyMatch(later -> later.event() == e.event());
            if (e.on() != null && TOLD.contains(e.event()) && !putRight) {
                told.add(e);
            }
        }
        return told;
    }

    private static String told(Stood e, Words say) {
        return e.note().isEmpty() ? say.of(e.event()) : say.title(e.note()) + ".";
    }
}
