package pelluna.app.incident;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.incident.IncidentDrawing.Track;
import pelluna.app.introduction.Interventions;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.log.LogDays;
import pelluna.app.losses.Deaths;
import pelluna.app.planning.OpenTank;
import pelluna.app.probe.Probes;
import pelluna.app.probe.Reading;
import pelluna.app.quarantine.QuarantineDays;
import pelluna.core.behaviour.EventType;
import pelluna.core.losses.StandsOut;
import pelluna.core.plan.WaterTest;
import pelluna.core.tank.QuarantineSchool;
import pelluna.words.Words;

/** Gathers log, tests, arrivals, losses, measures and the probe of some days into one line of time. */
@Component
class TimeLine {

    private final CurrentKeeper keeper;
    private final Individuals fish;
    private final LogDays log;
    private final Deaths deaths;
    private final Interventions measures;
    private final Probes probes;
    private final QuarantineDays quarantine;
    private final Clock clock;

    TimeLine(
            Individuals fish,
            LogDays log,
            Deaths deaths,
            Interventions measures,
            Probes probes,
            QuarantineDays quarantine,
            Clock clock,
            CurrentKeeper keeper) {
        this.keeper = keeper;
        this.fish = fish;
        this.log = log;
        this.deaths = deaths;
        this.measures = measures;
        this.probes = probes;
        this.quarantine = quarantine;
        this.clock = clock;
    }

    /** Something that happened. @param time 'HH:mm'; empty if only its day is known; @param brief within a sentence */
    record Event(LocalDate on, String time, Track track, String says, String brief) {
        Event(LocalDate on, String time, Track track, String says) {
            this(on, time, track, says, says);
        }
    }

    /** One day. @param after days after the incident; negative before it */
    record Day(LocalDate on, long after, List<Event> events) {
        /** '3 days before', 'the day', 'a day after'. */
        public String when(Words say) {
            return after == 0
                    ? say.text("page.incident.theDay")
                    : (after < 0
                            ? say.text("page.incident.daysBefore", (int) Math.abs(after))
                            : say.text("page.incident.daysAfter", (int) Math.abs(after)));
        }
    }

    /** @param standsOut sentences by stated rules; @param drawing the same on a line of time */
    record Page(List<Day> days, List<String> standsOut, String drawing) {}

    /** What is at hand of the days. */
    private record Gathered(
            List<Event> events, List<IncidentDrawing.Weather> weather, Map<LocalDate, Integer> acts, boolean cut) {}

    @Transactional(readOnly = true)
    public Page of(OpenTank opened, IncidentEntity incident) {
        IncidentEntity.Days days = incident.days();
        List<Fish> all = fish.all(opened.owned());
        Gathered g = gather(opened, days, all);
        List<Event> events = g.events().stream()
                .filter(e -> !e.on().isBefore(days.from()) && !e.on().isAfter(days.until()))
                .sorted(Comparator.comparing(Event::on)
                        .thenComparing(Event::time)
                        .thenComparing(Event::track))
                .toList();
        Map<LocalDate, List<Event>> byDay =
                events.stream().collect(Collectors.groupingBy(Event::on, TreeMap::new, Collectors.toList()));
        List<Day> told = byDay.entrySet().stream()
                .map(e -> new Day(e.getKey(), ChronoUnit.DAYS.between(days.on(), e.getKey()), e.getValue()))
                .toList();
        String drawing = IncidentDrawing.draw(
                days.from(),
                days.on(),
                days.until(),
                events.stream()
                        .map(e -> new IncidentDrawing.Mark(e.on(), e.track(), e.says()))
                        .toList(),
                g.acts(),
                g.weather(),
                opened.say());
        List<String> standsOut = new ArrayList<>(StandsOut.of(standing(opened, days, all, events, g.weather())).stream()
                .map(opened.say()::of)
                .toList());
        if (g.cut()) {
            standsOut.add(opened.say().text("page.incident.theLogHasMoreSignsAndNotes", LogDays.MOST));
        }
        return new Page(told, standsOut, drawing);
    }

