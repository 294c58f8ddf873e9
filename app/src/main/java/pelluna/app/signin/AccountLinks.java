package pelluna.app.signin;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.rows.Secrets;

/** Links that are sent by mail: unguessable, kept as a hash, good once and for a while. */
@Component
class AccountLinks {
    private final AccountLinkRows rows;
    private final Clock clock;

    AccountLinks(AccountLinkRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** What a link is for, and how long it is good for. */
    enum Purpose {
        SIGN_UP("sign-up", Duration.ofHours(24)),
        RESET("reset", Duration.ofHours(1)),
        EMAIL("email", Duration.ofHours(24));

        private final String word;
        private final Duration good;

        Purpose(String word, Duration good) {
            this.word = word;
            this.good = good;
        }

        String word() {
            return word;
        }
    }

    /**
     * Makes a link; an earlier one of the same keeper for the same purpose opens nothing any more.
     *
     * @param keeper whose account it is about; null for one that is still to be made
     * @param email the address it is about
     * @return the secret, for the letter alone
     */
    @Transactional
    public String make(Purpose purpose, Long keeper, String email) {
        rows.forgetOld(clock.instant());
        if (keeper != null) {
            rows.forget(keeper, purpose.word());
        }
        String text = Secrets.fresh();
        rows.save(new AccountLinkEntity(
                Secrets.hashed(text), purpose, keeper, email, clock.instant().plus(purpose.good)));
        return text;
    }

    /** What a link is about; empty if there is no such link, or it is not good any more. */
    @Transactional(readOnly = true)
    public Optional<AccountLinkEntity> look(Purpose purpose, String secret) {
        return rows.findBySecretAndPurposeAndExpiresAtAfter(Secrets.hashed(secret), purpose.word(), clock.instant());
    }

    /** The same, and the link opens nothing any more. */
    @Transactional
    public Optional<AccountLinkEntity> use(Purpose purpose, String secret) {
        Optional<AccountLinkEntity> link = look(purpose, secret);
        link.ifPresent(rows::delete);
        return link;
    }
}
