package pelluna.app.signin;

import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Keepers;
import pelluna.app.limits.Refused;
import pelluna.app.mail.Outbox;
import pelluna.words.Words;

/** Makes accounts. Nobody learns here whether an address has one. */
@Service
class SignUp {
    private static final Pattern ADDRESS = Pattern.compile("[^@\\s]{1,64}@[^@\\s]{1,120}");
    private static final int LONGEST_NAME = 60;

    private final Keepers keepers;
    private final AccountLinks links;
    private final Passwords passwords;
    private final Outbox outbox;
    private final boolean open;
    private final boolean demo;

    /** @param open whether anybody who reaches the server may make an account */
    SignUp(
            Keepers keepers,
            AccountLinks links,
            Passwords passwords,
            Outbox outbox,
            @Value("${pelluna.sign-up:false}") boolean open,
            Environment environment) {
        this.keepers = keepers;
        this.links = links;
        this.passwords = passwords;
        this.outbox = outbox;
        this.demo = environment.acceptsProfiles(Profiles.of("demo"));
        this.open = open || demo;
    }

    boolean open() {
        return open;
    }

    /** Whether letters can be read on a page. */
    boolean demo() {
        return demo;
    }

    /** @throws Refused, for what is no address */
    static String address(String typed) {
        String address = Keepers.address(typed);
        if (!ADDRESS.matcher(address).matches()) {
            throw new Refused("email", new SignInRefusal.NoAddress());
        }
        return address;
    }

    /** @throws Refused, for no name or a long one */
    static String name(String typed) {
        String name = typed.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new Refused("name", new SignInRefusal.NoName());
        }
        return name;
    }

    /** @param site how the server is reached */
    @Transactional
    public void ask(String typed, String site, Words say) {
        if (!open) {
            throw new Refused("email", new SignInRefusal.ByInvitation());
        }
        String address = address(typed);
        String body = keepers.byEmail(address).isPresent()
                ? say.text("page.mail.youHaveOne", site + "/sign-in")
                : say.text(
                        "page.mail.signUp",
                        site + "/sign-up/" + links.make(AccountLinks.Purpose.SIGN_UP, null, address));
        outbox.write(address, say.text("page.mail.signUpSubject"), body);
    }

    /** Whose address a link was sent to; empty for one that is not good. */
    @Transactional(readOnly = true)
    public Optional<String> sentTo(String secret) {
        return links.look(AccountLinks.Purpose.SIGN_UP, secret).map(AccountLinkEntity::email);
    }

    /** @throws Refused beside its field */
    @Transactional
    public KeeperAccount make(String secret, String typedName, String password) {
        String name = name(typedName);
        String address = sentTo(secret).orElseThrow(() -> new Refused(new SignInRefusal.LinkGone()));
        String kept = passwords.kept("password", password, name, address);
        links.use(AccountLinks.Purpose.SIGN_UP, secret);
        if (keepers.byEmail(address).isPresent()) {
            throw new Refused(new SignInRefusal.LinkGone());
        }
        return keepers.make(name, address, kept);
    }
}
