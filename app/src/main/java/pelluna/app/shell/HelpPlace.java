package pelluna.app.shell;

import pelluna.core.units.Named;

/** A page that help leads to; its message says its title, and 'does' what one does there, in the words people use. */
enum HelpPlace implements Named {
    TODAY("today"),
    AWAY("today/away"),
    TANK("tank"),
    WISH_LIST("wish-list"),
    REEFSCAPE("reefscape"),
    ARRIVALS("arrivals"),
    SHOP_LIST("arrivals/list"),
    ODDS("arrivals/odds"),
    QUARANTINE("arrivals/quarantine"),
    OUTGROWING("arrivals/leaving"),
    UPKEEP("arrivals/upkeep"),
    RESTOCK("arrivals/restock"),
    LOG("log"),
    HEAD_COUNT("log/head-count"),
    INTRODUCING("log/introducing"),
    PECKING_ORDER("log/pecking-order"),
    FISH("log/fish"),
    HEALTH("log/health"),
    WATER("log/water"),
    SHEETS("log/sheets"),
    LOSSES("losses"),
    LOSS("losses/new"),
    PREDICTED("losses/predicted"),
    OTHERS("losses/others"),
    CALIBRATION("losses/calibration"),
    CREW("losses/crew"),
    INCIDENTS("losses/incidents"),
    SHOP_CARD("shop-card"),
    STOCK_LIST("stock-list"),
    SPECIES("species"),
    ALL_FISH("species/all"),
    SIDE_BY_SIDE("side-by-side"),
    MY_FACTS("my-facts"),
    PEOPLE("people"),
    IMPORT_EXPORT("import-export"),
    ACCOUNT("/account"),
    REMINDERS("/account/reminders"),
    PROGRAMS("/account/programs"),
    FIGURES("/account/figures"),
    NEW_TANK("/tanks/new"),
    LEARN("/learn"),
    HOW("/how");

    private final String path;

    HelpPlace(String path) {
        this.path = path;
    }

    @Override
    public String word() {
        return path;
    }

    boolean ofATank() {
        return !path.startsWith("/");
    }
}
