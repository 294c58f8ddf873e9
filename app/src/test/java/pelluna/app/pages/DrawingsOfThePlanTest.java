package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import pelluna.app.testing.Pelluna;

/** The drawings as the pages send them: well formed, complete, inside their frame. */
class DrawingsOfThePlanTest {
    private static Document drawing(String path, String kind) throws Exception {
        String page = Pelluna.get(path).body();
        Matcher svg = Pattern.compile("<svg[^>]*class=\"" + kind + "\"").matcher(page);
        assertThat(svg.find()).as(kind + " on " + path).isTrue();
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(whole(page.substring(svg.start())))));
    }

    /** The first drawing with those that lie in it. */
    private static String whole(String markup) {
        int deep = 0;
        Matcher ends = Pattern.compile("<svg\\b|</svg>").matcher(markup);
        while (ends.find()) {
            deep += ends.group().equals("</svg>") ? -1 : 1;
            if (deep == 0) {
                return markup.substring(0, ends.end());
            }
        }
        throw new AssertionError(markup);
    }

    private static List<Element> all(Document document, String tag) {
        NodeList nodes = document.getElementsByTagName(tag);
        return IntStream.range(0, nodes.getLength())
                .mapToObj(i -> (Element) nodes.item(i))
                .toList();
    }

    private static double[] frame(Document document) {
        String[] box = document.getDocumentElement().getAttribute("viewBox").split(" ");
        return new double[] {Double.parseDouble(box[2]), Double.parseDouble(box[3])};
    }

    private static double number(Element element, String attribute) {
        return Double.parseDouble(element.getAttribute(attribute));
    }

    /** Where a text stands in the frame, and its scale, through every 'translate(x y) scale(s)' around it. */
    private static double[] place(Element text) {
        double[] at = {number(text, "x"), number(text, "y"), 1};
        for (org.w3c.dom.Node node = text; node instanceof Element e; node = node.getParentNode()) {
            java.util.regex.Matcher m = java.util.regex.Pattern.compile(
                            "translate\\((\\S+) (\\S+)\\) scale\\((\\S+)\\)")
                    .matcher(e.getAttribute("transform"));
            if (m.matches()) {
                double k = Double.parseDouble(m.group(3));
                at = new double[] {
                    Double.parseDouble(m.group(1)) + k * at[0], Double.parseDouble(m.group(2)) + k * at[1], k * at[2]
                };
            }
        }
        return at;
    }

    @Test
    void everyWishLiesOnceInTheSieveAndSaysWhy() throws Exception {
        Document sieve = drawing("/tanks/1/wish-list", "sieve");
        List<Element> links = all(sieve, "a");
        assertThat(links).hasSize(12);
        assertThat(links).extracting(a -> a.getAttribute("href")).doesNotHaveDuplicates();
        assertThat(links)
                .anySatisfy(a -> assertThat(a.getAttribute("aria-label"))
                        .containsPattern(said("sieve.Outcome.NOT_IN_THIS_TANK"))
                        .containsPattern(said("page.wishes.needsHas", "795 L", "468 L")));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/tanks/1/wish-list sieve",
                "/tanks/2/wish-list sieve",
                "/tanks/1/arrivals lanes",
                "/tanks/1/tank tank-drawing",
                "/tanks/1/species/Naso-lituratus to-scale",
                "/tanks/2/species/Naso-vlamingii to-scale",
                "/tanks/1/species/Gobiodon-okinawae schools"
            })
    void everyTextStandsInsideItsFrame(String pathAndKind) throws Exception {
        String[] parts = pathAndKind.split(" ");
        Document document = drawing(parts[0], parts[1]);
        double[] frame = frame(document);
        assertThat(all(document, "text")).isNotEmpty().allSatisfy(text -> {
            double[] place = place(text);
            double half = text.getTextContent().length() * 3.0 * Math.min(1, place[2]);
            double x = place[0];
            String anchor = text.getAttribute("text-anchor");
            double left = anchor.equals("middle") ? x - half : anchor.equals("end") ? x - 2 * half : x;
            assertThat(left).as(text.getTextContent()).isGreaterThanOrEqualTo(-6);
            assertThat(left + 2 * half).as(text.getTextContent()).isLessThanOrEqualTo(frame[0] + 14);
            assertThat(place[1]).as(text.getTextContent()).isBetween(0.0, frame[1]);
        });
    }

    @Test
    void lanesFollowOneAnotherInTime() throws Exception {
        Document lanes = drawing("/tanks/1/arrivals", "lanes");
        List<Double> releases = new ArrayList<>();
        all(lanes, "circle").stream()
                .filter(c -> c.getAttribute("class").equals("release"))
                .forEach(c -> releases.add(number(c, "cx")));
        assertThat(releases).hasSizeGreaterThan(3).isSorted();
        assertThat(all(lanes, "rect").stream()
                        .filter(r -> r.getAttribute("class").equals("quarantine"))
                        .toList())
                .hasSameSizeAs(releases)
                .allSatisfy(q -> assertThat(number(q, "width")).isGreaterThan(10));
    }

    @Test
    void theFishIsDrawnToTheScaleOfTheTank() throws Exception {
        Document drawing = drawing("/tanks/1/species/Naso-lituratus", "to-scale");
        Element water = all(drawing, "rect").stream()
                .filter(r -> r.getAttribute("class").equals("water"))
                .findFirst()
                .orElseThrow();
        double pixelsPerCm = number(water, "width") / 150;
        Matcher scale = Pattern.compile("scale\\(([\\d.]+)\\)")
                .matcher(all(drawing, "g").stream()
                        .map(g -> g.getAttribute("transform"))
                        .filter(t -> !t.isEmpty())
                        .findFirst()
                        .orElseThrow());
        assertThat(scale.find()).isTrue();
        assertThat(Double.parseDouble(scale.group(1)) / pixelsPerCm)
                .isCloseTo(33, org.assertj.core.api.Assertions.within(0.1)); // its adult length
    }

    @ParameterizedTest
    @ValueSource(strings = {"box", "cube", "cylinder", "half-cylinder"})
    void everyShapeOfTankIsDrawn(String shape) throws Exception {
        long tank = Pelluna.tank("Shape " + shape);
        assertThat(Pelluna.post("/tanks/" + tank + "/tank", Map.of("shape", shape))
                        .statusCode())
                .isEqualTo(200);
        Document drawing = drawing("/tanks/" + tank + "/tank", "tank-drawing");
        String top = shape.equals("cylinder") ? "ellipse" : shape.equals("half-cylinder") ? "path" : "rect";
        assertThat(all(drawing, top))
                .anySatisfy(e -> assertThat(e.getAttribute("class")).isEqualTo("water-top"));
    }
}
