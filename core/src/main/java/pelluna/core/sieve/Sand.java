package pelluna.core.sieve;

import java.util.List;

/**
 * Sand for fish that sleep, dig or feed in it. Under 90 % of the depth a Chop, under a half a Surge: Pelluna's
 * judgement.
 */
final class Sand implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        double needs = s.species().needs().sandCm();
        double has = s.tank().sandDepthCm();
        return Setting.shortfall(has, needs, 0.9, 0.5)
                .map(step -> Finding.of(
                        RuleName.SAND,
                        step,
                        Figure.of(needs),
                        Figure.of(has),
                        "cm",
                        "It lives in and on " + s.say().length(needs) + " of sand; yours is "
                                + (has == 0 ? "bare." : s.say().length(has) + " deep."),
                        Remedy.change(
                                "sand", "there are " + s.say().length(needs) + " of fine sand, or a deep tray of it"),
                        s.source("sand")))
                .stream()
                .toList();
    }
}
