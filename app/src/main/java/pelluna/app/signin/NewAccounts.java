package pelluna.app.signin;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Keepers;
import pelluna.app.limits.Refused;

/** Accounts for those whom somebody has let in. Whoever calls has made sure of that. */
@Service
public class NewAccounts {
    private final Keepers keepers;
    private final Passwords passwords;

    NewAccounts(Keepers keepers, Passwords passwords) {
        this.keepers = keepers;
        this.passwords = passwords;
    }

    /** An address as it is kept. @throws Refused beside 'email', for what is no address */
    public static String address(String typed) {
        return SignUp.address(typed);
    }

    /** @throws Refused beside its field, and if the address has an account already */
    @Transactional
    public KeeperAccount make(String typedName, String address, String password) {
        String name = SignUp.name(typedName);
        String kept = passwords.kept("password", password, name, address);
        if (keepers.byEmail(address).isPresent()) {
            throw new Refused("name", new SignInRefusal.HasAnAccount());
        }
        return keepers.make(name, address, kept);
    }
}
