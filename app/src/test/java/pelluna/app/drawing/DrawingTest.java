package pelluna.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Form;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Step;

class DrawingTest {
    @Test
    void everyFormHasAnOutlineWithAnEyeInsideIt() {
        for (Form form : Form.values()) {
            FishForms.Outline outline = FishForms.of(form);
            assertThat(outline).as(form.word()).isNotNull();
            assertThat(outline.eyeX()).isBetween(0.0, 1.0);
            assertThat(Math.abs(outline.eyeY())).as(form.word()).isLessThanOrEqualTo(outline.half());
        }
    }

    @Test
    void everySpeciesIsDrawnAsWellFormedSvgToItsLength() throws Exception {
        for (Species s : Catalogue.shipped().all()) {
            String svg = FishDrawing.alone(s.look(), "", 60, "t");
            var document = DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new InputSource(new StringReader(svg)));
            assertThat(document.getDocumentElement().getAttribute("aria-hidden"))
                    .as("beside its name")
                    .isEqualTo("true");
            assertThat(FishDrawing.alone(s.look(), s.name(), 60, "t")).contains("aria-label=\"" + Svg.escape(s.name()));
            assertThat(svg).contains("fill=\"" + s.look().body() + "\"").doesNotContain("NaN", "Infinity");
        }
        Species gramma = Catalogue.shipped().find("Gramma loreto").orElseThrow();
        assertThat(FishDrawing.at(gramma, 100, 50, 40, "x")).contains("translate(80 50) scale(40)");
    }

    @Test
    void textIsEscapedAndNumbersAreShort() {
        assertThat(new Svg().text(1.23456, 2, "a < b & \"c\"", "class", "x").toString())
                .isEqualTo("<text x=\"1.2346\" y=\"2\" class=\"x\">a &lt; b &amp; &quot;c&quot;</text>");
    }

    @Test
    void everyStepHasItsOwnMark() {
        assertThat(Step.values()).extracting(s -> Waves.mark(s, 30)).doesNotHaveDuplicates();
    }

    private static org.w3c.dom.Document parsed(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }

    @Test
    void theYoungAreDrawnTooEachAsAFileOfItsOwn() throws Exception {
        for (Species s : Catalogue.shipped().all()) {
            if (s.appearance().young().isPresent()) {
                Look young = s.appearance().young().get().look();
                String file = FishDrawing.file(young, 240);
                assertThat(parsed(file).getDocumentElement().getNamespaceURI())
                        .isNull(); // the parser is not asked for namespaces; the attribute is there
                assertThat(file)
                        .startsWith("<svg xmlns=\"http://www.w3.org/2000/svg\" ")
                        .contains("fill=\"" + young.body() + "\"")
                        .isNotEqualTo(FishDrawing.file(s.look(), 240));
            }
        }
    }

    @Test
    void everyMarkLeavesItsColourOnTheFish() {
        for (Species s : Catalogue.shipped().all()) {
            String svg = FishDrawing.alone(s.look(), "", 60, "m");
            s.look()
                    .marks()
                    .forEach(mark -> assertThat(svg)
                            .as(s.name() + ", " + mark.kind().word())
                            .contains(mark.colour()));
        }
    }

    @Test
    void noFishIsCroppedByItsOwnFrame() throws Exception {
        for (Species s : Catalogue.shipped().all()) {
            double half = FishDrawing.halfHeight(s.look());
            FishForms.Outline o = FishForms.of(s.look().form());
            for (String path : new String[] {o.body(), o.fins(), o.lines(), o.tail(), o.pectoral()}) {
                for (double y : heights(path)) {
                    assertThat(Math.abs(y))
                            .as(s.name() + ": " + s.look().form().word())
                            .isLessThanOrEqualTo(half);
                }
            }
        }
    }

    /** Every second number of a path, which are its heights. */
    private static double[] heights(String path) {
        var numbers = java.util.regex.Pattern.compile("-?\\d*\\.?\\d+")
                .matcher(path)
                .results()
                .mapToDouble(m -> Double.parseDouble(m.group()))
                .toArray();
        return java.util.stream.IntStream.range(0, numbers.length / 2)
                .mapToDouble(i -> numbers[2 * i + 1])
                .toArray();
    }

    @Test
    void theHeightKeepsTheShape() {
        Species moray = Catalogue.shipped().find("snowflake moray").orElseThrow();
        Species idol = Catalogue.shipped().find("Moorish idol").orElseThrow();
        assertThat(FishDrawing.heightFor(moray.look(), 100)).isLessThan(40);
        assertThat(FishDrawing.heightFor(idol.look(), 100)).isGreaterThan(90);
        assertThat(FishDrawing.heightFor(idol.look(), 200))
                .isBetween(
                        2 * FishDrawing.heightFor(idol.look(), 100) - 1,
                        2 * FishDrawing.heightFor(idol.look(), 100) + 1);
    }

    @Test
    void clipPathsOfTwoFishOnOnePageDoNotMix() {
        Species gramma = Catalogue.shipped().find("Gramma loreto").orElseThrow();
        assertThat(FishDrawing.at(gramma, 0, 0, 10, "one"))
                .contains("id=\"clip-one\"")
                .contains("url(#clip-one)")
                .doesNotContain("clip-two");
    }
}
