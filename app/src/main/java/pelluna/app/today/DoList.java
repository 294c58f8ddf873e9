package pelluna.app.today;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import pelluna.app.arrivals.Diary;
import pelluna.app.fish.Fish;
import pelluna.app.health.HealthBoard;
import pelluna.app.introduction.Interventions;
import pelluna.app.introduction.Introductions;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.quarantine.QuarantineBoard;
import pelluna.core.behaviour.EventType;
import pelluna.core.introduction.BoxWatch;
import pelluna.core.plan.WaterTest;
import pelluna.core.sieve.Assumed;
import pelluna.core.tank.Unsaid;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** What is to be done at a tank: dated, each with the button that does it. */
@Component
class DoList {
    /** Days of the plan that are shown ahead. */
    private static final int AHEAD_DAYS = 7;
    /** Days after which the water wants a test. Common practice: weekly or every second week. */
    private static final int TEST_DAYS = 14;
    /**
     * Unseen for so many times its kind's usual time, a fish is missing rather than out of sight. Pelluna's judgement.
     */
    private static final long LONG_UNSEEN = 3;

    private final TankPlans plans;
    private final Introductions introductions;
    private final Interventions measures;
    private final QuarantineBoard quarantine;
    private final Clock clock;

    DoList(
            TankPlans plans,
            Introductions introductions,
            Interventions measures,
            QuarantineBoard quarantine,
            Clock clock) {
        this.plans = plans;
        this.introductions = introductions;
        this.measures = measures;
        this.quarantine = quarantine;
        this.clock = clock;
    }

    /** What is due first, then by day. */
    List<Item> of(OpenTank opened, List<Fish> there, List<Introductions.Coming> coming, HealthBoard.All health) {
        String base = "/tanks/" + opened.owned();
        List<Item> items = new ArrayList<>();
        for (Introductions.Coming c : coming) {
            List<Item> its = new ArrayList<>();
            comingIn(opened, c, base, its);
            its.forEach(i -> items.add(i.with(c.fish().species())));
        }
        unseen(health, base, items, opened.say());
        quarantine
                .unlooked(opened)
                .forEach(s -> items.add(Item.of(
                                "stay-" + s.label(opened.say()),
                                opened.say().text("page.today.dueToday"),
                                true,
                                Step.RIPPLE,
                                opened.say().text("page.today.lookAtInQuarantine", s.label(opened.say())),
                                opened.say().text("page.today.aLookADayItsClockNeeds"),
                                Item.Button.to(
                                        opened.say().text("page.today.openQuarantine"), base + "/arrivals/quarantine"))
                        .with(s.species())));
        running(opened, there, base, items);
        test(opened, base, items);
        planned(opened, coming, base, items);
        unsaid(opened, base, items);
        items.sort(Comparator.comparing(Item::due).reversed());
        return items;
    }

    /** Asked for: what wishes hang on and nobody has said. */
    private static void unsaid(OpenTank opened, String base, List<Item> items) {
        List<Unsaid> asked = opened.plan().tank().unsaid().stream()
                .filter(u ->
                        u == Unsaid.AGE || opened.assessment().sieve().stream().anyMatch(v -> Assumed.on(u, v)))
                .toList();
        if (!asked.isEmpty()) {
            items.add(Item.of(
                    "unsaid-" + asked.stream().map(Unsaid::word).collect(Collectors.joining("-")),
                    opened.say().text("page.today.whenYouCan"),
                    false,
                    Step.RIPPLE,
                    opened.say().text("page.today.say", opened.say().list(asked)),
                    opened.say().text("page.today.untilYouDoItIsAssumedAnd"),
                    Item.Button.to(
                            opened.say().text("page.today.openTheTank"),
                            base + "/tank#f-" + asked.get(0).word())));
        }
    }

