package pelluna.app.today;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
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
import pelluna.words.English;
import pelluna.words.Measures;

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

    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

    private final TankPlans plans;
    private final Introductions bringing;
    private final Interventions measures;
    private final QuarantineBoard quarantine;
    private final Clock clock;

    DoList(TankPlans plans, Introductions bringing, Interventions measures, QuarantineBoard quarantine, Clock clock) {
        this.plans = plans;
        this.bringing = bringing;
        this.measures = measures;
        this.quarantine = quarantine;
        this.clock = clock;
    }

    /** What is due first, then by day. */
    List<Item> of(OpenTank opened, List<Fish> there, List<Introductions.Coming> coming, HealthBoard.All health) {
        String base = "/tanks/" + opened.tank().id();
        List<Item> items = new ArrayList<>();
        coming.forEach(c -> comingIn(opened, c, base, items));
        unseen(health, base, items);
        quarantine
                .unlooked(opened)
                .forEach(s -> items.add(Item.of(
                        "stay-" + s,
                        "today",
                        true,
                        Step.RIPPLE,
                        "Look at " + s + " in quarantine.",
                        "A look a day; its clock needs them.",
                        Item.Button.to("Open quarantine", base + "/arrivals/quarantine"))));
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
                    "when you can",
                    false,
                    Step.RIPPLE,
                    "Say " + opened.say().list(asked) + ".",
                    "Until you do, it is assumed, and what hangs on it says so.",
                    Item.Button.to(
                            "Open the tank", base + "/tank#f-" + asked.get(0).word())));
        }
    }

    private void comingIn(OpenTank opened, Introductions.Coming c, String base, List<Item> items) {
        LocalDateTime now = bringing.now();
        String page = base + "/log/bringing?which=" + c.id();
        String name = c.fish().said();
        c.gate().ifPresent(g -> {
            boolean watchedToday = c.boxWatches().stream()
                    .map(BoxWatch::began)
                    .anyMatch(b -> b.atZone(clock.getZone()).toLocalDate().equals(now.toLocalDate()));
            if (!g.callOff().isEmpty()) {
                items.add(Item.of(
                        "off-" + c.id(),
                        "now",
                        true,
                        Step.SURGE,
                        "Call off the box of " + name + ".",
                        opened.say().of(g.callOff().get(0)),
                        Item.Button.to("Open", page)));
            } else if (g.open()) {
                items.add(Item.of(
                        "gate-" + c.id(),
                        "at lights-out",
                        true,
                        Step.CALM,
                        "Let " + name + " out of the box.",
                        "Three quiet watches over 48 h, and it eats.",
                        Item.Button.to("Open", page)));
            } else if (!watchedToday) {
                items.add(Item.of(
                        "boxwatch-" + c.id() + "-" + now.toLocalDate(),
                        "today",
                        true,
                        Step.RIPPLE,
                        "Watch the box of " + name + " for ten minutes.",
                        opened.say().of(g.missing().get(0)),
                        Item.Button.does("Start a watch", base + "/log/watch", Map.of("what", "begin"))));
            }
        });
        if (!c.pull().isEmpty()) {
            items.add(Item.of(
                    "pull-" + c.id(),
                    "now",
                    true,
                    Step.SURGE,
                    "Decide whether to take " + name + " out.",
                    String.join(" ", c.pull()),
                    Item.Button.to("Open the ladder", page)));
        }
        c.due(now)
                .ifPresent(l -> items.add(Item.of(
                        "look-" + c.id() + "-" + l.look().word(),
                        "due since " + when(l.due(), now),
                        true,
                        Step.RIPPLE,
                        "Look at " + name + ", " + opened.say().of(l.look()) + ".",
                        opened.say().of(l.look(), "look"),
                        Item.Button.to("Log the look", page))));
        c.next(now)
                .filter(l -> l.due().isBefore(now.plusDays(1)))
                .ifPresent(l -> items.add(Item.of(
                        "look-" + c.id() + "-" + l.look().word(),
                        when(l.due(), now),
                        false,
                        Step.CALM,
                        "Look at " + name + ", " + opened.say().of(l.look()) + ".",
                        opened.say().of(l.look(), "look"),
                        Item.Button.to("Open", page))));
        if (bringing.callsTheRoll(c)) {
            items.add(Item.of(
                    "roll-" + c.id() + "-" + now.toLocalDate(),
                    "at the next feeding",
                    true,
                    Step.RIPPLE,
                    "Call the roll: " + name + " is new.",
                    "Who came, who ate. It came out "
                            + English.count(
                                    (int) ChronoUnit.DAYS.between(c.released().toLocalDate(), now.toLocalDate()),
                                    "day",
                                    "days")
                            + " ago.",
                    Item.Button.to("Roll call", base + "/log/roll")));
        }
    }

    private static String when(LocalDateTime due, LocalDateTime now) {
        return due.toLocalDate().equals(now.toLocalDate())
                ? due.format(HOUR)
                : due.toLocalDate().equals(now.toLocalDate().plusDays(1))
                        ? "tomorrow " + due.format(HOUR)
                        : due.format(DAY);
    }

    private static void unseen(HealthBoard.All health, String base, List<Item> items) {
        for (HealthBoard.Unseen u : health.unseen()) {
            boolean gone = u.days() > LONG_UNSEEN * u.usual();
            items.add(
                    gone
                            ? Item.of(
                                    "missing-" + u.fish().id() + "-" + u.since(),
                                    "today",
                                    true,
                                    Step.CHOP,
                                    "Is " + u.fish().said() + " missing?",
                                    u.says()
                                            + " Look behind the rock, in the overflow and on the floor; if you see "
                                            + "it, log it.",
                                    Item.Button.does(
                                            "It is missing",
                                            base + "/log/fish/" + u.fish().id() + "/is",
                                            Map.of("what", "missing")))
                            : Item.of(
                                    "unseen-" + u.fish().id() + "-" + u.since(),
                                    "today",
                                    true,
                                    Step.RIPPLE,
                                    "Have you seen " + u.fish().said() + "?",
                                    u.says(),
                                    Item.Button.does(
                                            "Seen",
                                            base + "/log/sighting",
                                            Map.of(
                                                    "fish",
                                                    Long.toString(u.fish().id()),
                                                    "doing",
                                                    EventType.SEEN.word()))));
        }
    }

    /** What has been tried long enough to tell. */
    private void running(OpenTank opened, List<Fish> there, String base, List<Item> items) {
        for (Interventions.Told t : measures.told(opened.tank().id(), null)) {
            long days = Duration.between(t.taken().began(), clock.instant()).toDays();
            if (t.running() && days >= t.taken().measure().tryDays()) {
                String whom = there.stream()
                        .filter(f -> Long.valueOf(f.id()).equals(t.forFish()))
                        .map(f -> " for " + f.said())
                        .findFirst()
                        .orElse("");
                items.add(Item.of(
                        "measure-" + t.id(),
                        English.count((int) days, "day", "days") + " so far",
                        true,
                        Step.RIPPLE,
                        "End it or keep to it: " + opened.say().of(t.taken().measure()) + whom + ".",
                        t.says(opened.say()),
                        Item.Button.to(
                                "Look at it",
                                t.forFish() == null ? base + "/log/standing" : base + "/log/pressed/" + t.forFish())));
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
                    "today",
                    true,
                    Step.RIPPLE,
                    "Test the water.",
                    "The last test is of " + Measures.date(last) + ".",
                    Item.Button.to("Log a test", base + "/log/water")));
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
                items.add(Item.of(
                        d.key() + "-" + d.on(),
                        due ? "today" : d.on().format(DAY),
                        due,
                        Step.CALM,
                        d.title() + ".",
                        d.says().length() > 220 ? d.says().substring(0, 217) + "…" : d.says(),
                        button(kind, base)));
            }
        }
    }

    private static Item.Button button(String kind, String base) {
        return switch (kind) {
            case "quarantine" -> Item.Button.to("Shop list", base + "/arrivals/list");
            case "leaves" -> Item.Button.to("Leaving", base + "/arrivals/leaving");
            case "restock" -> Item.Button.to("Restock", base + "/arrivals/restock");
            default -> Item.Button.to("Bring it in", base + "/log/bringing");
        };
    }
}
