package pelluna.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Species;

/**
 * Every mark that the catalogue gives a fish is seen: drawn 300 pixels wide, in another colour it changes the picture.
 */
class MarksSeenTest {
    private static final int WIDE = 300;
    private static final int LEAST_PIXELS = 12;
    private static final String OTHER = "#00ff2a";

    private static Stream<Look> looks(Species s) {
        return Stream.concat(Stream.of(s.look()), s.appearance().young().map(Species.Young::look).stream());
    }

    private static int[] pixels(Look look) {
        String svg = FishDrawing.file(look, WIDE);
        SVGDocument document = new SVGLoader()
                .load(
                        new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)),
                        null,
                        com.github.weisj.jsvg.parser.LoaderContext.createDefault());
        int high = FishDrawing.heightFor(look, WIDE);
        BufferedImage image = new BufferedImage(WIDE, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        document.render((java.awt.Component) null, g, new ViewBox(WIDE, high));
        g.dispose();
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    private static Look recoloured(Look look, int mark) {
        List<Look.Mark> marks = new ArrayList<>(look.marks());
        marks.set(mark, new Look.Mark(marks.get(mark).kind(), marks.get(mark).at(), OTHER));
        return new Look(look.form(), look.body(), look.fins(), look.tail(), marks);
    }

    private static int seen(int[] as, Look look, int mark) {
        int[] otherwise = pixels(recoloured(look, mark));
        int differ = 0;
        for (int i = 0; i < as.length; i++) {
            differ += as[i] == otherwise[i] ? 0 : 1;
        }
        return differ;
    }

    @Test
    void everyMarkShowsPixels() {
        List<String> unseen = new ArrayList<>();
        for (Species s : Catalogue.shipped().all()) {
            looks(s).forEach(look -> {
                int[] as = pixels(look);
                for (int k = 0; k < look.marks().size(); k++) {
                    int seen = seen(as, look, k);
                    if (seen < LEAST_PIXELS) {
                        unseen.add(s.scientificName() + (look == s.look() ? "" : " YOUNG") + " " + k + " "
                                + look.marks().get(k) + ": " + seen);
                    }
                }
            });
        }
        assertThat(unseen).isEmpty();
    }

    @Test
    void aMarkBeyondTheBodyIsNotSeen() {
        Look fish =
                Catalogue.shipped().find("Zebrasoma flavescens").orElseThrow().look();
        Look hidden = new Look(
                fish.form(),
                fish.body(),
                fish.fins(),
                fish.tail(),
                List.of(new Look.Mark(Look.Kind.SPOT, List.of(0.97, 0.9, 0.02), "#ff0000")));
        assertThat(seen(pixels(hidden), hidden, 0)).isLessThan(LEAST_PIXELS);
        Look plain = new Look(
                fish.form(),
                fish.body(),
                fish.fins(),
                fish.tail(),
                List.of(new Look.Mark(Look.Kind.SPOT, List.of(0.4, 0.0, 0.05), "#ff0000")));
        assertThat(seen(pixels(plain), plain, 0)).isGreaterThan(100);
    }
}
