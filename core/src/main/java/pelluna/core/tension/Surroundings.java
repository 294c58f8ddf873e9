package pelluna.core.tension;

import pelluna.core.tank.Tank;

/** What of a tank strengthens or dampens tension: net litres, run in cm, hides, meals a day, seaweed on offer. */
public record Surroundings(double netLitres, double runCm, int hides, int mealsADay, boolean seaweed) {
    public static Surroundings of(Tank tank) {
        return new Surroundings(tank.netLitres(), tank.runCm(), tank.hides(), tank.mealsADay(), tank.seaweed());
    }
}
