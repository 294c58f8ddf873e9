package pelluna.app.sharing;

import java.sql.Timestamp;
import java.sql.Types;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;
import pelluna.app.account.OwnedTank;
import pelluna.app.database.AskedFor;
import pelluna.app.limits.Refused;
import pelluna.app.rows.Secrets;
import pelluna.core.units.Named;

/** Links of a tank: made, counted, ended. The secret of one is told once and kept as a hash. */
@Service
public class ShareLinks {
    /** Of one tank; who needs more has forgotten to end some. */
    private static final int MOST = 50;

    private final JdbcClient jdbc;
    private final TransactionOperations together;
    private final Clock clock;

    ShareLinks(JdbcClient jdbc, TransactionOperations together, Clock clock) {
        this.jdbc = jdbc;
        this.together = together;
        this.clock = clock;
    }

    /** @param which the number of an incident; 0 for anything else; @param expires null for a calendar's */
    public record Link(
            long id, Shared what, long which, Instant made, Instant expires, int opened, Instant lastOpened) {}

    /** What somebody who has the secret may see. @param owner in whose name */
    public record Opened(long tank, long owner, Shared what, long which) {}

    /**
     * @param which the number of an incident; 0 for anything else
     * @param good  how long; null until it is ended
     * @return the secret
     * @throws Refused, if there are too many already
     */
    public String make(OwnedTank tank, Shared what, long which, Duration good) {
        String secret = Secrets.fresh();
        together.executeWithoutResult(status -> {
            jdbc.sql("delete from share_link where tank_id = ? and expires_at < ?")
                    .params(tank.id(), now())
                    .update();
            if (of(tank).size() >= MOST) {
                throw new Refused(new SharingRefusal.TooMany(MOST));
            }
            jdbc.sql("""
                        insert into share_link (tank_id, what, incident_id, secret, made_at, expires_at)
                        values (:tank, :what, :which, :secret, :made, :expires)""")
                    .param("tank", tank.id())
                    .param("what", what.word())
                    .param("which", what == Shared.INCIDENT ? which : null, Types.BIGINT)
                    .param("secret", Secrets.hashed(secret))
                    .param("made", now())
                    .param("expires", good == null ? null : now().plus(good), Types.TIMESTAMP_WITH_TIMEZONE)
                    .update();
        });
        return secret;
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** Those that open something still, newest first. */
    public List<Link> of(OwnedTank tank) {
        return jdbc.sql("""
                        select id, what, coalesce(incident_id, 0) as which, made_at, expires_at, opened, last_opened
                        from share_link where tank_id = ? and (expires_at is null or expires_at >= ?)
                        order by id desc""")
                .params(tank.id(), now())
                .query((row, n) -> new Link(
                        row.getLong("id"),
                        Named.find(Shared.class, row.getString("what")).orElseThrow(),
                        row.getLong("which"),
                        instant(row.getTimestamp("made_at")),
                        instant(row.getTimestamp("expires_at")),
                        row.getInt("opened"),
                        instant(row.getTimestamp("last_opened"))))
                .list();
    }

    private static Instant instant(Timestamp at) {
        return at == null ? null : at.toInstant();
    }

    /** From this moment on it opens nothing. */
    public void end(OwnedTank tank, long link) {
        together.executeWithoutResult(status -> jdbc.sql("delete from share_link where id = ? and tank_id = ?")
                .params(link, tank.id())
                .update());
    }

    /** The same for all of one kind. */
    public void endAll(OwnedTank tank, Shared what) {
        together.executeWithoutResult(status -> jdbc.sql("delete from share_link where what = ? and tank_id = ?")
                .params(what.word(), tank.id())
                .update());
    }

    /** What a secret opens, counted; empty if it opens nothing, or no more. Whoever holds it may ask. */
    public Optional<Opened> open(String secret) {
        return AskedFor.all(() -> together.execute(status -> jdbc.sql("""
                        update share_link l set opened = opened + 1, last_opened = :now from tank t
                        where t.id = l.tank_id and l.secret = :secret
                        and (l.expires_at is null or l.expires_at >= :now)
                        returning l.tank_id, t.keeper_id, l.what, coalesce(l.incident_id, 0) as which""")
                .param("secret", Secrets.hashed(secret))
                .param("now", now())
                .query((row, n) -> new Opened(
                        row.getLong("tank_id"),
                        row.getLong("keeper_id"),
                        Named.find(Shared.class, row.getString("what")).orElseThrow(),
                        row.getLong("which")))
                .optional()));
    }
}
