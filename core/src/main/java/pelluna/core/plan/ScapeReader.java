package pelluna.core.plan;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Run;
import pelluna.core.scape.Scape;
import pelluna.core.tank.TankDraft;
import pelluna.core.units.Rounding;

/** Reads how the keeper has drawn the reef. Everything must lie within the glass. */
final class ScapeReader {
    private static final double SLACK_CM = 0.5;

    private final TankDraft tank;

    ScapeReader(TankDraft tank) {
        this.tank = tank;
    }

    /**
     * @throws PlanException if a piece lies outside the glass, or the hides are not as many as the tank is said to
     * have
     */
    Scape read(Branch b) {
        double length = tank.lengthCm != null ? tank.lengthCm : tank.runCm != null ? tank.runCm : Double.MAX_VALUE;
        double height = tank.waterHeightCm != null ? tank.waterHeightCm : Double.MAX_VALUE;
        List<Rock> rocks = new ArrayList<>();
        for (Branch rock : b.branches("rocks")) {
            double left = needed(rock, "leftCm", 0, length);
            double width = needed(rock, "widthCm", 1, length - left);
            List<Double> heights = rock.numbers("heightsCm");
            if (heights.isEmpty() || heights.size() > Rock.MOST_POINTS) {
                throw new PlanException(
                        rock.at("heightsCm"),
                        heights.size() + " heights",
                        "1 to " + Rock.MOST_POINTS + " heights in cm above the sand");
            }
            for (double h : heights) {
                within(rock.at("heightsCm"), h, 0, height);
            }
            rocks.add(new Rock(left, width, heights));
        }
        List<Hide> hides = new ArrayList<>();
        for (Branch hide : b.branches("hides")) {
            hides.add(new Hide(needed(hide, "xCm", 0, length), needed(hide, "heightCm", 0, height)));
        }
        if (tank.hides != null && tank.hides != hides.size()) {
            throw new PlanException(
                    b.at("hides"), hides.size() + " drawn", "as many as tank.hides says, " + tank.hides);
        }
        Branch run = b.branch("run");
        Run drawn = b.has("run")
                ? new Run(needed(run, "fromCm", 0, length), needed(run, "heightCm", 0, height))
                : new Run(0, tank.waterHeightCm == null ? 0 : tank.waterHeightCm * 0.75);
        return new Scape(rocks, hides, drawn);
    }

    private static double needed(Branch b, String key, double least, double most) {
        Double value = b.number(key);
        if (value == null) {
            throw new PlanException(b.at(key), "nothing", "a place in cm");
        }
        within(b.at(key), value, least, most);
        return value;
    }

    private static void within(String field, double value, double least, double most) {
        if (!(value >= least - SLACK_CM && value <= most + SLACK_CM)) {
            throw new PlanException(
                    field,
                    Rounding.text(value) + " cm",
                    "a place within the glass, " + Rounding.text(least) + " to " + Rounding.text(most) + " cm");
        }
    }
}
