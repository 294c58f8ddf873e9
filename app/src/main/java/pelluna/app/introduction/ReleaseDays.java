package pelluna.app.introduction;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.arrivals.Diary;
import pelluna.app.arrivals.LiveDays;
import pelluna.app.planning.OpenTank;

/** Looks that are still to come at fish that have been let out, for the calendar. */
@Component
class ReleaseDays implements LiveDays {
    private final Introductions introductions;

    ReleaseDays(Introductions introductions) {
        this.introductions = introductions;
    }

    @Override
    @Transactional(readOnly = true)
    public List<Diary> of(OpenTank opened) {
        List<Diary> days = new ArrayList<>();
        for (Introductions.Coming c : introductions.coming(opened)) {
            c.looks().stream()
                    .filter(l -> l.done().isEmpty()
                            && !l.due()
                                    .toLocalDate()
                                    .isBefore(introductions.now().toLocalDate()))
                    .forEach(l -> days.add(new Diary(
                            l.due().toLocalDate(),
                            "look-" + l.look().word() + "-b" + c.id(),
                            opened.say()
                                    .text(
                                            "page.introduction.lookAt",
                                            c.fish().said(),
                                            opened.say().of(l.look()),
                                            l.due().toLocalTime()),
                            opened.say().of(l.look(), "look"))));
        }
        return days;
    }
}
