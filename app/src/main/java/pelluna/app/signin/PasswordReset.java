package pelluna.app.signin;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Keepers;
import pelluna.app.limits.Refused;
import pelluna.app.mail.Outbox;
import pelluna.app.tokens.Tokens;
import pelluna.words.Words;

/** A new password by way of a link to the keeper's address. */
@Service
class PasswordReset {
    private final Keepers keepers;
    private final AccountLinks links;
    private final Passwords passwords;
    private final Outbox outbox;
    private final Door door;
    private final Tokens tokens;

    PasswordReset(Keepers keepers, AccountLinks links, Passwords passwords, Outbox outbox, Door door, Tokens tokens) {
        this.keepers = keepers;
        this.links = links;
        this.passwords = passwords;
        this.outbox = outbox;
        this.door = door;
        this.tokens = tokens;
    }

    /** Writes only to an address that has an account, and says nothing of it. */
    @Transactional
    public void ask(String typed, String site, Words say) {
        Optional<KeeperAccount> keeper = keepers.byEmail(SignUp.address(typed));
        keeper.ifPresent(k -> outbox.write(
                k.email(),
                say.text("page.mail.resetSubject"),
                say.text(
                        "page.mail.reset",
                        site + "/reset/" + links.make(AccountLinks.Purpose.RESET, k.id(), k.email()))));
    }

    @Transactional(readOnly = true)
    public boolean good(String secret) {
        return links.look(AccountLinks.Purpose.RESET, secret).isPresent();
    }

    /** @throws Refused beside the field, or for a link that is not good any more */
    @Transactional
    public KeeperAccount change(String secret, String password, Words say) {
        KeeperAccount keeper = links.look(AccountLinks.Purpose.RESET, secret)
                .flatMap(l -> keepers.of(l.keeperId()))
                .orElseThrow(() -> new Refused(new SignInRefusal.LinkGone()));
        keepers.changePassword(keeper.id(), passwords.kept("password", password, keeper.name(), keeper.email()));
        links.use(AccountLinks.Purpose.RESET, secret);
        door.showOut(keeper.id(), "");
        tokens.endAll(keeper.id());
        outbox.write(keeper.email(), say.text("page.mail.changedSubject"), say.text("page.mail.passwordChanged"));
        return keeper;
    }
}
