package pelluna.app.reminders;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.mail.Outbox;

/** Whose turn it is, and what they were told: kept, so that nobody is told twice, after a restart or by two nodes. */
@Component
class Told {
    /** What is still due after so long is told once more. Pelluna's judgement. */
    private static final Duration FORGOTTEN = Duration.ofDays(60);
    /** A turn that ended in the middle is taken up again. */
    private static final Duration AGAIN = Duration.ofMinutes(5);

    private static final int AT_ONCE = 20;
    private static final int LONGEST = 300;

    private final JdbcClient jdbc;
    private final Outbox outbox;
    private final Clock clock;

    Told(JdbcClient jdbc, Outbox outbox, Clock clock) {
        this.jdbc = jdbc;
        this.outbox = outbox;
        this.clock = clock;
    }

    /** A keeper whose turn it is. @param version of what is set, as it was when the turn began */
    record Turn(long keeper, Locale language, int version) {}

    /** Those whose turn it is: nobody else takes them for a while. */
    @Transactional
    public List<Turn> take() {
        List<Turn> turns = jdbc.sql("select keeper_id, language, version from reminder where look_at <= ?"
                        + " order by look_at limit ? for update skip locked")
                .params(at(clock.instant()), AT_ONCE)
                .query((row, n) -> new Turn(
                        row.getLong("keeper_id"),
                        Locale.forLanguageTag(row.getString("language")),
                        row.getInt("version")))
                .list();
        for (Turn turn : turns) {
            jdbc.sql("update reminder set look_at = ? where keeper_id = ?")
                    .params(at(clock.instant().plus(AGAIN)), turn.keeper())
                    .update();
        }
        return turns;
    }

    /** What was set meanwhile is looked at at once. */
    @Transactional
    public void ends(Turn turn, Instant next) {
        jdbc.sql("update reminder set look_at = ? where keeper_id = ? and version = ?")
                .params(at(next), turn.keeper(), turn.version())
                .update();
    }

    @Transactional(readOnly = true)
    public Set<String> known(long keeper) {
        return new HashSet<>(jdbc.sql("select what from reminder_told where keeper_id = ?")
                .param(keeper)
                .query(String.class)
                .list());
    }

    @Transactional
    public void told(long keeper, List<String> what) {
        jdbc.sql("delete from reminder_told where keeper_id = ? and told_at < ?")
                .params(keeper, at(clock.instant().minus(FORGOTTEN)))
                .update();
        for (String key : what) {
            jdbc.sql("insert into reminder_told (keeper_id, what, told_at) values (?, ?, ?) on conflict do nothing")
                    .params(keeper, key, at(clock.instant()))
                    .update();
        }
    }

    /** How something is known: its tank and its own key. */
    static String key(long tank, String key) {
        String whole = tank + ":" + key;
        return whole.substring(0, Math.min(LONGEST, whole.length()));
    }

    /** Writes the day's mail: with the note that it is written, or not at all. */
    @Transactional
    public void writes(long keeper, LocalDate day, String address, DailyLetter.Written letter) {
        mailed(keeper, day);
        outbox.write(address, letter.subject(), letter.body());
    }

    @Transactional
    public void mailed(long keeper, LocalDate day) {
        jdbc.sql("update reminder set mailed_on = ? where keeper_id = ?")
                .params(day, keeper)
                .update();
    }

    private static Timestamp at(Instant moment) {
        return Timestamp.from(moment);
    }
}
