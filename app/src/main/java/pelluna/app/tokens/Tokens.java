package pelluna.app.tokens;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.database.AskedFor;
import pelluna.app.limits.Refused;
import pelluna.app.rows.Secrets;
import pelluna.core.units.Named;

/** Tokens of a keeper's programs: made, looked through, ended. The secret of one is told once and kept as a hash. */
@Service
public class Tokens {
    /** Of one keeper; who needs more has forgotten to end some. */
    static final int MOST = 20;

    static final int LONGEST_NAME = 60;

    private final CurrentKeeper keeper;
    private final JdbcClient jdbc;
    private final TransactionOperations together;
    private final TransactionTemplate apart;
    private final Clock clock;

    Tokens(
            CurrentKeeper keeper,
            JdbcClient jdbc,
            TransactionOperations together,
            PlatformTransactionManager transactions,
            Clock clock) {
        apart = new TransactionTemplate(transactions);
        apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        this.keeper = keeper;
        this.jdbc = jdbc;
        this.together = together;
        this.clock = clock;
    }

    /** @param used the last day on which it was, in UTC; null if never */
    public record Token(long id, String name, Scope scope, Instant made, Instant until, LocalDate used) {}

    /** Who stands behind a secret, and what may be done with it. */
    public record Holder(long keeper, Scope scope) {}

    /**
     * @return the secret
     * @throws Refused without a name, or if there are too many already
     */
    public String make(String name, Scope scope, Duration good) {
        String called = name.strip();
        if (called.isEmpty() || called.length() > LONGEST_NAME) {
            throw new Refused("name", new TokenRefusal.NoName(LONGEST_NAME));
        }
        String secret = Secrets.fresh();
        together.executeWithoutResult(status -> {
            jdbc.sql("delete from program_token where expires_at < ?")
                    .param(now())
                    .update();
            if (own().size() >= MOST) {
                throw new Refused(new TokenRefusal.TooManyTokens(MOST));
            }
            jdbc.sql("""
                        insert into program_token (keeper_id, name, scope, secret, made_at, expires_at)
                        values (:keeper, :name, :scope, :secret, :made, :expires)""")
                    .param("keeper", keeper.get().id())
                    .param("name", called)
                    .param("scope", scope.word())
                    .param("secret", Secrets.hashed(secret))
                    .param("made", now())
                    .param("expires", now().plus(good))
                    .update();
        });
        return secret;
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    /** The keeper's own that are good still, newest first. */
    public List<Token> own() {
        return jdbc.sql("""
                        select id, name, scope, made_at, expires_at, used_on from program_token
                        where keeper_id = ? and expires_at >= ? order by id desc""")
                .params(keeper.get().id(), now())
                .query((row, n) -> new Token(
                        row.getLong("id"),
                        row.getString("name"),
                        Named.find(Scope.class, row.getString("scope")).orElseThrow(),
                        row.getTimestamp("made_at").toInstant(),
                        row.getTimestamp("expires_at").toInstant(),
                        row.getObject("used_on", LocalDate.class)))
                .list();
    }

    /** From this moment on it opens nothing. */
    public void end(long token) {
        together.executeWithoutResult(status -> jdbc.sql("delete from program_token where id = ? and keeper_id = ?")
                .params(token, keeper.get().id())
                .update());
    }

    /** All of a keeper's: whoever had to reset a password may have lost more than that. */
    public void endAll(long whose) {
        AskedFor.all(() -> apart.execute(status -> jdbc.sql("delete from program_token where keeper_id = ?")
                .param(whose)
                .update()));
    }

    /** Whose a secret is; empty if it is nobody's, or no more. Its day is noted once. */
    Optional<Holder> holder(String secret) {
        byte[] hash = Secrets.hashed(secret);
        return AskedFor.all(() -> {
            Optional<Holder> found = jdbc.sql("""
                            select keeper_id, scope from program_token where secret = ? and expires_at >= ?""")
                    .params(hash, now())
                    .query((row, n) -> new Holder(
                            row.getLong("keeper_id"),
                            Named.find(Scope.class, row.getString("scope")).orElseThrow()))
                    .optional();
            found.ifPresent(f -> jdbc.sql("""
                            update program_token set used_on = :today
                            where secret = :secret and used_on is distinct from :today""")
                    .param("today", now().toLocalDate())
                    .param("secret", hash)
                    .update());
            return found;
        });
    }
}
