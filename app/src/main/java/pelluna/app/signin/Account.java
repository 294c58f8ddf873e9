package pelluna.app.signin;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Keepers;
import pelluna.app.limits.Refused;
import pelluna.app.mail.Outbox;
import pelluna.words.Words;

/** What a keeper changes about the own account. */
@Service
class Account {
    private final CurrentKeeper keeper;
    private final Keepers keepers;
    private final AccountLinks links;
    private final Passwords passwords;
    private final Guesses guesses;
    private final UserCredentialRepository passkeys;
    private final Outbox outbox;
    private final Door door;

    Account(
            CurrentKeeper keeper,
            Keepers keepers,
            AccountLinks links,
            Passwords passwords,
            Guesses guesses,
            UserCredentialRepository passkeys,
            Outbox outbox,
            Door door) {
        this.keeper = keeper;
        this.keepers = keepers;
        this.links = links;
        this.passwords = passwords;
        this.guesses = guesses;
        this.passkeys = passkeys;
        this.outbox = outbox;
        this.door = door;
    }

    /** A passkey as its keeper sees it. */
    record Passkey(String id, String label, Instant made) {}

    /** A place where the keeper has signed in. @param here whether it is this one */
    record Place(String device, Instant since, Instant last, boolean here) {}

    List<Passkey> passkeys() {
        return own().stream()
                .map(p -> new Passkey(p.getCredentialId().toBase64UrlString(), p.getLabel(), p.getCreated()))
                .toList();
    }

    private List<CredentialRecord> own() {
        return passkeys.findByUserId(new Bytes(keeper.get().handle()));
    }

    /** @param session the number of this one; the last used first */
    List<Place> places(String session) {
        return door.sessions(keeper.get().id()).values().stream()
                .map(s -> new Place(
                        Recently.device(s),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        s.getId().equals(session)))
                .sorted(Comparator.comparing(Place::last).reversed())
                .toList();
    }

    /** @throws Refused beside the field */
    @Transactional
    public void rename(String name) {
        keepers.rename(keeper.get().id(), SignUp.name(name));
    }

    /** @param zone as the time zone database names it; empty for the server's; @throws Refused beside the field */
    @Transactional
    public void livesIn(String zone) {
        if (!zone.isEmpty() && !ZoneId.getAvailableZoneIds().contains(zone)) {
            throw new Refused("zone", new SignInRefusal.NoSuchZone());
        }
        keeper.livesIn(zone.isEmpty() ? null : ZoneId.of(zone));
    }

    /**
     * Ends every other sign-in.
     *
     * @param session the number of this one
     * @throws Refused beside the field
     */
    @Transactional
    public void changePassword(String current, String password, String address, String session) {
        KeeperAccount own = confirmed(current, address);
        keepers.changePassword(own.id(), passwords.kept("password", password, own.name(), own.email()));
        door.showOut(own.id(), session);
        Words say = keeper.words();
        outbox.write(own.email(), say.text("page.mail.changedSubject"), say.text("page.mail.passwordChanged"));
    }

    /** Shows that it is the keeper who is there. @throws Refused, if it is not, or after too many guesses */
    @Transactional
    public KeeperAccount confirmed(String current, String address) {
        KeeperAccount own = keeper.get();
        if (own.password() == null) {
            return own;
        }
        if (guesses.tooMany(own.email(), address)) {
            throw new Refused("current", new SignInRefusal.TooManyGuesses((int) Guesses.WINDOW.toMinutes()));
        }
        if (!passwords.matches(current, own.password())) {
            guesses.wrong(own.email(), address);
            throw new Refused("current", new SignInRefusal.NotYourPassword());
        }
        return own;
    }

    /** Writes to the new address; it counts once its link was opened. */
    @Transactional
    public void asksToMove(String typed, String current, String address, String site) {
        KeeperAccount own = confirmed(current, address);
        String to = SignUp.address(typed);
        Words say = keeper.words();
        String body = keepers.byEmail(to).isPresent()
                ? say.text("page.mail.youHaveOne", site + "/sign-in")
                : say.text(
                        "page.mail.move",
                        site + "/account/address/" + links.make(AccountLinks.Purpose.EMAIL, own.id(), to));
        outbox.write(to, say.text("page.mail.moveSubject"), body);
    }

    /** @throws Refused, if the link is not good, or is another keeper's */
    @Transactional
    public void moves(String secret) {
        KeeperAccount own = keeper.get();
        AccountLinkEntity link = links.use(AccountLinks.Purpose.EMAIL, secret)
                .filter(l -> own.id().equals(l.keeperId()))
                .filter(l -> keepers.byEmail(l.email()).isEmpty())
                .orElseThrow(() -> new Refused(new SignInRefusal.LinkGone()));
        Words say = keeper.words();
        outbox.write(own.email(), say.text("page.mail.moveSubject"), say.text("page.mail.moved", link.email()));
        keepers.moveTo(own.id(), link.email());
    }

    /** Only one of this keeper's own. */
    @Transactional
    public void removePasskey(String id) {
        own().stream()
                .map(CredentialRecord::getCredentialId)
                .filter(p -> p.toBase64UrlString().equals(id))
                .forEach(passkeys::delete);
    }

    void showOutElsewhere(String session) {
        door.showOut(keeper.get().id(), session);
    }
}