    private Gathered gather(OpenTank opened, IncidentEntity.Days days, List<Fish> all) {
        OwnedTank tank = opened.owned();
        Map<Long, Fish> known = all.stream().collect(Collectors.toMap(Fish::id, Function.identity()));
        List<Event> events = new ArrayList<>();
        List<QuarantineDays.Told> looks = quarantine.told(tank, days.from(), days.until());
        arrivals(tank, known, looks, events);
        departures(tank, known, events);
        List<LogDays.Told> noted = log.told(tank, all, days.from(), days.until());
        for (LogDays.Told t : noted) {
            events.add(new Event(
                    t.on(),
                    keeper.words().days().time(t.at()),
                    t.doing().kind() == EventType.Kind.SIGN ? Track.SIGNS : Track.NOTES,
                    t.says()));
        }
        for (QuarantineDays.Told t : looks) {
            events.add(new Event(
                    t.on(),
                    "",
                    t.begins() ? Track.ARRIVALS : Track.SIGNS,
                    opened.say().title(t.says())));
        }
        Map<LocalDate, Integer> acts = new TreeMap<>();
        for (LogDays.Acts a : log.acts(tank, days.from(), days.until())) {
            acts.merge(a.on(), a.acts(), Integer::sum);
            events.add(new Event(
                    a.on(),
                    "",
                    Track.CONTESTS,
                    contest(a, name(known, a.fish()), name(known, a.other()), opened.say())));
        }
        for (Interventions.Told m : measures.told(tank, null)) {
            events.add(done(
                    m.taken().began().atZone(clock.getZone()).toLocalDate(),
                    m.taken().began().atZone(clock.getZone()).toLocalTime(),
                    m,
                    known,
                    ""));
            m.taken()
                    .ended()
                    .ifPresent(end -> events.add(done(
                            end.atZone(clock.getZone()).toLocalDate(),
                            end.atZone(clock.getZone()).toLocalTime(),
                            m,
                            known,
                            opened.say().text("page.incident.ended"))));
        }
        opened.plan()
                .tests()
                .forEach(t -> events.add(new Event(
                        t.on(), "", Track.TESTS, opened.say().text("page.incident.test", words(t, opened.say())))));
        List<IncidentDrawing.Weather> weather = weather(tank, days);
        for (IncidentDrawing.Weather w : weather) {
            events.add(
                    new Event(w.on(), "", Track.PROBE, opened.say().text("page.incident.probe", w.says(opened.say()))));
        }
        return new Gathered(events, weather, acts, noted.size() == LogDays.MOST);
    }

    private static String contest(LogDays.Acts a, String fish, String other, Words say) {
        return a.hard() == 0
                ? say.text("page.incident.contest", fish, other, a.acts())
                : a.hard() == a.acts()
                        ? say.text("page.incident.contestAllHard", fish, other, a.acts())
                        : say.text("page.incident.contestSomeHard", fish, other, a.acts(), a.hard());
    }

    private Event done(LocalDate on, LocalTime at, Interventions.Told m, Map<Long, Fish> known, String how) {
        return new Event(
                on,
                keeper.words().days().time(at),
                Track.DONE,
                keeper.words().title(how + keeper.words().of(m.taken().measure()))
                        + (m.forFish() == null
                                ? ""
                                : keeper.words().text("page.incident.forFish", name(known, m.forFish())))
                        + (m.note().isEmpty() ? "" : " · " + m.note()));
    }

    private String name(Map<Long, Fish> known, Long fish) {
        Fish f = known.get(fish);
        return keeper.words().of(Fish.said(f));
    }

    private void arrivals(OwnedTank tank, Map<Long, Fish> known, List<QuarantineDays.Told> looks, List<Event> events) {
        for (LivestockEntity f : fish.rows(List.of(tank))) {
            if (f.partOf() == null && known.containsKey(f.id())) {
                String who = keeper.words().title(known.get(f.id()).label(keeper.words()));
                boolean onTheBoard = looks.stream()
                        .anyMatch(t -> t.begins()
                                && t.on().equals(f.provenance().acquiredOn())
                                && t.species().equals(f.species()));
                if (f.provenance().acquiredOn() != null
                        && !f.provenance().acquiredOn().equals(f.cameOn())
                        && !onTheBoard) {
                    events.add(new Event(
                            f.provenance().acquiredOn(),
                            "",
                            Track.ARRIVALS,
                            f.provenance().shop().isEmpty()
                                    ? keeper.words().text("page.incident.cameHomeIntoQuarantine", who)
                                    : keeper.words()
                                            .text(
                                                    "page.incident.cameHomeIntoQuarantineFrom",
                                                    who,
                                                    f.provenance().shop())));
                }
                if (f.cameOn() != null) {
                    events.add(new Event(
                            f.cameOn(),
                            "",
                            Track.ARRIVALS,
                            keeper.words().text("page.incident.cameIntoTheTank", who, quarantined(f, keeper.words()))));
                }
            }
        }
    }

    private static String quarantined(LivestockEntity f, Words say) {
        return f.provenance().school().equals(QuarantineSchool.NONE.word())
                ? say.text("page.incident.withoutQuarantine")
                : f.provenance().school().isEmpty() && f.provenance().acquiredOn() == null
                        ? say.text("page.incident.noQuarantineIsWrittenDown")
                        : "";
    }

    private void departures(OwnedTank tank, Map<Long, Fish> known, List<Event> events) {
        for (Deaths.Death d : deaths.of(List.of(tank))) {
            String who =
                    d.fish() == null ? keeper.words().text("page.incident.ofTheCrew", d.kind()) : name(known, d.fish());
            events.add(new Event(
                    d.on(),
                    "",
                    Track.LOSSES,
                    keeper.words().text("page.incident.lost", d.count(), who, d.cause(), d.sure())
                            + (d.seen().isEmpty() ? "" : " · " + d.seen()),
                    keeper.words().text("page.incident.lostBrief", who, d.cause(), d.sure())));
        }
        for (Deaths.Elsewhere e : deaths.elsewhere(List.of(tank))) {
            events.add(new Event(
                    e.on(),
                    "",
                    Track.NOTES,
                    keeper.words()
                            .text(
                                    "page.incident.was",
                                    name(known, e.fish()),
                                    keeper.words().of(e.how()))));
        }
    }

