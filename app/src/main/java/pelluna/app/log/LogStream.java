package pelluna.app.log;

import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Component;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.FishNotes;
import pelluna.app.planning.TankPlans;
import pelluna.core.behaviour.EventType;

/** Lines of the log in words, for pages of other places. */
@Component
public class LogStream {
    /** Lines that are read to find those worth a history: that it ate as every day is not. */
    private static final int MOST_READ = 400;

    private final LogBook log;
    private final TankPlans plans;
    private final Clock clock;

    LogStream(LogBook log, TankPlans plans, Clock clock) {
        this.log = log;
        this.plans = plans;
        this.clock = clock;
    }

    /** The newest lines about a fish, without its being there and eating. */
    public List<FishNotes.Line> about(OwnedTank tank, Fish fish, List<Fish> all, int most) {
        LogWords words = new LogWords(all, clock.getZone(), plans.today(), plans.words());
        return log.about(tank, fish.id(), MOST_READ).stream()
                .filter(e -> e.doing().kind() != EventType.Kind.GOOD)
                .limit(most)
                .map(e -> new FishNotes.Line(e.at().atZone(clock.getZone()).toLocalDate(), told(e, words)))
                .toList();
    }

    private String told(ObservationEntity e, LogWords words) {
        String note = OwnNotes.told(e, plans.words());
        return words.time(e.at()) + " "
                + plans.words().title(words.says(e.doing(), e.fishId(), e.otherId(), e.times()))
                + (note.isEmpty() ? "." : ": " + note);
    }
}
