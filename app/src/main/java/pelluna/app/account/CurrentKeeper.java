package pelluna.app.account;

import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import pelluna.core.units.UnitSystem;

/** Whose request this is. One local keeper for now; accounts come later and only this class changes then. */
@Component
public class CurrentKeeper {
    private static final String LOCAL = "local";
    private final KeeperAccounts accounts;

    CurrentKeeper(KeeperAccounts accounts) {
        this.accounts = accounts;
    }

    public KeeperAccount get() {
        return accounts.findByName(LOCAL).orElseGet(this::create);
    }

    /** Whether this keeper has ever been here. */
    public boolean known() {
        return accounts.findByName(LOCAL).isPresent();
    }

    private KeeperAccount create() {
        try {
            return accounts.saveAndFlush(new KeeperAccount(LOCAL));
        } catch (DataIntegrityViolationException raced) {
            return accounts.findByName(LOCAL).orElseThrow(() -> raced);
        }
    }

    @Transactional
    public void reads(UnitSystem units) {
        KeeperAccount keeper = get();
        keeper.reads(units);
        accounts.save(keeper);
    }

    @Transactional
    public void lights(String theme) {
        KeeperAccount keeper = get();
        keeper.lights(theme);
        accounts.save(keeper);
    }

    /** The keeper's own prices; null where none is said. */
    @Transactional
    public void pays(String currency, Double food, Double sheet, Double salt) {
        KeeperAccount keeper = get();
        keeper.pays(currency, food, sheet, salt);
        accounts.save(keeper);
    }

    @Transactional
    public void draws(int arrowsFrom) {
        KeeperAccount keeper = get();
        keeper.draws(arrowsFrom);
        accounts.save(keeper);
    }
}
