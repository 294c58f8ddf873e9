package pelluna.app.probe;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.OwnedTank;
import pelluna.app.chart.TrendDrawing;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Takes;
import pelluna.app.picture.PictureRefusal;
import pelluna.app.picture.TakenOn;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.planning.WaterTestForm;
import pelluna.app.shell.Shells;
import pelluna.core.plan.TestFile;
import pelluna.core.units.Convert;
import pelluna.core.units.Unit;
import pelluna.core.water.SeaWater;
import pelluna.core.water.Trend;
import pelluna.words.Words;

/** The water of a tank: tests with their trend and ceiling, and what the probe says. */
@Controller
class WaterController {
    private static final int TEST_DAYS = 84;
    private static final int PROBE_DAYS = 7;
    /** Common practice: from about here on a mixed reef is at its number. */
    private static final double PHOSPHATE_CEILING = 0.1;

    private static final int POINTS = 400;
    /** A camera whose clock was never set says a day long ago. Pelluna's judgement. */
    private static final int MOST_YEARS = 5;

    private final TankPlans plans;
    private final Probes probes;
    private final WaterTestForm form;
    private final Shells shells;
    private final Clock clock;

    WaterController(TankPlans plans, Probes probes, WaterTestForm form, Shells shells, Clock clock) {
        this.plans = plans;
        this.probes = probes;
        this.form = form;
        this.shells = shells;
        this.clock = clock;
    }

    /** One figure as the page shows it. */
    record Figure(String title, String unit, String last, String says, String drawing) {}

    /**
     * What is drawn of a figure. @param key in tests; @param probe of readings; null for none; @param shown from the
     * stored unit to the reader's
     */
    private record Drawn(
            String key,
            String title,
            String unit,
            OptionalDouble ceiling,
            Function<Reading, Double> probe,
            DoubleUnaryOperator shown,
            int decimals) {}

    @GetMapping("/tanks/{id}/log/water")
    String water(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<TestFile> tests = plans.tests(tank);
        List<Reading> readings = probes.since(tank, Duration.ofDays(PROBE_DAYS));
        Probes.Seen probe = probes.seen(tank).orElse(null);
        List<Figure> figures = new ArrayList<>();
        for (Drawn d : drawn(opened)) {
            figure(d, tests, readings, probe).ifPresent(figures::add);
        }
        shells.around(
                model,
                opened,
                "log",
                opened.say().text("page.probe.water"),
                tests.isEmpty()
                        ? opened.say().text("page.probe.noTestHasBeenLoggedYet")
                        : opened.say()
                                .text(
                                        "page.probe.theLastOn",
                                        opened.say().text("page.probe.tests", tests.size()),
                                        tests.get(tests.size() - 1).on()));
        model.addAttribute("tab", "water");
        model.addAttribute("figures", figures);
        model.addAttribute("probe", probe);
        model.addAttribute("probeSays", probe == null ? "" : probeSays(probe, opened));
        model.addAttribute(
                "doubts",
                probe == null
                        ? List.of()
                        : probe.doubted().stream()
                                .map(r -> Times.at(r.reading().at(), clock, plans.words()) + ": "
                                        + r.doubt(opened.say()) + ".")
                                .toList());
        model.addAttribute("today", plans.today().toString());
        return "water";
    }

    private static List<Drawn> drawn(OpenTank opened) {
        boolean us = opened.say().us();
        return List.of(
                new Drawn(
                        "nitrate",
                        opened.say().text("page.probe.nitrate"),
                        opened.say().of(Unit.NITRATE),
                        OptionalDouble.of(opened.plan().tank().nitrateCeiling()),
                        null,
                        v -> v,
                        1),
                new Drawn(
                        "phosphate",
                        opened.say().text("page.probe.phosphate"),
                        opened.say().of(Unit.NITRATE),
                        OptionalDouble.of(PHOSPHATE_CEILING),
                        null,
                        v -> v,
                        3),
                new Drawn(
                        "ammonia",
                        opened.say().text("page.probe.totalAmmonia"),
                        opened.say().text("page.probe.mgLAsN"),
                        OptionalDouble.empty(),
                        null,
                        v -> v,
                        3),
                new Drawn(
                        "nitrite",
                        opened.say().text("page.probe.nitrite"),
                        opened.say().text("page.probe.mgLAsN"),
                        OptionalDouble.empty(),
                        null,
                        v -> v,
                        3),
                new Drawn("pH", "pH", "", OptionalDouble.empty(), Reading::pH, v -> v, 2),
                new Drawn(
                        "salinity",
                        opened.say().text("page.probe.salinity"),
                        us
                                ? opened.say().text("page.probe.specificGravity")
                                : opened.say().of(Unit.GRAMS_PER_KG),
                        OptionalDouble.empty(),
                        Reading::salinity,
                        us ? SeaWater::specificGravity : v -> v,
                        us ? 4 : 1),
                new Drawn(
                        "temperatureC",
                        opened.say().text("page.probe.temperature"),
                        opened.say().temperatureUnit(),
                        OptionalDouble.empty(),
                        Reading::temperatureC,
                        us ? Convert::fahrenheitFromCelsius : v -> v,
                        1));
    }

