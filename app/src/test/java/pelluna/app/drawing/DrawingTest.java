package pelluna.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;

import javax.xml.parsers.DocumentBuilderFactory;

import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;

import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Form;
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
            String svg = FishDrawing.alone(s, 60, "t");
            var document = DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
            assertThat(document.getDocumentElement().getAttribute("aria-label")).isEqualTo(s.name());
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
}
