package pelluna.core.water;

/**
 * How much of the total ammonia in sea water is un-ionised, which is the part that poisons fish. Dissociation constant
 * of
 * ammonium after Yao &amp; Millero (1995), as the design page gives it (from memory): pK = 9.256 at 25 °C and S = 35.
 */
public final class Ammonia {
    /**
     * Un-ionised ammonia nitrogen that fish are kept under in culture, mg/L: Timmons &amp; Ebeling give 0.0125 to
     * 0.025. From memory.
     */
    public static final double SAFE_TOXIC = 0.02;
    /** pH of a reef tank, where none was tested. Common practice: 8.0 to 8.4. */
    public static final double USUAL_PH = 8.2;

    private static final double KELVIN = 273.15;

    private Ammonia() {}

    /** pK of ammonium at a temperature in °C and a salinity in g/kg. */
    public static double pK(double celsius, double salinity) {
        double t = celsius + KELVIN;
        double ln = -6285.33 / t
                + 0.0001635 * t
                - 0.25444
                + (0.46532 - 123.7184 / t) * Math.sqrt(salinity)
                + (-0.01992 + 3.17556 / t) * salinity;
        return -ln / Math.log(10);
    }

    /** Un-ionised share of total ammonia, 0 to 1. */
    public static double toxicShare(double pH, double celsius, double salinity) {
        return 1 / (1 + Math.pow(10, pK(celsius, salinity) - pH));
    }

    /** Total ammonia nitrogen, mg/L, at which the un-ionised part comes to {@value #SAFE_TOXIC} mg/L. */
    public static double safeTotal(double pH, double celsius, double salinity) {
        return SAFE_TOXIC / toxicShare(pH, celsius, salinity);
    }
}
