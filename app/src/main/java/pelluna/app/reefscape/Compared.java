package pelluna.app.reefscape;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.capacity.LensKind;
import pelluna.core.outlook.Press;
import pelluna.core.sieve.Verdict;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** Two plans side by side by their figures. */
final class Compared {
    private Compared() {}

    /** One figure of both. @param better whether the second is better; null if neither is */
    record Row(String what, String plan, String tried, Boolean better) {}

    static List<Row> rows(ReefscapeViews.View plan, ReefscapeViews.View tried, Words say) {
        List<Row> rows = new ArrayList<>();
        rows.add(text(say.text("page.reefscape.fishAllIn"), fish(plan), fish(tried), 0));
        rows.add(text(say.text("page.reefscape.wishesThatFit"), fits(plan), fits(tried), 1));
        rows.add(text(say.text("page.reefscape.hardPairsAllIn"), hard(plan), hard(tried), -1));
        rows.add(new Row(
                say.text("page.reefscape.hardestPairAllIn"),
                hardest(plan),
                hardest(tried),
                better(top(plan, false), top(tried, false), -1)));
        rows.add(new Row(
                say.text("page.reefscape.hardestPairFullyGrown"),
                hardestGrown(plan),
                hardestGrown(tried),
                better(top(plan, true), top(tried, true), -1)));
        rows.add(text(
                say.text("page.reefscape.tensionOfTheOrder"),
                Math.round(plan.opened().assessment().arrivals().cost()),
                Math.round(tried.opened().assessment().arrivals().cost()),
                -1));
        rows.add(text(
                say.text("page.reefscape.arrivals"),
                plan.opened().assessment().arrivals().steps().size(),
                tried.opened().assessment().arrivals().steps().size(),
                0));
        rows.add(new Row(
                say.text("page.reefscape.theLastIsInOn"),
                say.date(plan.outlook().lastArrival()),
                say.date(tried.outlook().lastArrival()),
                null));
        rows.add(new Row(say.text("page.reefscape.waterAllGrown"), nitrate(plan, say), nitrate(tried, say), null));
        rows.add(new Row(
                say.text("page.reefscape.lensThatBinds"),
                plan.opened()
                        .say()
                        .of(plan.opened().assessment().capacity().binding().kind()),
                plan.opened()
                        .say()
                        .of(tried.opened().assessment().capacity().binding().kind()),
                null));
        return rows;
    }

    private static Row text(String what, long plan, long tried, int sign) {
        return new Row(what, Long.toString(plan), Long.toString(tried), better(plan, tried, sign));
    }

    private static Boolean better(double plan, double tried, int sign) {
        return sign == 0 || Math.abs(plan - tried) < 0.5 ? null : (Boolean) ((tried - plan) * sign > 0);
    }

    private static long fish(ReefscapeViews.View v) {
        return v.outlook().everybody().stream().mapToInt(p -> p.party().count()).sum();
    }

    private static long fits(ReefscapeViews.View v) {
        return v.opened().assessment().sieve().stream()
                .filter(s -> s.outcome() != Verdict.Outcome.NOT_IN_THIS_TANK)
                .count();
    }

    private static long hard(ReefscapeViews.View v) {
        return ReefscapePage.pairs(v.outlook().presses(v.outlook().lastArrival()).stream()
                .filter(p -> p.step().atLeast(Step.CHOP))
                .toList());
    }

    private static double top(ReefscapeViews.View v, boolean grown) {
        return v.outlook().presses(grown ? v.end() : v.outlook().lastArrival()).stream()
                .mapToDouble(Press::index)
                .max()
                .orElse(0);
    }

    private static String hardest(ReefscapeViews.View v) {
        return words(v.outlook().presses(v.outlook().lastArrival()), v.opened().say());
    }

    private static String hardestGrown(ReefscapeViews.View v) {
        return words(v.outlook().presses(v.end()), v.opened().say());
    }

    private static String words(List<Press> presses, Words say) {
        return presses.isEmpty()
                ? say.text("page.reefscape.none")
                : Math.round(presses.get(0).index()) + ", "
                        + say.of(presses.get(0).aggressor().party().species()) + " → "
                        + say.of(presses.get(0).target().party().species());
    }

    /** The settled level when all are grown, as '9 of 15 mg/L'. */
    private static String nitrate(ReefscapeViews.View v, Words say) {
        return v.opened().assessment().capacity().lenses().stream()
                .filter(l -> l.kind() == LensKind.WASTE)
                .map(l ->
                        say.text("page.reefscape.of", v.opened().say().of(l.figure()), say.number(l.limit()), l.unit()))
                .findFirst()
                .orElse("");
    }
}
