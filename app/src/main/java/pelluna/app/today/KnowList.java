package pelluna.app.today;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import pelluna.app.account.OwnedTank;
import pelluna.app.behaviour.Behaviours;
import pelluna.app.fish.Fish;
import pelluna.app.losses.AfterIllness;
import pelluna.app.odds.OddsAtHand;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.probe.Probes;
import pelluna.core.arrivals.Dated;
import pelluna.core.behaviour.Standing;
import pelluna.core.outlook.Change;
import pelluna.core.plan.WaterTest;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;
import pelluna.core.water.Trend;

/**
 * What is good to know of a tank today: which lens binds, who outgrows it next, who comes next, where nitrate goes,
 * what was learned.
 */
@Component
class KnowList {
    private static final Set<Change.Kind> OUTGROWS =
            EnumSet.of(Change.Kind.LONGER_RUN, Change.Kind.MORE_WATER, Change.Kind.TURNING_ROOM);

    /** Those that differ most from their kind. */
    private static final int MOST_LEARNED = 2;

    private final TankPlans plans;
    private final Behaviours behaviour;
    private final Probes probes;
    private final AfterIllness afterIllness;
    private final OddsAtHand odds;

    KnowList(TankPlans plans, Behaviours behaviour, Probes probes, AfterIllness afterIllness, OddsAtHand odds) {
        this.plans = plans;
        this.behaviour = behaviour;
        this.probes = probes;
        this.afterIllness = afterIllness;
        this.odds = odds;
    }

    List<Item> of(OpenTank opened, List<Fish> all, List<Fish> there) {
        OwnedTank tank = opened.owned();
        String base = "/tanks/" + tank;
        List<Item> items = new ArrayList<>();
        probes.troubles(tank)
                .forEach(t -> items.add(know(
                        "probe",
                        Step.CHOP,
                        t,
                        "",
                        Item.Button.to(opened.say().text("page.today.probe"), base + "/log/water#probe"))));
        afterIllness
                .running(opened)
                .ifPresent(c -> items.add(know(
                        "illness",
                        Step.CHOP,
                        opened.say().text("page.today.nobodyNewUntil", c.watchedUntil()),
                        opened.say().text("page.today.theLastSignOfIllnessOrLoss", c.lastSign()),
                        Item.Button.to(opened.say().text("page.today.losses"), base + "/losses"))));
        nitrate(opened, base).ifPresent(items::add);
        String left = opened.say().of(opened.assessment().capacity().left());
        int stop = left.indexOf(". ");
        items.add(know(
                "room",
                opened.assessment().capacity().binding().step(),
                stop < 0 ? left : left.substring(0, stop + 1),
                stop < 0 ? "" : opened.say().text("page.today.withEverybodyPlannedGrown", left.substring(stop + 2)),
                Item.Button.to(opened.say().text("page.today.lenses"), base + "/arrivals")));
        odds.of(opened).map(o -> odds(o, opened)).ifPresent(items::add);
        opened.ahead().changes().stream()
                .filter(c -> OUTGROWS.contains(c.kind()))
                .filter(c -> c.about().stream().allMatch(id -> id.startsWith("r")))
                .findFirst()
                .ifPresent(c -> items.add(know(
                                "outgrows",
                                c.step(),
                                opened.say()
                                        .text(
                                                "page.today.fromAbout",
                                                opened.say().title(c.event()),
                                                c.on()),
                                opened.say().text("page.today.byItsGrowthReckonedMeasureIt"),
                                Item.Button.to(opened.say().text("page.today.outgrowing"), base + "/arrivals/leaving"))
                        .with(opened.ahead()
                                .outlook()
                                .find(c.about().get(0))
                                .orElseThrow()
                                .party()
                                .species())));
        opened.assessment().arrivals().steps().stream().findFirst().ifPresent(d -> items.add(next(opened, d, base)));
        Standing standing = behaviour.standing(tank, there);
        if (standing.contests() > 0) {
            Optional<Fish> highest = there.stream()
                    .filter(f -> standing.tells())
                    .filter(f -> Long.toString(f.id())
                            .equals(standing.ladder().get(0).fish()))
                    .findFirst();
            String top = highest.map(f -> opened.say().text("page.today.standsHighest", f.said()))
                    .orElse("");
            Item order = know(
                    "standing",
                    Step.CALM,
                    top.isEmpty() ? opened.say().of(standing.order()) : top,
                    top.isEmpty() ? "" : opened.say().of(standing.order()),
                    Item.Button.to(opened.say().text("page.today.standing"), base + "/log/pecking-order"));
            items.add(highest.map(f -> order.with(f.species())).orElse(order));
        }
        behaviour.learned(opened, all).stream()
                .filter(l -> l.tells() && !l.aside())
                .sorted(Comparator.comparingDouble((Behaviours.Learned l) -> -Math.abs(Math.log(l.multiplier()))))
                .limit(MOST_LEARNED)
                .forEach(l -> items.add(of(
                        all,
                        l.fish(),
                        know(
                                "learned-" + l.fish(),
                                l.multiplier() > 1 ? Step.RIPPLE : Step.CALM,
                                opened.say().title(l.name()) + " " + l.says() + ".",
                                opened.say().text("page.today.thatEntersTensionTheOrderOf"),
                                Item.Button.to(
                                        opened.say().text("page.today.whatWasLearned"),
                                        base + "/log/pecking-order")))));
        return items;
    }

