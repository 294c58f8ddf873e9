package pelluna.app.arrivals;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import pelluna.app.account.KeeperAccount;
import pelluna.core.capacity.PredatorSalt;
import pelluna.words.Words;

/** The low salinity of predators' tanks in sentences: who stands it, what it saves, what a weekly change costs. */
final class SaltWords {
    private SaltWords() {}

    static List<String> of(PredatorSalt salt, KeeperAccount account, Words say) {
        List<String> says = new ArrayList<>();
        String at =
                say.text("page.arrivals.atASpecificGravityOfGKg", PredatorSalt.GRAVITY, say.number(salt.salinity(), 1));
        says.add(
                salt.allStandIt()
                        ? say.text("page.arrivals.nobodyHereWouldSufferAsFarAs", at)
                        : say.text("page.arrivals.theseWouldSufferKeepItAsIt", at, say.list(whoCannot(salt, say))));
        says.add(say.text(
                "page.arrivals.saltMixAMonthAsYouRun",
                say.mass(1000 * salt.kgNow()),
                say.mass(1000 * salt.kgLow()),
                money(salt.saved(), account, say, m -> say.text("page.arrivals.whichSaves", m))));
        says.add(say.text(
                "page.arrivals.changesOfTheSameSizeTakeA",
                say.mass(1000 * salt.kgFortnightly()),
                say.mass(1000 * salt.kgWeekly()),
                money(
                        salt.kgWeekly() - salt.kgFortnightly(),
                        account,
                        say,
                        m -> say.text("page.arrivals.weeklyCostMore", m)),
                say.mass(1000 * salt.kgLowWeekly())));
        return says;
    }

    private static List<String> whoCannot(PredatorSalt salt, Words say) {
        List<String> names = new ArrayList<>(salt.fish().stream().map(say::of).toList());
        salt.invertebrates().stream().map(say::of).forEach(names::add);
        return names;
    }

    private static String money(double kg, KeeperAccount account, Words say, UnaryOperator<String> said) {
        return account.saltPrice() == null
                ? ""
                : said.apply(say.number(kg * account.saltPrice(), 2)
                        + (account.currency().isEmpty() ? "" : " " + account.currency()));
    }
}
