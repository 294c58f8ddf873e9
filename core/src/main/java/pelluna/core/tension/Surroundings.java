package pelluna.core.tension;

import pelluna.core.tank.Tank;

/**
 * What of a tank strengthens or dampens tension: litres of the glass, run in cm, hides, meals a day, seaweed on offer.
 */
public record Surroundings(double litres, double runCm, int hides, int mealsADay, boolean seaweed) {
    public static Surroundings of(Tank tank) {
        return new Surroundings(tank.glassLitres(), tank.runCm(), tank.hides(), tank.mealsADay(), tank.seaweed());
    }
}