    private static Item odds(OddsAtHand.Brief brief, OpenTank opened) {
        Item item = know(
                "odds",
                brief.step(),
                brief.says(),
                brief.atRisk(),
                Item.Button.to(opened.say().text("page.arrivalsParts.odds"), OddsAtHand.href(opened)));
        return brief.fish().map(item::with).orElse(item);
    }

    private static Item of(List<Fish> all, long fish, Item item) {
        return all.stream()
                .filter(f -> f.id() == fish)
                .findFirst()
                .map(f -> item.with(f.species()))
                .orElse(item);
    }

    private static Item know(String key, Step step, String says, String why, Item.Button button) {
        return Item.of(key, "", false, step, says, why, button);
    }

    private Item next(OpenTank opened, Dated d, String base) {
        LocalDate first = d.quarantineFrom().orElse(d.boxFrom());
        long days = ChronoUnit.DAYS.between(plans.today(), first);
        return know(
                        "next",
                        Step.CALM,
                        opened.say()
                                .text(
                                        "page.today.nextToComeInTheTankFrom",
                                        opened.say().list(d.arrival().parties()),
                                        d.releaseOn()),
                        d.quarantineFrom().isPresent()
                                ? days <= 0
                                        ? opened.say().text("page.today.toBeBoughtNow")
                                        : opened.say().text("page.today.toBeBoughtIn", (int) days)
                                : "",
                        Item.Button.to(opened.say().text("page.today.arrivals"), base + "/arrivals"))
                .with(d.arrival().parties().get(0).species());
    }

    /** Where nitrate goes, if it rises; from Ripple on when it nears its ceiling. */
    private static Optional<Item> nitrate(OpenTank opened, String base) {
        List<Trend.Point> points = new ArrayList<>();
        for (WaterTest t : opened.plan().tests()) {
            t.nitrate().ifPresent(v -> points.add(new Trend.Point(t.on(), v)));
        }
        double ceiling = opened.plan().tank().nitrateCeiling();
        return Trend.of(points)
                .filter(Trend::tells)
                .map(t -> know(
                        "nitrate",
                        t.weeksTo(ceiling).filter(w -> w < 8).isPresent() ? Step.CHOP : Step.CALM,
                        opened.say()
                                .text(
                                        "page.today.nitrateIs",
                                        opened.say().of(t.going(opened.say().of(Unit.NITRATE)))),
                        t.weeksTo(ceiling)
                                .map(w -> opened.say()
                                        .text(
                                                "page.today.atYourCeilingOfMgLIn",
                                                opened.say().number(ceiling),
                                                (int) Math.max(1, Math.round(w))))
                                .orElse(opened.say()
                                        .text(
                                                "page.today.yourCeilingIsMgL",
                                                opened.say().number(ceiling))),
                        Item.Button.to(opened.say().text("page.today.water"), base + "/log/water")));
    }
}
