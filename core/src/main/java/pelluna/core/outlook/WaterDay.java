package pelluna.core.outlook;

import java.time.LocalDate;

/**
 * The water on one day.
 *
 * @param load    nitrogen from the fish, mg/L a day
 * @param carried what the bacteria of that day carry before ammonia is more than fish should stand, mg/L a day
 * @param ammonia total, mg/L as nitrogen
 * @param toxic   its un-ionised part, mg/L as nitrogen
 * @param nitrite mg/L as nitrogen
 * @param nitrate mg/L as the ion
 * @param phosphate mg/L as the ion
 * @param oxygen  what is left of it before the lights come on, mg/L
 */
public record WaterDay(
        LocalDate on,
        double load,
        double carried,
        double ammonia,
        double toxic,
        double nitrite,
        double nitrate,
        double phosphate,
        double oxygen) {}
