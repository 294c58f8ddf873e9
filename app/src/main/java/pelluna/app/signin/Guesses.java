package pelluna.app.signin;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.Keepers;

/**
 * Slows down whoever guesses passwords and codes. Counted by account and by network address; a keeper at home is not
 * locked out by a guesser elsewhere, unless that one comes from everywhere. The limits are Pelluna's judgement.
 */
@Component
class Guesses {
    private static final Logger LOG = LoggerFactory.getLogger(Guesses.class);
    static final Duration WINDOW = Duration.ofMinutes(15);
    static final int OF_AN_ACCOUNT_FROM_AN_ADDRESS = 5;
    static final int FROM_AN_ADDRESS = 20;
    static final int OF_AN_ACCOUNT = 60;

    private final JdbcClient jdbc;
    private final Clock clock;

    Guesses(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private record Counted(int both, int address, int account) {
        boolean tooMany() {
            return both >= OF_AN_ACCOUNT_FROM_AN_ADDRESS || address >= FROM_AN_ADDRESS || account >= OF_AN_ACCOUNT;
        }
    }

    /** Whether whoever is at this address has to wait before the next guess. */
    @Transactional(readOnly = true)
    public boolean tooMany(String account, String address) {
        byte[] who = hashed(account);
        return jdbc.sql("""
                        select count(*) filter (where account = :who and address = :address) as both,
                          count(*) filter (where address = :address) as address,
                          count(*) filter (where account = :who) as account
                        from wrong_guess where at > :since and (account = :who or address = :address)""")
                .param("who", who)
                .param("address", address)
                .param("since", since())
                .query(Counted.class)
                .single()
                .tooMany();
    }

    /** A guess was wrong. Kept whatever becomes of the request. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void wrong(String account, String address) {
        LOG.info("A wrong password or code.");
        jdbc.sql("delete from wrong_guess where at < ?").param(since()).update();
        jdbc.sql("insert into wrong_guess (account, address, at) values (?, ?, ?)")
                .params(hashed(account), address, clock.instant().atOffset(ZoneOffset.UTC))
                .update();
    }

    /** The right one was given: what was mistyped before is forgotten. */
    @Transactional
    public void right(String account, String address) {
        jdbc.sql("delete from wrong_guess where account = ? and address = ?")
                .params(hashed(account), address)
                .update();
    }

    private OffsetDateTime since() {
        return clock.instant().minus(WINDOW).atOffset(ZoneOffset.UTC);
    }

    private static byte[] hashed(String account) {
        try {
            return MessageDigest.getInstance("SHA-256")
                    .digest(Keepers.address(account).getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