    private static String words(WaterTest t, Words say) {
        List<String> words = new ArrayList<>();
        figure(words, "ammonia", t.ammonia(), "page.incident.mgL", say);
        figure(words, "nitrite", t.nitrite(), "page.incident.mgL", say);
        figure(words, "nitrate", t.nitrate(), "page.incident.mgL", say);
        figure(words, "pH", t.pH(), "", say);
        figure(words, "phosphate", t.phosphate(), "page.incident.mgL", say);
        return say.list(words);
    }

    private static void figure(List<String> words, String what, OptionalDouble value, String unit, Words say) {
        value.ifPresent(
                v -> words.add(say.text("page.incident.figure", say.text("page.incident." + what), say.number(v, 2))
                        + (unit.isEmpty() ? "" : say.text(unit))));
    }

    /** Each day's lowest and highest. */
    private List<IncidentDrawing.Weather> weather(OwnedTank tank, IncidentEntity.Days days) {
        Map<LocalDate, List<Reading>> byDay = probes
                .between(
                        tank,
                        days.from().atStartOfDay(clock.getZone()).toInstant(),
                        days.until().plusDays(1).atStartOfDay(clock.getZone()).toInstant())
                .stream()
                .collect(Collectors.groupingBy(
                        r -> r.at().atZone(clock.getZone()).toLocalDate(), TreeMap::new, Collectors.toList()));
        return byDay.entrySet().stream()
                .map(e -> new IncidentDrawing.Weather(
                        e.getKey(),
                        range(e.getValue(), Reading::temperatureC),
                        range(e.getValue(), Reading::salinity),
                        range(e.getValue(), Reading::pH)))
                .toList();
    }

    private static DoubleSummaryStatistics range(Collection<Reading> readings, Function<Reading, Double> figure) {
        return readings.stream()
                .map(figure)
                .filter(v -> v != null)
                .mapToDouble(Double::doubleValue)
                .summaryStatistics();
    }

    private StandsOut.Days standing(
            OpenTank opened,
            IncidentEntity.Days days,
            List<Fish> all,
            List<Event> events,
            List<IncidentDrawing.Weather> weather) {
        OwnedTank tank = opened.owned();
        LocalDate half = days.from().plusDays(ChronoUnit.DAYS.between(days.from(), days.on()) / 2);
        List<WaterTest> tests = opened.plan().tests().stream()
                .filter(t -> !t.on().isBefore(days.from()) && !t.on().isAfter(days.until()))
                .toList();
        DoubleSummaryStatistics warmth = new DoubleSummaryStatistics();
        weather.forEach(w -> warmth.combine(w.celsius()));
        List<String> came = events.stream()
                .filter(e -> e.track() == Track.ARRIVALS && !e.on().isAfter(days.on()))
                .map(e -> opened.say().text("page.incident.on", e.says(), e.on()))
                .toList();
        List<String> lost = events.stream()
                .filter(e -> e.track() == Track.LOSSES)
                .map(e -> opened.say().text("page.incident.on", e.brief(), e.on()))
                .toList();
        Stream<Event> inTheTank = log.told(tank, all, days.from(), days.until()).stream()
                .filter(t -> t.doing().kind() == EventType.Kind.SIGN
                        && (t.doing().gravity() > 1 || t.doing() == EventType.RUBS))
                .map(t -> new Event(t.on(), "", Track.SIGNS, t.says()));
        Stream<Event> outside = quarantine.told(tank, days.from(), days.until()).stream()
                .filter(t -> !t.begins())
                .map(t -> new Event(t.on(), "", Track.SIGNS, t.says()));
        String sign = Stream.concat(inTheTank, outside)
                .min(Comparator.comparing(Event::on))
                .map(e -> opened.say().text("page.incident.on2", e.says(), e.on()))
                .orElse("");
        return new StandsOut.Days(
                days.from(),
                days.on(),
                came,
                lost,
                warmth.getCount() == 0 ? OptionalDouble.empty() : OptionalDouble.of(warmth.getMin()),
                warmth.getCount() == 0 ? OptionalDouble.empty() : OptionalDouble.of(warmth.getMax()),
                most(tests, WaterTest::ammonia),
                most(tests, WaterTest::nitrite),
                log.watched(tank, days.from(), half),
                log.watched(tank, half, days.on().plusDays(1)),
                sign);
    }

    private static OptionalDouble most(List<WaterTest> tests, Function<WaterTest, OptionalDouble> figure) {
        return tests.stream()
                .map(figure)
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .max();
    }
}
