package pelluna.app.scenery;

import java.util.Arrays;
import java.util.List;
import pelluna.app.drawing.Svg;
import pelluna.core.scenery.LifeForm;
import pelluna.core.scenery.Standing;
import pelluna.core.tank.ReefLife;

/** One kind of life by itself, as it stands in a tank. */
public final class LifePicture {
    /** The textures are as fine as in a tank of this length, cm. */
    private static final double AS_IN_CM = 60;

    private static final double MIDDLE_TINT = 0.4;
    private static final long SEED = 7;

    private LifePicture() {}

    /** A drawing of its own, wider than high. */
    public static String of(ReefLife kind) {
        LifeForm form = Arrays.stream(LifeForm.values())
                .filter(f -> f.of() == kind)
                .findFirst()
                .orElseThrow();
        double size = form.sizeCm();
        Brush brush = new Brush(AS_IN_CM);
        new Life(brush).paint(List.of(new Standing(form, 0, 0, size, MIDDLE_TINT, SEED)), 0);
        String box = brush.at(-size, -1.15 * size) + " " + brush.grains(2 * size) + " " + brush.grains(1.4 * size);
        return new Svg()
                .open("svg", "xmlns", "http://www.w3.org/2000/svg", "viewBox", box)
                .add(Textures.LIGHT.markup())
                .add(Textures.LIFE.markup())
                .add(brush.svg().toString())
                .close("svg")
                .toString();
    }
}
