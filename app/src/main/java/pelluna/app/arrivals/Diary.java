package pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import pelluna.app.planning.OpenTank;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.Restock;
import pelluna.core.arrivals.Schedule;
import pelluna.core.outlook.Change;
import pelluna.core.plan.Hand;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.words.Words;

/**
 * The days of a plan: buy, box, release, looks after it, growth, leaving.
 *
 * @param key what it is about and which day of it, so that a calendar that asks again finds the same entry:
 * 'release-w17'
 */
public record Diary(LocalDate on, String key, String title, String says) {
    /** After release: next morning, day 3, day 7, as the model has it. */
    private static final int[] LOOKS = {1, 3, 7};

    /** The days of the plan of a tank. */
    public static List<Diary> of(OpenTank opened) {
        return of(opened.plan(), opened.assessment().arrivals(), opened.ahead().changes(), opened.say());
    }

    static List<Diary> of(Plan plan, Schedule schedule, List<Change> changes, Words say) {
        List<Diary> days = new ArrayList<>();
        for (Dated d : schedule.steps()) {
            arrival(d, d.arrival().parties().stream().map(Party::id).collect(Collectors.joining("-")), say, days);
        }
        for (Party p : plan.everybody()) {
            p.hand().leaves().ifPresent(l -> days.add(leaves(p, l, p.id(), say)));
        }
        for (Change c : changes) {
            boolean growth = c.kind() == Change.Kind.LONGER_RUN
                    || c.kind() == Change.Kind.MORE_WATER
                    || c.kind() == Change.Kind.TURNING_ROOM;
            if (growth) {
                days.add(new Diary(
                        c.on(),
                        "grows-" + c.kind().name().toLowerCase(java.util.Locale.ROOT) + "-"
                                + String.join("-", c.about()),
                        say.title(c.event()),
                        say.text("page.arrivals.byItsGrowthReckonedMeasureIt")));
            }
        }
        Restock.reminders(plan)
                .forEach(r -> days.add(new Diary(
                        r.on(),
                        "restock-" + ChronoUnit.DAYS.between(plan.startOn(), r.on()),
                        say.of(r.kind()),
                        say.of(r))));
        days.sort(Comparator.comparing(Diary::on).thenComparing(Diary::key));
        return days;
    }

    private static void arrival(Dated d, String id, Words say, List<Diary> days) {
        List<Party> who = d.arrival().parties();
        String why = say.sentences(d.why());
        d.quarantineFrom()
                .ifPresent(q -> days.add(new Diary(
                        q,
                        "quarantine-" + id,
                        say.text("page.arrivals.buyIntoQuarantinePlace", who, d.place()),
                        say.text("page.arrivals.buyThatIsSeenEatingWithClean", why))));
        if (d.boxed()) {
            days.add(new Diary(
                    d.boxFrom(),
                    "box-" + id,
                    say.text("page.arrivals.intoTheSeeThroughBox", who),
                    say.text("page.arrivals.inSightOfTheBossMatchThe")));
        }
        d.anew()
                .ifPresent(n -> days.add(new Diary(
                        n.out(),
                        "anew-" + id,
                        say.text("page.arrivals.dealTheGroundAnewOut", say.list(n.rivals())),
                        say.text("page.arrivals.eachToAPlaceWhereItIs", n.needs(), who))));
        days.add(new Diary(
                d.releaseOn(),
                "release-" + id,
                d.quarantineFrom().isPresent()
                        ? say.text("page.arrivals.release", who)
                        : say.text("page.arrivals.buyAndRelease", who),
                say.text("page.arrivals.goesInIfItDoesNotEat", say.of(d.method()), why)));
        for (int after : LOOKS) {
            days.add(new Diary(
                    d.releaseOn().plusDays(after),
                    "look-" + after + "-" + id,
                    say.text("page.arrivals.lookAtDay", who, after),
                    after == 1
                            ? say.text("page.arrivals.theNextMorningIsTheHourThat")
                            : say.text("page.arrivals.tornFinsHidingNotEatingChased")));
        }
    }

    private static Diary leaves(Party p, Hand.Leaving l, String id, Words say) {
        return new Diary(
                l.on(),
                "leaves-" + id,
                say.text("page.arrivals.leaves", p, p.count()),
                l.why().isEmpty() ? say.text("page.arrivals.asPlanned") : say.title(l.why()) + ".");
    }
}
