package pelluna.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.DoubleStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;
import pelluna.app.chart.SurvivalDrawing;
import pelluna.app.drawing.IncidentDrawing.Mark;
import pelluna.app.drawing.IncidentDrawing.Track;
import pelluna.app.drawing.IncidentDrawing.Weather;
import pelluna.core.crew.CrewKind;
import pelluna.core.losses.KaplanMeier;
import pelluna.core.losses.KaplanMeier.Observed;
import pelluna.words.Words;

class LossDrawingsTest {
    private static final LocalDate DAY = LocalDate.of(2027, 3, 15);

    private static Document read(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }

    private static int count(String svg, String pattern) {
        return (int) Pattern.compile(pattern).matcher(svg).results().count();
    }

    private static double number(String svg, String pattern) {
        var m = Pattern.compile(pattern).matcher(svg);
        assertThat(m.find()).as(pattern + " in " + svg).isTrue();
        return Double.parseDouble(m.group(1));
    }

    @Test
    void aLossIsADotAndALifeIsATick() throws Exception {
        List<Observed> all = List.of(
                new Observed(20, true), new Observed(50, true), new Observed(90, false), new Observed(400, false));
        String svg = SurvivalDrawing.draw(KaplanMeier.of(all), all, Words.forAnybody());
        read("<p>" + svg + "</p>");
        assertThat(count(svg, "class=\"chart-point loss-dot\"")).isEqualTo(2);
        assertThat(count(svg, "class=\"last-seen\"")).isEqualTo(2);
        assertThat(svg)
                .contains(">4</text>")
                .containsPattern(said("page.drawing.survival", 2, 4))
                .containsPattern(saidWith("page.drawing.after", "0", "year"));
    }

    @Test
    void theLineFallsAndTheDotsStandOnIt() {
        List<Observed> all = List.of(new Observed(10, true), new Observed(40, true), new Observed(160, false));
        String svg = SurvivalDrawing.draw(KaplanMeier.of(all), all, Words.forAnybody());
        List<double[]> dots = Pattern.compile("class=\"chart-point loss-dot\" cx=\"([\\d.]+)\" cy=\"([\\d.]+)\"")
                .matcher(svg)
                .results()
                .map(r -> new double[] {Double.parseDouble(r.group(1)), Double.parseDouble(r.group(2))})
                .toList();
        assertThat(dots.get(1)[0]).isGreaterThan(dots.get(0)[0]);
        assertThat(dots.get(1)[1]).as("lower on the page").isGreaterThan(dots.get(0)[1]);
        double left = number(svg, "class=\"alive\" d=\"M([\\d.]+) ");
        assertThat((dots.get(1)[0] - left) / (dots.get(0)[0] - left))
                .as("time by its square root")
                .isCloseTo(2, within(0.02));
    }

