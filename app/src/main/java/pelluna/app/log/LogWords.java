package pelluna.app.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import pelluna.app.fish.Fish;
import pelluna.core.behaviour.EventType;
import pelluna.core.behaviour.Gravity;
import pelluna.core.sighting.Places;
import pelluna.core.sighting.Sighting;
import pelluna.core.units.Statement;
import pelluna.words.Words;

/** Lines of the log in words. */
public final class LogWords {

    private final Words say;
    private final Map<Long, Fish> fish;
    private final ZoneId zone;
    private final LocalDate today;

    public LogWords(List<Fish> fish, ZoneId zone, LocalDate today, Words say) {
        this.say = say;
        this.fish = fish.stream().collect(Collectors.toMap(Fish::id, Function.identity()));
        this.zone = zone;
        this.today = today;
    }

    /**
     * One line of the log as pages show it.
     *
     * @param how gravity, place and note, where there is something to say
     * @param by  who wrote it, where several could have
     */
    public record Line(
            long id,
            String day,
            String time,
            String says,
            String how,
            String by,
            boolean watched,
            boolean pressing,
            boolean takenBack,
            boolean sign) {}

    Line line(ObservationEntity e) {
        return line(e, "");
    }

    Line line(ObservationEntity e, String by) {
        LocalDate day = e.at().atZone(zone).toLocalDate();
        return new Line(
                e.id(),
                day(day),
                say.days().time(e.at().atZone(zone)),
                say.title(says(e.doing(), e.fishId(), e.otherId(), e.times())),
                how(e),
                by,
                e.watchId() != null,
                e.doing().presses(),
                e.takenBack(),
                e.doing().kind() == EventType.Kind.SIGN);
    }

    public String day(LocalDate day) {
        return day.equals(today)
                ? say.text("page.log.today")
                : day.equals(today.minusDays(1))
                        ? say.text("page.log.yesterday")
                        : say.days().weekday(day) + (day.getYear() == today.getYear() ? "" : " " + day.getYear());
    }

    public String time(Instant at) {
        return say.days().time(at.atZone(zone));
    }

    /** 'the coral beauty chased Saffron, 3 times'. */
    public String says(EventType doing, Long who, Long whom, int times) {
        if (doing == EventType.NOTE && who != null) {
            return name(who);
        }
        String often = times > 1
                ? doing == EventType.COUNTED ? ": " + times : say.text("page.log.times", times)
                : doing == EventType.COUNTED ? ": 1" : "";
        return did(doing, who, whom) + often;
    }

    private String did(EventType doing, Long who, Long whom) {
        if (whom != null && who != null) {
            return say.of(doing, "sentence", said(who), said(whom));
        }
        return who == null ? say.of(doing) : say.text("page.log.did", said(who), say.of(doing));
    }

    public String name(Long id) {
        return say.of(said(id));
    }

    private Statement said(Long id) {
        return Fish.said(fish.get(id));
    }

    private String how(ObservationEntity e) {
        String how = e.gravity() > e.doing().gravity() ? say.of(Gravity.degree(e.gravity())) : "";
        if (e.x() != null && e.y() != null) {
            how += (how.isEmpty() ? "" : ", ") + say.of(Places.where(new Sighting.Spot(e.x(), e.y())));
        }
        String note = OwnNotes.told(e, say);
        return how + (note.isEmpty() ? "" : (how.isEmpty() ? "" : " · ") + note);
    }
}
