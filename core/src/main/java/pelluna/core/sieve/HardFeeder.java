package pelluna.core.sieve;

import java.util.List;
import pelluna.core.units.Step;

/**
 * How hard it is to get eating (1 to 5) against the keeper's years: first-year 2, settled 3, seasoned 4. One over is a
 * Chop, two a Surge. Pelluna's judgement.
 */
final class HardFeeder implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        int hard = s.species().diet().hard()
                - (s.wish().captiveBred() && s.species().diet().hard() < 5 ? 1 : 0);
        int has = s.tank().keeper().skill();
        if (hard <= has) {
            return List.of();
        }
        Step step = hard - has >= 2 ? Step.SURGE : Step.CHOP;
        Remedy remedy = step == Step.SURGE
                ? Remedy.none(
                        "eating",
                        "leave it in the sea: few live past some months, and a keeper with more years behind them has "
                                + "the better chance")
                : Remedy.change("eating", "you have seen it eat prepared food in the shop, more than once");
        return List.of(Finding.of(
                RuleName.HARD_FEEDER,
                step,
                Figure.of(hard),
                Figure.of(has),
                "of 5",
                "Getting it to eat is " + hard + " of 5 in difficulty; a "
                        + s.tank().keeper().word() + " keeper is ready for " + has + ". It lives on "
                        + s.species().diet().guild().word().replace('-', ' ') + ".",
                remedy,
                s.source("feeding")));
    }
}
