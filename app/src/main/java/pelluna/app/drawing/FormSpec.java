package pelluna.app.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One body form as the file of forms has it. */
final class FormSpec {
    /** x, height of the back, height of the belly: in lengths from the snout and in shares of half the depth. */
    final List<double[]> body = new ArrayList<>();

    final List<FinSpec> fins = new ArrayList<>();
    /** Everything with a name and numbers: eye, mouth, gill, pec … */
    final Map<String, double[]> figures = new HashMap<>();
    /** Outlines of forms that are like no other, as paths. */
    final Map<String, String> paths = new HashMap<>();

    String tail = "";
    String scales = "none";

    /**
     * A fin on the back or the belly.
     *
     * @param side    −1 on the back, 1 on the belly
     * @param spines  its first so many rays are spines
     * @param heights at even steps along its foot, in lengths
     */
    record FinSpec(int side, double from, double to, int spines, double[] heights) {}

    boolean has(String name) {
        return figures.containsKey(name);
    }

    double figure(String name, int i) {
        return figures.get(name)[i];
    }
}
