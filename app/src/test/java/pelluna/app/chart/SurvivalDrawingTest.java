package pelluna.app.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static pelluna.app.testing.Drawn.count;
import static pelluna.app.testing.Drawn.number;
import static pelluna.app.testing.Drawn.read;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.core.losses.KaplanMeier;
import pelluna.core.losses.KaplanMeier.Observed;
import pelluna.words.Words;

class SurvivalDrawingTest {
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
}
