package pelluna.core.water;

/**
 * One group of nitrifying bacteria. Yields, growth and decay at 20 °C after Rittmann &amp; McCarty, Environmental
 * Biotechnology, and
 * their change with temperature after Metcalf &amp; Eddy, Wastewater Engineering: all from memory. Both write of mixed
 * fresh water;
 * bacteria that sit in films on rock and media of a salt water tank grow more slowly and at lower levels. Their growth
 * is taken at a
 * quarter and their half saturation at 0.05 mg/L (Pelluna's judgement, so that a new tank cycles in four to six weeks
 * and a settled
 * one reads next to nothing, both common practice).
 *
 * @param yield  mg of bacteria per mg of nitrogen
 * @param growth most growth per day
 * @param half   half saturation, mg/L of nitrogen
 * @param decay  loss per day
 */
public record Nitrifiers(double yield, double growth, double half, double decay) {
    private static final double IN_FILMS = 0.25;
    private static final double HALF = 0.05;
    private static final double GROWTH_PER_DEGREE = 1.07;
    private static final double DECAY_PER_DEGREE = 1.04;
    private static final double DECAY_AT_20 = 0.11;

    /** Those who make nitrite of ammonia. */
    public static Nitrifiers ofAmmonia(double celsius) {
        return at(celsius, 0.33, 0.76);
    }

    /** Those who make nitrate of nitrite. */
    public static Nitrifiers ofNitrite(double celsius) {
        return at(celsius, 0.083, 0.81);
    }

    private static Nitrifiers at(double celsius, double yield, double growthAt20) {
        double warmer = celsius - 20;
        return new Nitrifiers(
                yield,
                IN_FILMS * growthAt20 * Math.pow(GROWTH_PER_DEGREE, warmer),
                HALF,
                DECAY_AT_20 * Math.pow(DECAY_PER_DEGREE, warmer));
    }

    /** Nitrogen turned over by so many bacteria, mg/L a day, at a level in mg/L (Monod 1949). */
    public double rate(double bacteria, double level) {
        return growth / yield * bacteria * Math.max(0, level) / (half + Math.max(0, level));
    }

    /** Bacteria, mg/L, that a lasting load in mg/L a day grows and keeps. */
    public double grownBy(double load) {
        return yield * load / decay;
    }

    /** How many times the load that grew them they carry while the level stands at so many mg/L. */
    public double reserve(double level) {
        return rate(grownBy(1), level);
    }
}
