package pelluna.core.remind;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Optional;

/**
 * When a keeper is reminded, in the keeper's own hours.
 *
 * @param pushes whether any device takes notifications
 * @param mailAt the hour of the daily mail; empty without one
 */
public record Rhythm(Optional<QuietHours> quiet, boolean pushes, Optional<LocalTime> mailAt) {
    /** How long something may be due before it is told. Pelluna's judgement: nothing in a tank is a matter of less. */
    public static final Duration EVERY = Duration.ofMinutes(15);

    /**
     * One look.
     *
     * @param push whether what is newly due may be told now
     * @param mail whether today's mail goes now
     * @param next when to look again
     */
    public record Turn(boolean push, boolean mail, LocalDateTime next) {}

    /** @param mailed the day of the last mail; empty before the first */
    public Turn at(LocalDateTime now, Optional<LocalDate> mailed) {
        if (quiet.isPresent() && quiet.get().at(now.toLocalTime())) {
            return new Turn(false, false, quiet.get().over(now));
        }
        boolean today = mailed.isPresent() && !mailed.get().isBefore(now.toLocalDate());
        Optional<LocalTime> hour = mailAt.map(this::said);
        boolean mail = !today && hour.isPresent() && !now.toLocalTime().isBefore(hour.get());
        LocalDateTime soon = now.plus(pushes ? EVERY : Duration.ofDays(1));
        LocalDateTime next = hour.map(
                        h -> now.toLocalDate().plusDays(today || mail ? 1 : 0).atTime(h))
                .filter(m -> m.isBefore(soon) || !pushes)
                .orElse(soon);
        return new Turn(pushes, mail, next);
    }

    /** The hour at which the mail comes: the one that was asked for, or the end of quiet hours that lie over it. */
    public LocalTime said(LocalTime asked) {
        return quiet.map(q -> q.over(asked)).orElse(asked);
    }
}