    private void comingIn(OpenTank opened, Introductions.Coming c, String base, List<Item> items) {
        LocalDateTime now = introductions.now();
        String page = base + "/log/introducing?which=" + c.id();
        String name = opened.say().of(c.fish().said());
        c.gate().ifPresent(g -> {
            boolean watchedToday = c.boxWatches().stream()
                    .map(BoxWatch::began)
                    .anyMatch(b -> b.atZone(clock.getZone()).toLocalDate().equals(now.toLocalDate()));
            if (!g.callOff().isEmpty()) {
                items.add(Item.of(
                        "off-" + c.id(),
                        opened.say().text("page.today.now"),
                        true,
                        Step.SURGE,
                        opened.say().text("page.today.callOffTheBoxOf", name),
                        opened.say().of(g.callOff().get(0)),
                        Item.Button.to(opened.say().text("page.today.open"), page)));
            } else if (g.open()) {
                items.add(Item.of(
                        "gate-" + c.id(),
                        opened.say().text("page.today.atLightsOut"),
                        true,
                        Step.CALM,
                        opened.say().text("page.today.letOutOfTheBox", name),
                        opened.say().text("page.today.threeQuietWatchesOver48HAnd"),
                        Item.Button.to(opened.say().text("page.today.open"), page)));
            } else if (!watchedToday) {
                items.add(Item.of(
                        "boxwatch-" + c.id() + "-" + now.toLocalDate(),
                        opened.say().text("page.today.dueToday"),
                        true,
                        Step.RIPPLE,
                        opened.say().text("page.today.watchTheBoxOfForTenMinutes", name),
                        opened.say().of(g.missing().get(0)),
                        Item.Button.does(
                                opened.say().text("page.today.startAWatch"),
                                base + "/log/watch",
                                Map.of("what", "begin"))));
            }
        });
        if (!c.pull().isEmpty()) {
            items.add(Item.of(
                    "pull-" + c.id(),
                    opened.say().text("page.today.now"),
                    true,
                    Step.SURGE,
                    opened.say().text("page.today.decideWhetherToTakeOut", name),
                    String.join(" ", c.pull()),
                    Item.Button.to(opened.say().text("page.today.openTheLadder"), page)));
        }
        c.due(now)
                .ifPresent(l -> items.add(Item.of(
                        "look-" + c.id() + "-" + l.look().word(),
                        opened.say().text("page.today.dueSince", when(l.due(), now, opened.say())),
                        true,
                        Step.RIPPLE,
                        opened.say()
                                .text("page.today.lookAt", name, opened.say().of(l.look())),
                        opened.say().of(l.look(), "look"),
                        Item.Button.to(opened.say().text("page.today.logTheLook"), page))));
        c.next(now)
                .filter(l -> l.due().isBefore(now.plusDays(1)))
                .ifPresent(l -> items.add(Item.of(
                        "look-" + c.id() + "-" + l.look().word(),
                        when(l.due(), now, opened.say()),
                        false,
                        Step.CALM,
                        opened.say()
                                .text("page.today.lookAt", name, opened.say().of(l.look())),
                        opened.say().of(l.look(), "look"),
                        Item.Button.to(opened.say().text("page.today.open"), page))));
        if (introductions.callsTheRoll(c)) {
            items.add(Item.of(
                    "roll-" + c.id() + "-" + now.toLocalDate(),
                    opened.say().text("page.today.atTheNextFeeding"),
                    true,
                    Step.RIPPLE,
                    opened.say().text("page.today.callTheRollIsNew", name),
                    opened.say().text("page.today.whoCameWhoAteItCameOut", (int)
                            ChronoUnit.DAYS.between(c.released().toLocalDate(), now.toLocalDate())),
                    Item.Button.to(opened.say().text("page.today.rollCall"), base + "/log/head-count")));
        }
    }

    private static String when(LocalDateTime due, LocalDateTime now, Words say) {
        return due.toLocalDate().equals(now.toLocalDate())
                ? say.days().time(due)
                : due.toLocalDate().equals(now.toLocalDate().plusDays(1))
                        ? say.text("page.today.tomorrow", say.days().time(due))
                        : say.days().weekday(due.toLocalDate());
    }

    private static void unseen(HealthBoard.All health, String base, List<Item> items, Words say) {
        for (HealthBoard.Unseen u : health.unseen()) {
            boolean gone = u.days() > LONG_UNSEEN * u.usual();
            Item item = gone
                    ? Item.of(
                            "missing-" + u.fish().id() + "-" + u.since(),
                            say.text("page.today.dueToday"),
                            true,
                            Step.CHOP,
                            say.text("page.today.isMissing", u.fish().said()),
                            say.text("page.today.lookBehindTheRock", u.says(say)),
                            Item.Button.does(
                                    say.text("page.today.itIsMissing"),
                                    base + "/log/fish/" + u.fish().id() + "/is",
                                    Map.of("what", "missing")))
                    : Item.of(
                            "unseen-" + u.fish().id() + "-" + u.since(),
                            say.text("page.today.dueToday"),
                            true,
                            Step.RIPPLE,
                            say.text("page.today.haveYouSeen", u.fish().said()),
                            u.says(say),
                            Item.Button.does(
                                    say.text("page.today.seen"),
                                    base + "/log/sighting",
                                    Map.of("fish", Long.toString(u.fish().id()), "doing", EventType.SEEN.word())));
            items.add(item.with(u.fish().species()));
        }
    }

