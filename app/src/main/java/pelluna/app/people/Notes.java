package pelluna.app.people;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refused;

/** What an adviser and an owner note for one another about a tank. */
@Service
public class Notes {
    static final int LONGEST = 2000;
    /** The newest that a page shows. */
    private static final int SHOWN = 50;

    private final JdbcClient jdbc;
    private final CurrentKeeper keeper;
    private final Clock clock;

    Notes(JdbcClient jdbc, CurrentKeeper keeper, Clock clock) {
        this.jdbc = jdbc;
        this.keeper = keeper;
        this.clock = clock;
    }

    /** @param author empty if the account is gone; @param own whether whoever asks has written it */
    record Note(long id, String author, Instant at, String text, boolean own) {}

    /** Newest first. */
    @Transactional(readOnly = true)
    public List<Note> of(OwnedTank tank) {
        return jdbc.sql("""
                        select n.id, coalesce(k.name, n.author_name, '') as author, n.written_at, n.text,
                        coalesce(n.author_id = ?, false) as own
                        from tank_note n left join keeper k on k.id = n.author_id where n.tank_id = ?
                        order by n.id desc limit ?""")
                .params(keeper.get().id(), tank.id(), SHOWN)
                .query((row, n) -> new Note(
                        row.getLong("id"),
                        row.getString("author"),
                        row.getTimestamp("written_at").toInstant(),
                        row.getString("text"),
                        row.getBoolean("own")))
                .list();
    }

    /** @throws Refused for nothing, or too much */
    @Transactional
    public void write(OwnedTank tank, String typed) {
        String text = typed.strip();
        if (text.isEmpty()) {
            throw new Refused("text", new PeopleRefusal.EmptyNote());
        }
        if (text.length() > LONGEST) {
            throw new Refused("text", new PeopleRefusal.NoteTooLong(LONGEST));
        }
        jdbc.sql("""
                        insert into tank_note (tank_id, author_id, text, written_at) values (?, ?, ?, ?)""")
                .params(tank.id(), keeper.get().id(), text, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .update();
    }

    /** Only one's own. */
    @Transactional
    public void remove(OwnedTank tank, long note) {
        jdbc.sql("delete from tank_note where id = ? and tank_id = ? and author_id = ?")
                .params(note, tank.id(), keeper.get().id())
                .update();
    }
}
