package pelluna.app.scenery;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.zip.GZIPOutputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankDraft;
import pelluna.core.tank.TankShape;

class SceneryTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 28);

    private static TankDraft draft(double length, double height) {
        TankDraft draft = new TankDraft();
        draft.shape = TankShape.BOX;
        draft.lengthCm = length;
        draft.widthCm = 0.4 * length;
        draft.waterHeightCm = height;
        draft.rockKg = 0.00004 * length * length * height;
        draft.sandDepthCm = 3.0;
        draft.hides = 4;
        draft.keeps = EnumSet.allOf(ReefLife.class);
        return draft;
    }

    private static Map<String, Layer> layers(Tank tank) {
        return new Scenery(tank).layers().stream().collect(Collectors.toMap(Layer::name, Function.identity()));
    }

    @Test
    void everyLayerIsADrawingByItself() throws Exception {
        Map<String, Layer> layers = layers(draft(150, 52).on(DAY));
        assertThat(layers).containsOnlyKeys("water", "heap-0", "heap-1", "sand");
        for (Layer layer : layers.values()) {
            byte[] file = layer.file().getBytes(StandardCharsets.UTF_8);
            assertThat(DocumentBuilderFactory.newInstance()
                            .newDocumentBuilder()
                            .parse(new ByteArrayInputStream(file))
                            .getElementsByTagName("path")
                            .getLength())
                    .isPositive();
        }
    }

    @Test
    void aHeapThatIsMovedKeepsItsPictureAndTheOthersTheirs() {
        Tank before = draft(150, 52).on(DAY);
        Tank after = before.with(
                before.scape().moved(0, before.scape().rocks().get(0).leftCm() + 6));
        Map<String, Layer> was = layers(before);
        Map<String, Layer> is = layers(after);
        assertThat(is.get("heap-1")).isEqualTo(was.get("heap-1"));
        assertThat(is.get("water")).isEqualTo(was.get("water"));
        assertThat(is.get("heap-0").version()).isEqualTo(was.get("heap-0").version());
        assertThat(is.get("heap-0").leftCm())
                .isEqualTo(was.get("heap-0").leftCm() + 6, org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void aHeapThatGrowsIsPaintedAnew() {
        Tank before = draft(150, 52).on(DAY);
        Tank after =
                before.with(before.scape().with(0, before.scape().rocks().get(0).with(2, 40)));
        assertThat(layers(after).get("heap-0").version())
                .isNotEqualTo(layers(before).get("heap-0").version());
    }

    @Test
    void layersStayLightInTanksOfEverySize() throws Exception {
        for (double length : List.of(20.0, 60.0, 150.0, 400.0)) {
            int sum = 0;
            for (Layer layer :
                    layers(draft(length, Math.min(100, 0.5 * length)).on(DAY)).values()) {
                sum += packed(layer.file());
            }
            assertThat(sum).as("bytes of a tank of %s cm, compressed", length).isLessThan(90_000);
        }
    }

    @Test
    void theSameLayerLiesInADrawingByDayAlone() {
        Layer heap = layers(draft(150, 52).on(DAY)).get("heap-0");
        assertThat(heap.file()).contains("prefers-color-scheme");
        assertThat(heap.inline()).doesNotContain("prefers-color-scheme").contains(heap.markup());
    }

    private static int packed(String text) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(out)) {
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        }
        return out.size();
    }
}