    private Optional<Figure> figure(Drawn d, List<TestFile> tests, List<Reading> readings, Probes.Seen probe) {
        LocalDate first = plans.today().minusDays(TEST_DAYS);
        List<Trend.Point> points = new ArrayList<>();
        for (TestFile t : tests) {
            Double tested = WaterTestForm.figure(t, d.key());
            if (tested != null && !t.on().isBefore(first)) {
                points.add(new Trend.Point(t.on(), d.shown().applyAsDouble(tested)));
            }
        }
        List<TrendDrawing.Dot> line = new ArrayList<>();
        int every = Math.max(1, readings.size() / POINTS);
        for (int i = 0; d.probe() != null && i < readings.size(); i += every) {
            Double v = d.probe().apply(readings.get(i));
            if (v != null) {
                line.add(new TrendDrawing.Dot(readings.get(i).at(), d.shown().applyAsDouble(v)));
            }
        }
        if (points.isEmpty() && line.isEmpty()) {
            return Optional.empty();
        }
        boolean byProbe = !line.isEmpty();
        Instant from = byProbe
                ? clock.instant().minus(Duration.ofDays(PROBE_DAYS))
                : start(points.get(0).on());
        List<TrendDrawing.Dot> dots = points.stream()
                .map(p -> new TrendDrawing.Dot(start(p.on()).plus(Duration.ofHours(12)), p.value()))
                .filter(p -> !p.at().isBefore(from))
                .toList();
        double last = byProbe
                ? line.get(line.size() - 1).value()
                : points.get(points.size() - 1).value();
        String says = byProbe
                ? plans.words().text("page.probe.byTheProbe7Days")
                : Trend.of(points)
                        .map(t -> plans.words().of(t.going(d.unit())) + over(t, d, plans.words()))
                        .orElse(
                                points.size() == 1
                                        ? plans.words().text("page.probe.oneTest")
                                        : plans.words().text("page.probe.tests2", points.size()));
        long gap = probe == null
                ? Duration.ofHours(1).toMillis()
                : Duration.ofMinutes(3L * probe.minutes() * every).toMillis();
        return Optional.of(new Figure(
                d.title(),
                d.unit(),
                plans.words().number(last, d.decimals()),
                plans.words().title(says) + ".",
                TrendDrawing.draw(
                        new TrendDrawing.Shown(
                                d.title() + ", " + says, d.unit(), dots, line, d.ceiling(), from, clock.instant(), gap),
                        clock.getZone(),
                        plans.words())));
    }

    private static String over(Trend t, Drawn d, Words say) {
        return d.ceiling().isEmpty()
                ? ""
                : t.weeksTo(d.ceiling().getAsDouble())
                        .map(w -> say.text(
                                "page.probe.atItsCeilingOfInAboutWeeks",
                                say.number(d.ceiling().getAsDouble()),
                                (int) Math.max(1, Math.round(w))))
                        .orElse(say.text(
                                "page.probe.theCeilingIs",
                                say.number(d.ceiling().getAsDouble())));
    }

    private Instant start(LocalDate day) {
        return day.atStartOfDay(clock.getZone()).toInstant();
    }

    private String probeSays(Probes.Seen p, OpenTank opened) {
        if (!p.reads()) {
            return opened.say().text("page.probe.notReadAtPresent");
        }
        if (p.silence() != null) {
            return opened.say()
                    .text(
                            "page.probe.noAnswerSinceItIsAskedAgain",
                            Times.at(p.silence(), clock, plans.words()),
                            p.trouble(),
                            p.minutes());
        }
        if (p.last() == null) {
            return p.trouble() == null
                    ? opened.say().text("page.probe.itHasNotBeenAskedYet")
                    : opened.say().title(p.trouble()) + ".";
        }
        List<String> says = new ArrayList<>();
        if (p.last().temperatureC() != null) {
            says.add(opened.say().temperature(p.last().temperatureC()));
        }
        if (p.last().salinity() != null) {
            says.add(opened.say()
                    .text("page.probe.gKg", plans.words().number(p.last().salinity(), 1)));
        }
        if (p.last().pH() != null) {
            says.add("pH " + plans.words().number(p.last().pH(), 2));
        }
        return String.join(", ", says) + ", " + Times.at(p.last().at(), clock, plans.words()) + ".";
    }

    @PostMapping("/tanks/{id}/log/water")
    String test(
            OwnedTank tank,
            @Takes({"on", "nitrate", "phosphate", "ammonia", "nitrite", "pH", "salinity", "temperatureC", "back"})
                    @RequestParam
                    Map<String, String> typed,
            @RequestParam(required = false) MultipartFile strip,
            RedirectAttributes to) {
        if (typed.containsKey("back")) {
            plans.takeBackTest(tank);
        } else {
            try {
                form.log(tank, strip == null || strip.isEmpty() ? typed : onTheDayOf(strip, typed));
            } catch (Refused e) {
                Refused.tell(to, e);
            }
        }
        return back(tank);
    }

    /** A photo of a strip is not read, but its day counts, unless another than today was given by hand. */
    private Map<String, String> onTheDayOf(MultipartFile strip, Map<String, String> typed) {
        LocalDate today = plans.today();
        LocalDate day = TakenOn.of(strip)
                .filter(d -> !d.isAfter(today) && d.isAfter(today.minusYears(MOST_YEARS)))
                .orElseThrow(() -> new Refused(strip.getName(), new PictureRefusal.NoDay()));
        Map<String, String> all = new HashMap<>(typed);
        if (today.toString().equals(typed.getOrDefault("on", today.toString()))) {
            all.put("on", day.toString());
        }
        return all;
    }

    @PostMapping("/tanks/{id}/log/probe")
    String probe(
            OwnedTank tank,
            @RequestParam String address,
            @RequestParam(defaultValue = "5") String minutes,
            @RequestParam(defaultValue = "false") boolean on,
            RedirectAttributes to) {
        try {
            probes.reads(
                    tank, address, minutes.strip().matches("\\d{1,3}") ? Integer.parseInt(minutes.strip()) : 0, on);
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return back(tank);
    }

    private static String back(OwnedTank tank) {
        return "redirect:/tanks/" + tank + "/log/water";
    }
}
