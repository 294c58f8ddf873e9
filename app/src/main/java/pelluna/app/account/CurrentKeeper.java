package pelluna.app.account;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import pelluna.app.writes.Reader;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/** Whose request this is. One local keeper for now; accounts come later and only this class changes then. */
@Component
public class CurrentKeeper implements Reader {
    private static final String LOCAL = "local";
    private static final String KEPT = CurrentKeeper.class.getName();
    private final KeeperAccounts accounts;

    CurrentKeeper(KeeperAccounts accounts) {
        this.accounts = accounts;
    }

    /** Looked up once in a request. */
    public KeeperAccount get() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null
                && request.getAttribute(KEPT, RequestAttributes.SCOPE_REQUEST) instanceof KeeperAccount kept) {
            return kept;
        }
        KeeperAccount keeper = accounts.findByName(LOCAL).orElseGet(this::create);
        keep(keeper);
        return keeper;
    }

    private static void keep(KeeperAccount keeper) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.setAttribute(KEPT, keeper, RequestAttributes.SCOPE_REQUEST);
        }
    }

    @Override
    public Words words() {
        return get().words();
    }

    /** Whether this keeper has ever been here. */
    public boolean known() {
        return accounts.findByName(LOCAL).isPresent();
    }

    /** Two first visitors at once make one keeper. */
    private KeeperAccount create() {
        accounts.makeIfNew(LOCAL);
        return accounts.findByName(LOCAL).orElseThrow();
    }

    @Transactional
    public void reads(UnitSystem units) {
        KeeperAccount keeper = get();
        keeper.reads(units);
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
