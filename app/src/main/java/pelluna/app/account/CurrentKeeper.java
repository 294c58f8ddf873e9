package pelluna.app.account;

import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import pelluna.app.writes.ByProgram;
import pelluna.app.writes.Reader;
import pelluna.words.Languages;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/** Whose request this is. */
@Component
public class CurrentKeeper implements Reader {
    private static final String KEPT = CurrentKeeper.class.getName();
    private static final String BROWSER = KEPT + ".browser";
    private final KeeperAccounts accounts;

    CurrentKeeper(KeeperAccounts accounts) {
        this.accounts = accounts;
    }

    /**
     * Looked up once in a request.
     *
     * @throws NobodySignedInException if nobody has signed in, or the account is gone
     */
    public KeeperAccount get() {
        return find().orElseThrow(NobodySignedInException::new);
    }

    private Optional<KeeperAccount> find() {
        OptionalLong id = SignedIn.id();
        if (id.isEmpty()) {
            return Optional.empty();
        }
        // a link shows its owner's page within the request of somebody else
        Optional<KeeperAccount> kept = kept().filter(k -> k.id() == id.getAsLong());
        if (kept.isPresent()) {
            return kept;
        }
        Optional<KeeperAccount> keeper = accounts.findById(id.getAsLong());
        keeper.ifPresent(CurrentKeeper::keep);
        return keeper;
    }

    private static Optional<KeeperAccount> kept() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return Optional.ofNullable(request == null ? null : request.getAttribute(KEPT, RequestAttributes.SCOPE_REQUEST))
                .map(KeeperAccount.class::cast);
    }

    private static void keep(KeeperAccount keeper) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.setAttribute(KEPT, keeper, RequestAttributes.SCOPE_REQUEST);
        }
    }

    /** Of the browser alone, in metric units, for who has not signed in. */
    @Override
    public Words words() {
        if (program()) {
            return Words.forAnybody();
        }
        return find().map(k -> Words.in(language(k), k.units()))
                .orElseGet(() -> Words.in(ofTheBrowser(), UnitSystem.METRIC));
    }

    private static boolean program() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes web
                && ByProgram.is(web.getRequest());
    }

    /** The language that the keeper has chosen, or the browser asks for. */
    Locale language() {
        return find().map(CurrentKeeper::language).orElseGet(CurrentKeeper::ofTheBrowser);
    }

    /** The same without asking the database: the keeper's if this request has looked it up, else the browser's. */
    @Override
    public Words wordsAtHand() {
        if (program()) {
            return Words.forAnybody();
        }
        return Words.in(kept().map(CurrentKeeper::language).orElseGet(CurrentKeeper::ofTheBrowser), UnitSystem.METRIC);
    }

    private static Locale language(KeeperAccount keeper) {
        return keeper.language().filter(Languages.all()::contains).orElseGet(CurrentKeeper::ofTheBrowser);
    }

    /** Read once in a request. */
    private static Locale ofTheBrowser() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null && request.getAttribute(BROWSER, RequestAttributes.SCOPE_REQUEST) instanceof Locale read) {
            return read;
        }
        if (!(request instanceof ServletRequestAttributes web)) {
            return Locale.ENGLISH;
        }
        Locale asked = Languages.best(web.getRequest().getHeader(HttpHeaders.ACCEPT_LANGUAGE));
        web.setAttribute(BROWSER, asked, RequestAttributes.SCOPE_REQUEST);
        return asked;
    }

    /** Tells work beside this request who its reader is. */
    Consumer<RequestAttributes> handed() {
        KeeperAccount keeper = get();
        Locale browser = ofTheBrowser();
        return to -> {
            to.setAttribute(KEPT, keeper, RequestAttributes.SCOPE_REQUEST);
            to.setAttribute(BROWSER, browser, RequestAttributes.SCOPE_REQUEST);
        };
    }

    /** Tells work without a browser in which language to speak. */
    static Consumer<RequestAttributes> reading(Locale language) {
        return to -> to.setAttribute(BROWSER, language, RequestAttributes.SCOPE_REQUEST);
    }

    /** The zone that the keeper has chosen; empty for nobody, and for who has chosen none. Asked for once. */
    Optional<ZoneId> zone() {
        return find().flatMap(KeeperAccount::zone);
    }

    /** @param zone null for the server's */
    @Transactional
    public void livesIn(ZoneId zone) {
        KeeperAccount keeper = get();
        keeper.livesIn(zone);
        keep(accounts.save(keeper));
    }

    @Transactional
    public void reads(UnitSystem units) {
        KeeperAccount keeper = get();
        keeper.reads(units);
        keep(accounts.save(keeper));
    }

    /** @param language null for the one that the browser asks for */
    @Transactional
    public void speaks(Locale language) {
        KeeperAccount keeper = get();
        keeper.speaks(language);
        keep(accounts.save(keeper));
    }

    @Transactional
    public void lights(String theme) {
        KeeperAccount keeper = get();
        keeper.lights(theme);
        keep(accounts.save(keeper));
    }

    /** The keeper's own prices; null where none is said. */
    @Transactional
    public void pays(String currency, Double food, Double sheet, Double salt) {
        KeeperAccount keeper = get();
        keeper.pays(currency, food, sheet, salt);
        keep(accounts.save(keeper));
    }

    @Transactional
    public void draws(int arrowsFrom) {
        KeeperAccount keeper = get();
        keeper.draws(arrowsFrom);
        keep(accounts.save(keeper));
    }
}
