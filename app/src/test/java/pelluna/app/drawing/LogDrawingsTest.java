package pelluna.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static pelluna.app.testing.Said.said;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.app.chart.CourseDrawing;
import pelluna.app.chart.TrendDrawing;
import pelluna.core.behaviour.Contests;
import pelluna.core.behaviour.Elo;
import pelluna.core.behaviour.Pressure;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.sighting.Sighting;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankDraft;
import pelluna.words.Words;

/** The drawings of the log: what they show has to be what they were given. */
class LogDrawingsTest {
    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);
    private static final Species GRAMMA =
            Catalogue.shipped().find("Gramma loreto").orElseThrow();

    private static int count(String text, String part) {
        return text.split(Pattern.quote(part), -1).length - 1;
    }

    private static List<Double> numbers(String text, String pattern) {
        List<Double> found = new ArrayList<>();
        Matcher m = Pattern.compile(pattern).matcher(text);
        while (m.find()) {
            found.add(Double.valueOf(m.group(1)));
        }
        return found;
    }

    @Test
    void aDayThatNobodyWatchedIsAGapAndNotAZero() {
        String svg = SparkLine.draw(
                List.of(
                        new Pressure.Day(DAY, 4, 4, 1, 0),
                        new Pressure.Day(DAY.plusDays(1), 0, 0, 0, 3),
                        new Pressure.Day(DAY.plusDays(2), 0, 0, 2, 0)),
                4,
                Words.forAnybody());
        assertThat(count(svg, "class=\"received\"")).isEqualTo(2);
        assertThat(count(svg, "class=\"unwatched\"")).isEqualTo(1);
        assertThat(svg).containsPattern("4, " + said("page.drawing.notWatched") + ", 0");
        List<Double> heights = numbers(svg, "class=\"received\"[^>]*height=\"([0-9.]+)\"");
        assertThat(heights.get(0)).isGreaterThan(heights.get(1));
    }

    @Test
    void hotSpotsCountEveryActOnceAndGrowWithTheirNumber() {
        Tank tank = tank();
        Random random = new Random(2);
        List<Sighting.Spot> places = new ArrayList<>();
        List<Integer> times = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            places.add(new Sighting.Spot(random.nextDouble(), random.nextDouble()));
            times.add(1 + random.nextInt(3));
        }
        String svg = HotSpots.over(tank, places, times);
        List<Double> counts = numbers(svg, "class=\"hot-count\"[^>]*>(\\d+)<");
        assertThat(counts.stream().mapToDouble(d -> d).sum())
                .isEqualTo(times.stream().mapToInt(t -> t).sum());
        List<Double> radii = numbers(svg, "class=\"hot-spot\"[^>]* r=\"([0-9.]+)\"");
        for (int i = 0; i < radii.size(); i++) {
            for (int j = 0; j < radii.size(); j++) {
                assertThat(counts.get(i) <= counts.get(j) || radii.get(i) >= radii.get(j))
                        .as("more acts, no smaller disc")
                        .isTrue();
            }
        }
        assertThat(numbers(svg, " cx=\"([0-9.]+)\""))
                .allSatisfy(x -> assertThat(x).isBetween(0.0, tank.lengthCm()));
        assertThat(HotSpots.over(tank, List.of(), List.of())).doesNotContain("circle");
    }

    private static Tank tank() {
        TankDraft draft = new TankDraft();
        draft.lengthCm = 150.0;
        draft.widthCm = 60.0;
        draft.waterHeightCm = 55.0;
        return draft.on(DAY);
    }

    @Test
    void theLadderShowsEverybodyFromTheTopWithoutOverlap() {
        for (int n = 1; n <= 9; n++) {
            List<LadderDrawing.Rung> rungs = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                rungs.add(new LadderDrawing.Rung(GRAMMA, "fish " + i, i < 3 ? 3 : 3 - 0.05 * i, 4));
            }
            String svg = LadderDrawing.draw(rungs, Words.forAnybody());
            List<Double> labels = numbers(svg, " y=\"([0-9.]+)\" class=\"lane-name\"");
            assertThat(labels).hasSize(n).isSorted();
            for (int i = 1; i < n; i++) {
                assertThat(labels.get(i) - labels.get(i - 1)).isGreaterThanOrEqualTo(41.9);
            }
            double high = numbers(svg, "viewBox=\"0 0 300 ([0-9.]+)\"").get(0);
            assertThat(labels.get(n - 1)).as("within the drawing").isLessThan(high - 10);
        }
    }

    @Test
    void standingOverTimeHasALineAndANameForEachFish() {
        List<Contests.Won> won = new ArrayList<>();
        List<Instant> moments = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            won.add(new Contests.Won(i % 4 == 0 ? "b" : "a", i % 4 == 0 ? "a" : i % 2 == 0 ? "b" : "c", 1));
            moments.add(DAY.atStartOfDay().toInstant(ZoneOffset.UTC).plusSeconds(40_000L * i));
        }
        Map<String, String> names = new LinkedHashMap<>(Map.of("a", "Inky"));
        names.put("b", "Saffron");
        names.put("c", "<blenny>");
        String svg = CourseDrawing.draw(
                Elo.course(won),
                moments,
                names,
                Map.of(DAY.plusDays(3), "Rock moved"),
                ZoneOffset.UTC,
                Words.forAnybody());
        assertThat(count(svg, "class=\"course-line")).isEqualTo(3);
        assertThat(svg)
                .contains("Inky")
                .contains("Saffron")
                .contains("&lt;blenny&gt;")
                .contains("data-says=\"Rock moved\"")
                .doesNotContain("NaN");
        assertThat(CourseDrawing.draw(List.of(), List.of(), Map.of(), Map.of(), ZoneOffset.UTC, Words.forAnybody()))
                .isEmpty();
        assertThat(CourseDrawing.draw(
                        Elo.course(won.subList(0, 1)),
                        moments.subList(0, 1),
                        names,
                        Map.of(),
                        ZoneOffset.UTC,
                        Words.forAnybody()))
                .as("one contest")
                .doesNotContain("NaN")
                .doesNotContain("Infinity");
    }

    @Test
    void aSilentProbeBreaksItsLine() {
        Instant from = DAY.atStartOfDay().toInstant(ZoneOffset.UTC);
        List<TrendDrawing.Dot> line = new ArrayList<>();
        for (int minute = 0; minute < 600; minute += 5) {
            if (minute < 200 || minute > 300) {
                line.add(new TrendDrawing.Dot(from.plusSeconds(60L * minute), 25 + minute / 1000.0));
            }
        }
        String svg = TrendDrawing.draw(
                new TrendDrawing.Shown(
                        "Temperature",
                        "unit",
                        List.of(),
                        line,
                        OptionalDouble.empty(),
                        from,
                        from.plusSeconds(36_000),
                        15 * 60_000L),
                ZoneOffset.UTC,
                Words.forAnybody());
        String path = svg.replaceFirst("(?s).*class=\"level\" d=\"([^\"]*)\".*", "$1");
        assertThat(count(path, "M")).as("one gap, two stretches").isEqualTo(2);
        String whole = TrendDrawing.draw(
                new TrendDrawing.Shown(
                        "Temperature",
                        "unit",
                        List.of(),
                        line,
                        OptionalDouble.empty(),
                        from,
                        from.plusSeconds(36_000),
                        200 * 60_000L),
                ZoneOffset.UTC,
                Words.forAnybody());
        assertThat(count(whole.replaceFirst("(?s).*class=\"level\" d=\"([^\"]*)\".*", "$1"), "M"))
                .isEqualTo(1);
    }

    @Test
    void aCeilingStandsOverTheTestsItIsHigherThan() {
        Instant at = DAY.atStartOfDay().toInstant(ZoneOffset.UTC);
        List<TrendDrawing.Dot> dots =
                List.of(new TrendDrawing.Dot(at, 4), new TrendDrawing.Dot(at.plusSeconds(86_400), 6));
        String svg = TrendDrawing.draw(
                new TrendDrawing.Shown(
                        "Nitrate", "unit", dots, List.of(), OptionalDouble.of(15), at, at.plusSeconds(172_800), 1),
                ZoneOffset.UTC,
                Words.forAnybody());
        double ceiling = numbers(svg, "class=\"ceiling\"[^>]* y1=\"([0-9.]+)\"").get(0);
        List<Double> tests = numbers(svg, "class=\"chart-point test\"[^>]* cy=\"([0-9.]+)\"");
        assertThat(tests).hasSize(2).allSatisfy(y -> assertThat(y).isGreaterThan(ceiling));
        assertThat(tests.get(0)).as("4 lies lower than 6").isGreaterThan(tests.get(1));
        assertThat(TrendDrawing.draw(
                        new TrendDrawing.Shown(
                                "pH", "unit", dots.subList(0, 1), List.of(), OptionalDouble.empty(), at, at, 1),
                        ZoneOffset.UTC,
                        Words.forAnybody()))
                .as("one test at one moment")
                .doesNotContain("NaN")
                .doesNotContain("Infinity");
    }

    @Test
    void numbersOfADrawingAreShortAndAsPreciseAsAScreen() {
        assertThat(List.of(
                        Svg.num(0),
                        Svg.num(-0.00001),
                        Svg.num(12),
                        Svg.num(-3.5),
                        Svg.num(0.0625),
                        Svg.num(1 / 3.0),
                        Svg.num(99.99996),
                        Svg.num(1000.1)))
                .containsExactly("0", "0", "12", "-3.5", "0.0625", "0.3333", "100", "1000.1");
        Random random = new Random(9);
        for (int i = 0; i < 5000; i++) {
            double value = (random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(7));
            assertThat(Double.parseDouble(Svg.num(value))).isCloseTo(value, within(0.000051));
            assertThat(Svg.num(value)).matches("-?\\d+(\\.\\d{0,3}[1-9])?");
        }
    }
}
