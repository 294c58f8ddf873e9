package pelluna.core.plan;

import pelluna.core.scape.Rock;
import pelluna.core.scape.Run;
import pelluna.core.scape.Scape;
import pelluna.core.tank.TankDraft;
import pelluna.core.units.Length;

/** Reads how the keeper has drawn the reef. Everything must lie within the glass. */
final class ScapeReader {
    private static final double SLACK_CM = 0.5;
    /** Where nobody drew the run, it lies at this share of the water. */
    private static final double USUAL_RUN = 0.75;

    private final TankDraft tank;

    ScapeReader(TankDraft tank) {
        this.tank = tank;
    }

    /**
     * @throws PlanException if a piece lies outside the glass, or the hides are not as many as the tank is said to
     * have
     */
    Scape read(ScapeFile file) {
        double length = tank.lengthCm != null ? tank.lengthCm : tank.runCm != null ? tank.runCm : Double.MAX_VALUE;
        double height = tank.waterHeightCm != null ? tank.waterHeightCm : Double.MAX_VALUE;
        for (int i = 0; i < file.rocks().size(); i++) {
            rock(file.rocks().get(i), "tank.scape.rocks[" + i + "].", length, height);
        }
        for (int i = 0; i < file.hides().size(); i++) {
            ScapeFile.HideFile hide = file.hides().get(i);
            within("tank.scape.hides[" + i + "].xCm", hide.xCm(), 0, length);
            within("tank.scape.hides[" + i + "].heightCm", hide.heightCm(), 0, height);
        }
        if (tank.hides != null && tank.hides != file.hides().size()) {
            throw new PlanException(
                    "tank.scape.hides",
                    new PlanFound.HidesDrawn(file.hides().size()),
                    new PlanNeeds.AsManyHides(tank.hides));
        }
        if (file.run() != null) {
            within("tank.scape.run.fromCm", file.run().fromCm(), 0, length);
            within("tank.scape.run.heightCm", file.run().heightCm(), 0, height);
        }
        return file.scape(new Run(0, tank.waterHeightCm == null ? 0 : tank.waterHeightCm * USUAL_RUN));
    }

    private static void rock(ScapeFile.RockFile rock, String at, double length, double height) {
        within(at + "leftCm", rock.leftCm(), 0, length);
        within(at + "widthCm", rock.widthCm(), 1, length - rock.leftCm());
        if (rock.heightsCm().isEmpty() || rock.heightsCm().size() > Rock.MOST_POINTS) {
            throw new PlanException(
                    at + "heightsCm",
                    new PlanFound.HeightsGiven(rock.heightsCm().size()),
                    new PlanNeeds.Heights(Rock.MOST_POINTS));
        }
        for (double h : rock.heightsCm()) {
            within(at + "heightsCm", h, 0, height);
        }
    }

    private static void within(String field, double value, double least, double most) {
        if (!(value >= least - SLACK_CM && value <= most + SLACK_CM)) {
            throw new PlanException(
                    field,
                    new PlanFound.OfLength(new Length(value)),
                    new PlanNeeds.WithinTheGlass(new Length(least), new Length(most)));
        }
    }
}
