package pelluna.app.drawing;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import pelluna.core.catalogue.Form;

/** Outlines of the body forms in unit length, snout at x = 0, back up, facing left; from {@code fish/forms.txt}. */
final class FishForms {
    /**
     * One form. Paths are written with absolute points.
     *
     * @param rays     lines in fins and tail
     * @param lines    feelers and tentacles, painted as lines in the colour of the fins
     * @param pectoral the fin behind the gill; empty if it is not drawn
     * @param marks    lines of the head and side: gill, mouth
     * @param side     the lateral line
     * @param scales   width of a scale in lengths; 0 for a skin without
     * @param finned   fins by their place
     * @param profile  back and belly; empty for forms that are like no other
     * @param half     half of the body depth; marks are placed in shares of it
     */
    record Outline(
            String body,
            String fins,
            String tail,
            String rays,
            String lines,
            String pectoral,
            String pectoralRays,
            String marks,
            String side,
            double scales,
            List<FinShape> finned,
            Optional<Profile> profile,
            double half,
            double eyeX,
            double eyeY,
            double eyeR) {
        /** A spot so near a fin, in lengths, is meant to be on it. */
        private static final double NEAR = 0.08;

        private static final Pattern NUMBER = Pattern.compile("-?\\d*\\.?\\d+");

        /** The farthest that any of its paths goes up or down, control points too, so a little more than is seen. */
        double reach() {
            return Stream.of(body, fins, lines, tail, pectoral)
                    .mapToDouble(Outline::reach)
                    .max()
                    .orElse(0);
        }

        /** The middle of the fin over a place, or what is given where there is none. @param side −1 the back */
        double inFin(double x, int side, double otherwise) {
            return finned.stream()
                    .filter(f -> f.side() == side && f.from(x) < NEAR)
                    .min(Comparator.comparingDouble(f -> f.from(x)))
                    .map(f -> f.middle(x))
                    .orElse(otherwise);
        }

        private static double reach(String path) {
            double[] numbers = NUMBER.matcher(path)
                    .results()
                    .mapToDouble(m -> Double.parseDouble(m.group()))
                    .toArray();
            double most = 0;
            for (int i = 1; i < numbers.length; i += 2) {
                most = Math.max(most, Math.abs(numbers[i]));
            }
            return most;
        }
    }

    private static final Map<Form, Outline> OUTLINES = new EnumMap<>(Form.class);

    static {
        Map<String, FormSpec> specs = FormFile.read();
        for (Form form : Form.values()) {
            OUTLINES.put(form, outline(form, specs.get(form.word())));
        }
    }

    private FishForms() {}

    static Outline of(Form form) {
        return OUTLINES.get(form);
    }

    private static Outline outline(Form form, FormSpec spec) {
        if (spec == null) {
            throw new IllegalStateException(form.word());
        }
        double half = spec.has("half") ? spec.figure("half", 0) : form.depthShare() / 2;
        return spec.body.isEmpty() ? asDrawn(spec, half) : new FishOutline(spec, half).build();
    }

    private static Outline asDrawn(FormSpec spec, double half) {
        return new Outline(
                spec.paths.get("body"),
                spec.paths.getOrDefault("fins", ""),
                spec.paths.getOrDefault("tail", ""),
                spec.paths.getOrDefault("rays", ""),
                "",
                spec.paths.getOrDefault("pectoral", ""),
                "",
                spec.paths.getOrDefault("marks", ""),
                "",
                0,
                List.of(),
                Optional.empty(),
                half,
                spec.figure("eye", 0),
                spec.figure("eye", 1) * half,
                spec.figure("eye", 2));
    }
}
