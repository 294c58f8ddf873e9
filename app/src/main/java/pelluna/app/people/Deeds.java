package pelluna.app.people;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.core.units.Named;

/** Who did what in a tank: a line for each kind of deed of a day. */
@Service
class Deeds {
    /** Lines that a page shows. */
    private static final int SHOWN = 60;

    private final JdbcClient jdbc;
    private final Clock clock;

    Deeds(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** @param author empty if the account is gone */
    record Done(String author, Deed what, LocalDate on, Instant last, int times) {}

    /** Newest first. */
    @Transactional(readOnly = true)
    public List<Done> of(OwnedTank tank) {
        return jdbc.sql("""
                        select coalesce(k.name, d.author_name, '') as author, d.what, d.on_day, d.last_at, d.times
                        from deed d left join keeper k on k.id = d.author_id where d.tank_id = ?
                        order by d.last_at desc, d.id desc limit ?""")
                .params(tank.id(), SHOWN)
                .query((row, n) -> new Done(
                        row.getString("author"),
                        Named.find(Deed.class, row.getString("what")).orElse(Deed.TANK),
                        row.getDate("on_day").toLocalDate(),
                        row.getTimestamp("last_at").toInstant(),
                        row.getInt("times")))
                .list();
    }

    /** Of a what-if copy, it is a deed in its tank; a tank that has just been given up has none. */
    @Transactional
    public void did(long tank, long who, Deed what) {
        jdbc.sql("""
                        insert into deed (tank_id, author_id, what, on_day, last_at)
                        select coalesce(sandbox_of, id), :who, :what, :day, :at from tank where id = :tank
                        on conflict (tank_id, author_id, what, on_day)
                        do update set times = deed.times + 1, last_at = excluded.last_at""")
                .param("tank", tank)
                .param("who", who)
                .param("what", what.word())
                .param("day", LocalDate.now(clock))
                .param("at", OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .update();
    }
}
