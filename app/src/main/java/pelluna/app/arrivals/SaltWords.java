package pelluna.app.arrivals;

import java.util.ArrayList;
import java.util.List;
import pelluna.app.account.KeeperAccount;
import pelluna.core.capacity.PredatorSalt;
import pelluna.core.catalogue.Species;
import pelluna.words.English;
import pelluna.words.Measures;
import pelluna.words.Words;

/** The low salinity of predators' tanks in sentences: who stands it, what it saves, what a weekly change costs. */
final class SaltWords {
    private SaltWords() {}

    static List<String> of(PredatorSalt salt, KeeperAccount account, Words say) {
        List<String> says = new ArrayList<>();
        String at = "At a specific gravity of " + PredatorSalt.GRAVITY + ", "
                + Measures.number(Measures.round(salt.salinity(), 1)) + " g/kg";
        says.add(
                salt.allStandIt()
                        ? at
                                + ", nobody here would suffer, as far as the catalogue knows. No invertebrate stands "
                                + "it: none may come then."
                        : at + ", these would suffer: " + English.list(whoCannot(salt, say))
                                + ". Keep it as it is while they are here.");
        says.add("Salt mix a month: " + say.mass(1000 * salt.kgNow()) + " as you run it, "
                + say.mass(1000 * salt.kgLow()) + " so low" + money(salt.saved(), account, ", which saves ") + ".");
        says.add("Changes of the same size take " + say.mass(1000 * salt.kgFortnightly())
                + " a month every two weeks and "
                + say.mass(1000 * salt.kgWeekly()) + " every week"
                + money(salt.kgWeekly() - salt.kgFortnightly(), account, ", the weekly ones costing more by ")
                + "; weekly and so low, "
                + say.mass(1000 * salt.kgLowWeekly()) + ".");
        return says;
    }

    private static List<String> whoCannot(PredatorSalt salt, Words say) {
        List<String> names =
                new ArrayList<>(salt.fish().stream().map(Species::name).toList());
        salt.invertebrates().stream().map(say::of).forEach(names::add);
        return names;
    }

    private static String money(double kg, KeeperAccount account, String head) {
        return account.saltPrice() == null
                ? ""
                : head
                        + Measures.number(Measures.round(kg * account.saltPrice(), 2))
                        + (account.currency().isEmpty() ? "" : " " + account.currency());
    }
}
