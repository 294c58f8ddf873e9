package pelluna.app.people;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.TankRole;
import pelluna.app.database.AskedFor;
import pelluna.app.limits.Refused;
import pelluna.app.mail.Outbox;
import pelluna.app.planning.TankPlans;
import pelluna.app.rows.Secrets;
import pelluna.app.rows.ShownOnce;
import pelluna.app.signin.NewAccounts;
import pelluna.words.Words;

/** Lets people into a tank: a link to an address, good once and for a while, until its owner takes it back. */
@Service
class Invitations {
    private static final Duration GOOD = Duration.ofDays(14);
    /** People and open invitations of one tank. */
    private static final int MOST = 20;

    private static final String SHOWN = "invitation";

    private final InvitationRows rows;
    private final People people;
    private final TankPlans plans;
    private final CurrentKeeper keeper;
    private final NewAccounts accounts;
    private final Outbox outbox;
    private final ShownOnce shown;
    private final JdbcClient jdbc;
    private final TransactionTemplate together;
    /** On a connection of its own: the database knows by the connection who asks, and the link asks for all. */
    private final TransactionTemplate anew;

    private final Clock clock;

    Invitations(
            InvitationRows rows,
            People people,
            TankPlans plans,
            CurrentKeeper keeper,
            NewAccounts accounts,
            Outbox outbox,
            ShownOnce shown,
            JdbcClient jdbc,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.rows = rows;
        this.people = people;
        this.plans = plans;
        this.keeper = keeper;
        this.accounts = accounts;
        this.outbox = outbox;
        this.shown = shown;
        this.jdbc = jdbc;
        this.together = new TransactionTemplate(transactions);
        this.anew = new TransactionTemplate(transactions);
        anew.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        this.clock = clock;
    }

    /** What an invitation says to whoever holds its link. @param email to which it was sent */
    record Offer(long tank, TankRole role, String email, String tankName, String owner) {}

    List<InvitationEntity> open(OwnedTank tank) {
        return rows.findByTankIdAndExpiresAtAfterOrderById(tank.id(), clock.instant());
    }

    /**
     * Writes to somebody that they may enter. An earlier invitation to the same address is good no more.
     *
     * @param site how the server is reached
     * @throws Refused beside the field
     */
    void invite(OwnedTank tank, String typed, String role, String site) {
        TankRole as = role(role);
        String email = NewAccounts.address(typed);
        KeeperAccount own = keeper.get();
        if (email.equals(own.email())) {
            throw new Refused("email", new PeopleRefusal.YourOwnTank());
        }
        String secret = Secrets.fresh();
        together.executeWithoutResult(status -> {
            rows.deleteByExpiresAtBefore(clock.instant());
            rows.deleteByTankIdAndEmail(tank.id(), email);
            if (people.of(tank).size() + open(tank).size() >= MOST) {
                throw new Refused(new PeopleRefusal.TooMany(MOST));
            }
            rows.save(new InvitationEntity(
                    tank.id(),
                    as,
                    email,
                    Secrets.hashed(secret),
                    clock.instant().plus(GOOD)));
            Words say = keeper.words();
            String name = plans.tank(tank).name();
            outbox.write(
                    email,
                    say.text("page.people.mailSubject", own.name(), name),
                    say.text("page.people.mail", own.name(), name, say.of(as), site + "/invitation/" + secret));
        });
        shown.keep(own.id(), tank.id(), SHOWN, site + "/invitation/" + secret);
    }

    /** The link of the invitation that was just written, which is nowhere kept. */
    Optional<String> link(OwnedTank tank) {
        return shown.of(keeper.get().id(), tank.id(), SHOWN);
    }

    private static TankRole role(String word) {
        for (TankRole role : People.GIVEN) {
            if (role.name().toLowerCase(Locale.ROOT).equals(word)) {
                return role;
            }
        }
        throw new Refused("role", new PeopleRefusal.NoSuchRole());
    }

    void withdraw(OwnedTank tank, long invitation) {
        together.executeWithoutResult(status -> rows.deleteByIdAndTankId(invitation, tank.id()));
        shown.forget(keeper.get().id(), tank.id(), SHOWN);
    }

    /** What a link offers; empty for one that is not good. The link is what allows to ask. */
    Optional<Offer> look(String secret) {
        return AskedFor.all(() -> rows.findBySecretAndExpiresAtAfter(Secrets.hashed(secret), clock.instant())
                .flatMap(i -> jdbc.sql("select t.name, k.name as owner from tank t join keeper k on k.id = t.keeper_id "
                                + "where t.id = ?")
                        .param(i.tank())
                        .query((row, n) ->
                                new Offer(i.tank(), i.role(), i.email(), row.getString("name"), row.getString("owner")))
                        .optional()));
    }

    /** Lets who has signed in into the tank. @return its number; @throws Refused, if the link is not good */
    long accept(String secret) {
        long who = keeper.get().id();
        return AskedFor.all(() -> anew.execute(status -> enter(secret, who)));
    }

    /** The same with an account that is made for it, for the address to which it was sent. */
    KeeperAccount acceptAnew(String secret, String name, String password) {
        return AskedFor.all(() -> anew.execute(status -> {
            KeeperAccount made = accounts.make(name, good(secret).email(), password);
            enter(secret, made.id());
            return made;
        }));
    }

    private long enter(String secret, long who) {
        InvitationEntity invitation = good(secret);
        people.enters(invitation.tank(), who, invitation.role());
        rows.delete(invitation);
        return invitation.tank();
    }

    private InvitationEntity good(String secret) {
        return rows.findBySecretAndExpiresAtAfter(Secrets.hashed(secret), clock.instant())
                .orElseThrow(() -> new Refused(new PeopleRefusal.InvitationGone()));
    }
}
