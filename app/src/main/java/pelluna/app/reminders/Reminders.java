package pelluna.app.reminders;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.arrivals.DayAlarm;
import pelluna.app.limits.Refused;
import pelluna.core.remind.QuietHours;
import pelluna.core.remind.Rhythm;

/** What a keeper has set about reminders. */
@Service
class Reminders implements DayAlarm {
    /** In the evening before a day of the plan. Pelluna's judgement: shops are open, hands are free. */
    static final LocalTime EVENING = LocalTime.of(18, 0);

    private final CurrentKeeper keeper;
    private final ReminderRows rows;
    private final Clock clock;

    Reminders(CurrentKeeper keeper, ReminderRows rows, Clock clock) {
        this.keeper = keeper;
        this.rows = rows;
        this.clock = clock;
    }

    /** As it is before anybody has set anything: alarms in the calendar, and nothing else. */
    @Transactional(readOnly = true)
    public ReminderEntity own() {
        long id = keeper.get().id();
        return rows.findByKeeperId(id).orElseGet(() -> new ReminderEntity(id, clock.instant()));
    }

    /**
     * @param hour as '08:00'
     * @throws Refused beside the field
     */
    @Transactional
    public void mails(boolean whether, String hour, String site) {
        LocalTime at = hour("at", hour);
        change(site, r -> {
            LocalDateTime now = LocalDateTime.now(clock);
            boolean passed = !now.toLocalTime().isBefore(rhythm(r, false).said(at));
            if (whether && passed && (!r.mail() || !r.mailAt().equals(at))) {
                // today's hour has passed: the first comes tomorrow, not in this minute
                r.mailed(now.toLocalDate());
            }
            r.mails(whether, at);
        });
    }

    @Transactional
    public void alarms(boolean whether, String site) {
        change(site, r -> r.alarms(whether));
    }

    /** @param from as '22:00'; both empty for none; @throws Refused beside the field */
    @Transactional
    public void rests(String from, String to, String site) {
        if (from.isBlank() != to.isBlank()) {
            throw new Refused(from.isBlank() ? "from" : "to", new ReminderRefusal.QuietHalf());
        }
        if (from.isBlank()) {
            change(site, r -> r.rests(null));
            return;
        }
        LocalTime begin = hour("from", from);
        LocalTime end = hour("to", to);
        if (begin.equals(end)) {
            throw new Refused("to", new ReminderRefusal.QuietAllDay());
        }
        change(site, r -> r.rests(new QuietHours(begin, end)));
    }

    /** Looks anew in the next turn. */
    @Transactional
    public void looks(String site) {
        change(site, r -> {});
    }

    private void change(String site, Consumer<ReminderEntity> what) {
        ReminderEntity own = own();
        what.accept(own);
        own.reads(language(), site);
        own.lookAt(clock.instant());
        rows.save(own);
    }

    private Locale language() {
        return keeper.words().language();
    }

    static Rhythm rhythm(ReminderEntity own, boolean devices) {
        return new Rhythm(own.quiet(), devices, own.mail() ? Optional.of(own.mailAt()) : Optional.empty());
    }

    private static LocalTime hour(String field, String typed) {
        try {
            return LocalTime.parse(typed.strip());
        } catch (DateTimeParseException e) {
            throw new Refused(field, new ReminderRefusal.NoHour(), e);
        }
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<LocalTime> eveningBefore() {
        ReminderEntity own = own();
        return own.calendar()
                ? Optional.of(own.quiet().map(q -> q.ahead(EVENING)).orElse(EVENING))
                : Optional.empty();
    }
}
