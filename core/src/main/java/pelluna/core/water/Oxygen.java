package pelluna.core.water;

/**
 * Oxygen in sea water: what it holds in balance with moist air at one atmosphere, after Garcia &amp; Gordon (1992,
 * Limnology and
 * Oceanography 37) with the
 * coefficients that they fitted to Benson &amp; Krause, and what a tank at night is left with.
 */
public final class Oxygen {
    /** Grams per mole of O2. */
    private static final double MOLAR = 31.9988;

    private static final double[] A = {5.80871, 3.20291, 4.17887, 5.10006, -9.86643e-2, 3.80369};
    private static final double[] B = {-7.01577e-3, -7.70028e-3, -1.13864e-2, -9.51519e-3};
    private static final double C0 = -2.75915e-7;
    /** The formula is written for the temperature scale of 1968. */
    private static final double TO_1968 = 1.00024;

    private static final double KELVIN = 273.15;
    /** Fish are stressed below this, mg/L; common practice (5 to 6). */
    public static final double STRESSED_BELOW = 5;
    /**
     * Oxygen that a resting fish takes, mg/h at 20 °C for W in g: 0.307·W^0.81 mL (Winberg 1956, from memory), a third
     * more for one
     * that swims and eats (Pelluna's judgement).
     */
    private static final double RESTING = 0.307 * 1.429;

    private static final double ACTIVE = 1.33;
    private static final double BY_MASS = 0.81;
    private static final double DOUBLES_EVERY = 10;
    /**
     * Oxygen that bacteria take for each mg of ammonia nitrogen made nitrate (stoichiometry), and for each g of dry
     * food that rots
     * (from memory).
     */
    private static final double PER_NITROGEN = 4.57;

    private static final double MG_PER_GRAM_ROTTING = 1100;
    /** Corals, rock and sand at night, mg/L an hour. Pelluna's judgement. */
    private static final double REEF = 0.10;
    /**
     * Oxygen comes in through the surface, m/h: well moved, and with a skimmer in a sump besides. Pelluna's judgement.
     */
    private static final double SURFACE = 0.18;

    private static final double WITH_SUMP = 0.28;
    private static final double HOURS = 24;

    private Oxygen() {}

    /** In balance with air, µmol/kg, at a salinity in g/kg and a temperature in °C; 0 to 42 g/kg, −2 to 40 °C. */
    public static double saturation(double salinity, double celsius) {
        double t = celsius * TO_1968;
        double y = Math.log((298.15 - t) / (KELVIN + t));
        double a = 0;
        for (int i = A.length - 1; i >= 0; i--) {
            a = a * y + A[i];
        }
        double b = 0;
        for (int i = B.length - 1; i >= 0; i--) {
            b = b * y + B[i];
        }
        return Math.exp(a + salinity * (b + C0 * salinity));
    }

    /** The same in mg/L, by the density of the water. */
    public static double saturationMgPerLitre(double salinity, double celsius) {
        return saturation(salinity, celsius) * 1e-6 * MOLAR * SeaWater.density(salinity, celsius);
    }

    /** What one fish takes, mg an hour, from its mass in g. */
    public static double taken(double grams, double celsius) {
        return RESTING * ACTIVE * Math.pow(grams, BY_MASS) * Math.pow(2, (celsius - 20) / DOUBLES_EVERY);
    }

    /**
     * What is left before the lights come on, mg/L, 0 or more: the balance of what is used against what comes in
     * through the surface.
     *
     * @param fishMgPerHour    taken by all fish
     * @param nitrogenMgPerDay ammonia nitrogen that bacteria turn over in the whole tank
     * @param rottingGrams     dry food a day that nobody eats
     * @param litres           of water
     * @param depthCm          of the display; the deeper, the less surface to a litre
     */
    public static double atNight(
            double salinity,
            double celsius,
            double fishMgPerHour,
            double nitrogenMgPerDay,
            double rottingGrams,
            double litres,
            double depthCm,
            boolean sump) {
        double used =
                (fishMgPerHour + nitrogenMgPerDay * PER_NITROGEN / HOURS + rottingGrams * MG_PER_GRAM_ROTTING / HOURS)
                                / litres
                        + REEF;
        double comesIn = (sump ? WITH_SUMP : SURFACE) / (depthCm / 100);
        return Math.max(0, saturationMgPerLitre(salinity, celsius) - used / comesIn);
    }
}
