package pelluna.app.signin;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Keepers;
import pelluna.app.limits.Refused;

/** Makes the account of who runs the server, once. */
@Service
class FirstAccount {
    /** In the place of an account, where guesses of the code are counted. */
    private static final String CODE = "console";

    private final Keepers keepers;
    private final OwnersCode code;
    private final Guesses guesses;
    private final Passwords passwords;
    private final JdbcClient jdbc;

    FirstAccount(Keepers keepers, OwnersCode code, Guesses guesses, Passwords passwords, JdbcClient jdbc) {
        this.keepers = keepers;
        this.code = code;
        this.guesses = guesses;
        this.passwords = passwords;
        this.jdbc = jdbc;
    }

    /**
     * @param address of the network, from which it was typed
     * @throws Refused beside its field
     */
    @Transactional
    public KeeperAccount make(String typedCode, String typedName, String email, String password, String address) {
        if (guesses.tooMany(CODE, address)) {
            throw new Refused("code", new SignInRefusal.TooManyGuesses((int) Guesses.WINDOW.toMinutes()));
        }
        if (!code.is(typedCode)) {
            guesses.wrong(CODE, address);
            throw new Refused("code", new SignInRefusal.WrongCode());
        }
        String name = SignUp.name(typedName);
        String to = SignUp.address(email);
        String kept = passwords.kept("password", password, name, to);
        jdbc.sql("lock table keeper in share row exclusive mode").update();
        if (keepers.any()) {
            throw new Refused(new SignInRefusal.LinkGone());
        }
        return keepers.makeOwner(name, to, kept);
    }
}
