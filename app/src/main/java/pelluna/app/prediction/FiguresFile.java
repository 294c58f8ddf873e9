package pelluna.app.prediction;

import java.util.List;
import pelluna.core.crew.CrewKind;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Topic;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Step;

/** Figures that may be shared, as docs/figures-file.md has them; null for what nobody has said. */
public record FiguresFile(
        int pellunaFigures,
        int tanks,
        List<LifePart> lives,
        List<TallyPart> saidAndHappened,
        List<BinPart> tensionAndFights,
        List<CrewPart> crew,
        List<PairPart> pairs,
        List<KindPart> kinds) {
    public static final int FORMAT = 1;

    public record LifePart(
            String species,
            long days,
            boolean lost,
            Cause cause,
            Boolean captiveBred,
            QuarantineSchool quarantine,
            int placeInOrder,
            Boolean openCover,
            Boolean pressedInPlan) {}

    public record TallyPart(Topic topic, int saidAndHappened, int saidOnly, int happenedOnly, int neither) {}

    public record BinPart(Step step, int pairsWatched, int seenToContest, int seenToFightHard, double hoursWatched) {}

    public record CrewPart(CrewKind kind, int lost, double animalMonths) {}

    public record KindPart(String species, int keepers, int fish, long days, int lost) {}

    public record PairPart(String aggressor, String target, int keepers, int seenToFightHard, double expected) {}
}
