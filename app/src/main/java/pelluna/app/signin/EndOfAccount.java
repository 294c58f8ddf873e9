package pelluna.app.signin;

import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Keepers;
import pelluna.app.limits.Refused;
import pelluna.app.mail.Outbox;

/** Deletes an account with everything that is its own: tanks, facts, passkeys, letters, sign-ins. */
@Service
class EndOfAccount {
    private final Account account;
    private final Keepers keepers;
    private final UserCredentialRepository passkeys;
    private final Outbox outbox;
    private final Door door;

    EndOfAccount(Account account, Keepers keepers, UserCredentialRepository passkeys, Outbox outbox, Door door) {
        this.account = account;
        this.keepers = keepers;
        this.passkeys = passkeys;
        this.outbox = outbox;
        this.door = door;
    }

    /**
     * There is no way back but a package or a backup.
     *
     * @throws Refused, if it is not the keeper who asks, or others would be left without who runs the server
     */
    @Transactional
    public void delete(String current, String address) {
        KeeperAccount own = account.confirmed(current, address);
        if (own.owner() && keepers.count() > 1) {
            throw new Refused(new SignInRefusal.OthersAreHere());
        }
        passkeys.findByUserId(new Bytes(own.handle())).forEach(p -> passkeys.delete(p.getCredentialId()));
        outbox.forget(own.email());
        keepers.delete(own.id());
        door.showOut(own.id(), "");
    }
}
