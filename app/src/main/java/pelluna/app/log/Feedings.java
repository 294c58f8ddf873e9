package pelluna.app.log;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.core.behaviour.EventType;
import pelluna.core.sighting.Sighting;

/** Meals and seaweed, as logged. */
@Service
public class Feedings {
    private final ObservationRows entries;
    private final LogFigures figures;
    private final Clock clock;

    Feedings(ObservationRows entries, LogFigures figures, Clock clock) {
        this.entries = entries;
        this.figures = figures;
        this.clock = clock;
    }

    /** One meal. @param at where it was given; empty if nobody says */
    public record Meal(LocalDate on, String time, boolean seaweed, Optional<Sighting.Spot> at, String note) {}

    /** Oldest first. */
    @Transactional(readOnly = true)
    public List<Meal> meals(OwnedTank tank, int days) {
        List<Meal> meals = new ArrayList<>();
        for (ObservationEntity e :
                entries.findByTankIdAndAtGreaterThanEqualAndDoingInAndTakenBackIsNullOrderByAtAscIdAsc(
                        tank.id(), figures.ago(days), List.of(EventType.FED.word(), EventType.SEAWEED.word()))) {
            ZonedDateTime at = e.at().atZone(clock.getZone());
            meals.add(new Meal(
                    at.toLocalDate(),
                    at.toLocalTime().truncatedTo(ChronoUnit.MINUTES).toString(),
                    e.doing() == EventType.SEAWEED,
                    e.x() == null ? Optional.empty() : Optional.of(new Sighting.Spot(e.x(), e.y())),
                    e.note()));
        }
        return meals;
    }
}
