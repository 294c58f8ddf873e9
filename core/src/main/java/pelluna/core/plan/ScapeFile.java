package pelluna.core.plan;

import java.util.List;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Run;
import pelluna.core.scape.Scape;

/** The reef of a {@link PlanFile} as its keeper has drawn it, cm; the run may be left out. */
public record ScapeFile(List<RockFile> rocks, List<HideFile> hides, RunFile run) {
    /** Places are written in tenths of a millimetre: finer than any hand. */
    private static final double FINE = 100;

    public record RockFile(double leftCm, double widthCm, List<Double> heightsCm) {
        public RockFile {
            heightsCm = List.copyOf(heightsCm);
        }
    }

    public record HideFile(double xCm, double heightCm) {}

    public record RunFile(double fromCm, double heightCm) {}

    public ScapeFile {
        rocks = rocks == null ? List.of() : List.copyOf(rocks);
        hides = hides == null ? List.of() : List.copyOf(hides);
    }

    public static ScapeFile of(Scape scape) {
        return new ScapeFile(
                scape.rocks().stream()
                        .map(r -> new RockFile(
                                fine(r.leftCm()),
                                fine(r.widthCm()),
                                r.heightsCm().stream().map(ScapeFile::fine).toList()))
                        .toList(),
                scape.hides().stream()
                        .map(h -> new HideFile(fine(h.xCm()), fine(h.heightCm())))
                        .toList(),
                new RunFile(fine(scape.run().fromCm()), fine(scape.run().heightCm())));
    }

    /** @param otherwise the run where none is drawn */
    public Scape scape(Run otherwise) {
        return new Scape(
                rocks.stream()
                        .map(r -> new Rock(r.leftCm(), r.widthCm(), r.heightsCm()))
                        .toList(),
                hides.stream().map(h -> new Hide(h.xCm(), h.heightCm())).toList(),
                run == null ? otherwise : new Run(run.fromCm(), run.heightCm()));
    }

    private static double fine(double cm) {
        return Math.round(cm * FINE) / FINE;
    }
}