    @Test
    void underTheAxisStandsHowManyWereStillFollowed() {
        List<Observed> all = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            all.add(new Observed(10 + 60 * i, false));
        }
        String svg = SurvivalDrawing.draw(KaplanMeier.of(all), all, Words.forAnybody());
        assertThat(svg).containsPattern(said("page.drawing.survival", 0, 6));
        assertThat(count(svg, "class=\"figure\"[^>]*>6</text>")).isEqualTo(2);
        assertThat(count(svg, "class=\"figure\"[^>]*>5</text>")).isEqualTo(1);
    }

    @Test
    void aSparkIsAsWideForAllRows() throws Exception {
        List<Observed> some = List.of(new Observed(5, true), new Observed(9, false));
        String svg = SurvivalDrawing.spark(KaplanMeier.of(some), 36);
        read(svg);
        assertThat(number(svg, "class=\"alive\" d=\"M[\\d. ]+H[\\d.]+V[\\d.]+H([\\d.]+)\""))
                .isCloseTo(2 + 126 * 0.5, within(0.2));
        read(SurvivalDrawing.spark(KaplanMeier.of(List.of()), 36));
    }

    @Test
    void onlyTracksThatHaveSomethingAreDrawnAndTheDayGoesThroughAll() throws Exception {
        List<Mark> marks = List.of(
                new Mark(DAY.minusDays(3), Track.ARRIVALS, "Inky came"),
                new Mark(DAY, Track.LOSSES, "Lost: Saffron & <co>"),
                new Mark(DAY, Track.SIGNS, "spots"),
                new Mark(DAY, Track.SIGNS, "hides"));
        String svg = IncidentDrawing.draw(
                DAY.minusDays(14), DAY, DAY.plusDays(7), marks, Map.of(), List.of(), Words.forAnybody());
        Document xml = read(svg);
        assertThat(xml.getElementsByTagName("title").getLength()).isEqualTo(3);
        assertThat(svg)
                .contains(
                        "mark-arrivals",
                        "mark-losses",
                        "mark-signs",
                        "the-day",
                        ">2</text>",
                        "Lost: Saffron &amp; &lt;co&gt;",
                        "15 Mar")
                .doesNotContain("mark-tests", "temperature", "contests");
        double band = number(svg, "class=\"the-day\" x=\"([\\d.]+)\"");
        double wide = number(svg, "class=\"the-day\" [^>]*width=\"([\\d.]+)\"");
        double cross = number(svg, "mark-losses\"[^>]*><title>[^<]*</title><path d=\"M([\\d.]+) ");
        assertThat(cross + 6).isBetween(band, band + wide);
    }

    @Test
    void contestsAreBarsAsHighAsTheirNumber() {
        List<Mark> marks = List.of(new Mark(DAY, Track.CONTESTS, "x"));
        String svg = IncidentDrawing.draw(
                DAY.minusDays(5),
                DAY,
                DAY.plusDays(2),
                marks,
                Map.of(DAY, 10, DAY.minusDays(1), 5),
                List.of(),
                Words.forAnybody());
        List<Double> heights = Pattern.compile(
                        "mark-contests\"[^>]*><title>[^<]*</title><rect [^>]*height=\"([\\d.]+)\"")
                .matcher(svg)
                .results()
                .map(r -> Double.valueOf(r.group(1)))
                .sorted()
                .toList();
        assertThat(heights).hasSize(2);
        assertThat(heights.get(1)).isEqualTo(2 * heights.get(0));
        assertThat(svg).contains(">10</text>");
    }

    @Test
    void theProbeIsABandFromLowestToHighest() {
        Weather calm = new Weather(
                DAY.minusDays(1),
                DoubleStream.of(25, 25.2).summaryStatistics(),
                DoubleStream.of(35, 35.3).summaryStatistics(),
                new DoubleSummaryStatistics());
        Weather wild = new Weather(
                DAY,
                DoubleStream.of(24, 27).summaryStatistics(),
                new DoubleSummaryStatistics(),
                DoubleStream.of(7.9, 8.2).summaryStatistics());
        String svg = IncidentDrawing.draw(
                DAY.minusDays(5),
                DAY,
                DAY,
                List.of(new Mark(DAY, Track.PROBE, "x")),
                Map.of(),
                List.of(calm, wild),
                Words.forAnybody());
        List<Double> heights = Pattern.compile("mark-probe\"[^>]*><title>[^<]*</title><rect [^>]*height=\"([\\d.]+)\"")
                .matcher(svg)
                .results()
                .map(r -> Double.valueOf(r.group(1)))
                .toList();
        assertThat(heights.get(1)).isGreaterThan(5 * heights.get(0));
        assertThat(calm.says(Words.forAnybody()))
                .containsPattern(said("page.drawing.to", "25 °C", "25.2 °C") + ", "
                        + said("page.drawing.to2", Words.forAnybody().text("page.drawing.salinity"), 35, 35.3));
        assertThat(new Weather(
                                DAY,
                                new DoubleSummaryStatistics(),
                                DoubleStream.of(35.11, 35.13).summaryStatistics(),
                                new DoubleSummaryStatistics())
                        .says(Words.forAnybody()))
                .isEqualTo(Words.forAnybody().text("page.drawing.salinity") + "35.1");
        assertThat(wild.says(Words.forAnybody()))
                .containsPattern(
                        said("page.drawing.to", "24 °C", "27 °C") + ", " + said("page.drawing.to2", "pH ", 7.9, 8.2));
    }

    @Test
    void aSingleDayHasItsLabelOnce() throws Exception {
        String svg = IncidentDrawing.draw(
                DAY, DAY, DAY, List.of(new Mark(DAY, Track.NOTES, "x")), Map.of(), List.of(), Words.forAnybody());
        read(svg);
        assertThat(count(svg, "15 Mar")).isEqualTo(1);
        read(IncidentDrawing.draw(DAY, DAY, DAY, List.of(), Map.of(), List.of(), Words.forAnybody()));
    }

    @Test
    void everyKindOfCrewHasAnOutlineWithItsName() throws Exception {
        for (CrewKind kind : CrewKind.values()) {
            String svg = CrewDrawing.draw(kind, "crew " + kind.word(), 50);
            assertThat(read(svg).getDocumentElement().getAttribute("aria-label"))
                    .isEqualTo("crew " + kind.word());
            assertThat(svg).contains("crew-shell").contains("width=\"50\" height=\"35\"");
        }
    }
}
