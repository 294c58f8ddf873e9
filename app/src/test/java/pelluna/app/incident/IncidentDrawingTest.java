package pelluna.app.incident;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Drawn.count;
import static pelluna.app.testing.Drawn.number;
import static pelluna.app.testing.Drawn.numbers;
import static pelluna.app.testing.Drawn.read;
import static pelluna.app.testing.Said.said;

import java.time.LocalDate;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import pelluna.app.incident.IncidentDrawing.Mark;
import pelluna.app.incident.IncidentDrawing.Track;
import pelluna.app.incident.IncidentDrawing.Weather;
import pelluna.words.Words;

class IncidentDrawingTest {
    private static final LocalDate DAY = LocalDate.of(2027, 3, 15);

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
        List<Double> heights =
                numbers(svg, "mark-contests\"[^>]*><title>[^<]*</title><rect [^>]*height=\"([\\d.]+)\"").stream()
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
        List<Double> heights = numbers(svg, "mark-probe\"[^>]*><title>[^<]*</title><rect [^>]*height=\"([\\d.]+)\"");
        assertThat(heights.get(1)).isGreaterThan(5 * heights.get(0));
        assertThat(calm.says(Words.forAnybody()))
                .containsPattern(said("page.incident.fromTo", "25 °C", "25.2 °C") + ", "
                        + said(
                                "page.incident.namedFromTo",
                                Words.forAnybody().text("page.incident.salinity"),
                                35,
                                35.3));
        assertThat(new Weather(
                                DAY,
                                new DoubleSummaryStatistics(),
                                DoubleStream.of(35.11, 35.13).summaryStatistics(),
                                new DoubleSummaryStatistics())
                        .says(Words.forAnybody()))
                .isEqualTo(Words.forAnybody().text("page.incident.salinity") + "35.1");
        assertThat(wild.says(Words.forAnybody()))
                .containsPattern(said("page.incident.fromTo", "24 °C", "27 °C") + ", "
                        + said("page.incident.namedFromTo", "pH ", 7.9, 8.2));
    }

    @Test
    void aSingleDayHasItsLabelOnce() throws Exception {
        String svg = IncidentDrawing.draw(
                DAY, DAY, DAY, List.of(new Mark(DAY, Track.NOTES, "x")), Map.of(), List.of(), Words.forAnybody());
        read(svg);
        assertThat(count(svg, "15 Mar")).isEqualTo(1);
        read(IncidentDrawing.draw(DAY, DAY, DAY, List.of(), Map.of(), List.of(), Words.forAnybody()));
    }
}
