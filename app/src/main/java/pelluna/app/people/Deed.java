package pelluna.app.people;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;
import pelluna.core.units.Named;
import pelluna.core.units.Statement;

/** What somebody did in a tank, by the address that was written to: the first that fits. */
enum Deed implements Named, Statement {
    FED("fed", "log/feed"),
    WATER("water", "log/water|arrivals/test"),
    FISH("fish", "log/fish/.*"),
    INTRODUCED("introduced", "log/introducing.*"),
    MEASURED("measures", "log/measures.*|log/pecking-order/.*"),
    EQUIPMENT("equipment", "log/lights|log/probe"),
    IMPORTED("imported", "log/sheets.*|import-export|catalogue"),
    LOGGED("logged", "log/.*"),
    WISHES("wishes", "wish-list.*|begin/fish|shop-card/sleep.*|stock-list/wishes"),
    QUARANTINE("quarantine", "arrivals/quarantine.*"),
    ARRIVALS("arrivals", "arrivals/.*|shop-card/bought"),
    CREW("crew", "losses/crew.*"),
    INCIDENTS("incidents", "losses/incidents.*"),
    LOSSES("losses", "losses.*"),
    TRIED("tried", "what-if.*"),
    REEFSCAPE("reefscape", "reefscape/.*"),
    FACTS("facts", "own-species.*|species/.*"),
    PEOPLE("people", "people/(invite|end|withdraw)"),
    NOTED("noted", "people/note"),
    SHARED("shared", "links.*|calendar/.*"),
    ARCHIVED("archived", "archive"),
    TANK("tank", "tank|others|name|stance|start|residents.*|begin");

    private final String word;
    private final Pattern where;

    Deed(String word, String where) {
        this.word = word;
        this.where = Pattern.compile("/tanks/[^/]+/(" + where + ")");
    }

    @Override
    public String word() {
        return word;
    }

    /** @param path an address, or its pattern; @return empty for what is about nobody's tank */
    static Optional<Deed> at(String path) {
        return Arrays.stream(values())
                .filter(d -> d.where.matcher(path).matches())
                .findFirst();
    }
}