    /** What has been tried long enough to tell. */
    private void running(OpenTank opened, List<Fish> there, String base, List<Item> items) {
        for (Interventions.Told t : measures.told(opened.owned(), null)) {
            long days = Duration.between(t.taken().began(), clock.instant()).toDays();
            if (t.running() && days >= t.taken().measure().tryDays()) {
                String whom = there.stream()
                        .filter(f -> Long.valueOf(f.id()).equals(t.forFish()))
                        .map(f -> opened.say().text("page.today.for", f.said()))
                        .findFirst()
                        .orElse("");
                items.add(Item.of(
                        "measure-" + t.id(),
                        opened.say().text("page.today.daysSoFar", (int) days),
                        true,
                        Step.RIPPLE,
                        opened.say()
                                .text(
                                        "page.today.endItOrKeepToIt",
                                        opened.say().of(t.taken().measure()),
                                        whom),
                        t.says(opened.say()),
                        Item.Button.to(
                                opened.say().text("page.today.lookAtIt"),
                                t.forFish() == null
                                        ? base + "/log/pecking-order"
                                        : base + "/log/bullied/" + t.forFish())));
            }
        }
    }

    private void test(OpenTank opened, String base, List<Item> items) {
        LocalDate last = opened.plan().tests().stream()
                .map(WaterTest::on)
                .max(LocalDate::compareTo)
                .orElse(null);
        if (last != null && ChronoUnit.DAYS.between(last, plans.today()) >= TEST_DAYS) {
            items.add(Item.of(
                    "test-" + last,
                    opened.say().text("page.today.dueToday"),
                    true,
                    Step.RIPPLE,
                    opened.say().text("page.today.testTheWater"),
                    opened.say().text("page.today.theLastTestIsOf", last),
                    Item.Button.to(opened.say().text("page.today.logATest"), base + "/log/water")));
        }
    }

    /** Of the plan: buying, the box, release, leaving. */
    private void planned(OpenTank opened, List<Introductions.Coming> coming, String base, List<Item> items) {
        Set<String> begun = new HashSet<>();
        coming.forEach(c -> begun.add("w" + c.fish().id()));
        LocalDate today = plans.today();
        for (Diary d : Diary.of(opened)) {
            String kind = d.key().substring(0, d.key().indexOf('-'));
            String about = d.key().substring(d.key().indexOf('-') + 1);
            boolean ours =
                    Set.of("quarantine", "box", "release", "leaves", "restock").contains(kind)
                            && !begun.contains(about);
            if (ours && !d.on().isAfter(today.plusDays(AHEAD_DAYS))) {
                boolean due = !d.on().isAfter(today);
                items.add(with(
                        opened,
                        about,
                        Item.of(
                                d.key() + "-" + d.on(),
                                due
                                        ? opened.say().text("page.today.dueToday")
                                        : opened.say().days().weekday(d.on()),
                                due,
                                Step.CALM,
                                d.title() + ".",
                                d.says(),
                                button(kind, base, opened.say()))));
            }
        }
    }

    /** Beside the fish that it is about, where it is about one. */
    private static Item with(OpenTank opened, String about, Item item) {
        return opened.ahead()
                .outlook()
                .find(about)
                .map(p -> item.with(p.party().species()))
                .orElse(item);
    }

    private static Item.Button button(String kind, String base, Words say) {
        return switch (kind) {
            case "quarantine" -> Item.Button.to(say.text("page.today.shopList"), base + "/arrivals/list");
            case "leaves" -> Item.Button.to(say.text("page.today.leaving"), base + "/arrivals/leaving");
            case "restock" -> Item.Button.to(say.text("page.today.restock"), base + "/arrivals/restock");
            default -> Item.Button.to(say.text("page.today.bringItIn"), base + "/log/introducing");
        };
    }
}
