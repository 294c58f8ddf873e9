package pelluna.core.water;

import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;

/**
 * Ammonia to nitrite to nitrate by two groups of bacteria, integrated day by day:
 *
 * <pre>
 * ammonia' = load − r₁        r₁ = µ₁/Y₁ · ammonia/(K₁ + ammonia) · X₁      (Monod 1949)
 * nitrite' = r₁ − r₂          X₁' = Y₁·r₁ − b₁·X₁
 * nitrate' = r₂ − k·nitrate   X₂' = Y₂·r₂ − b₂·X₂
 * </pre>
 *
 * by the adaptive Runge–Kutta method of Dormand &amp; Prince of order 8 (Hairer, Nørsett &amp; Wanner 1993;
 * Hipparchus). Oxygen, alkalinity and what
 * the bacteria build into themselves are left out.
 *
 * @param celsius temperature, °C
 * @param export  way of nitrate out of the water by algae, skimming, denitrification, per day
 */
public record NitrogenCycle(double celsius, double export) {
    /** Even without fish a tank turns over a little nitrogen, mg/L a day. Pelluna's judgement. */
    public static final double BASE_LOAD = 0.005;
    /**
     * What a filter carries at the end of its cycle, mg/L a day. Pelluna's judgement: it has cleared a dose of 2 mg/L
     * within about ten days.
     */
    public static final double CYCLED_LOAD = 0.2;

    /** The state a day later under a steady load in mg/L of nitrogen a day. */
    public FilterState dayAfter(FilterState state, double load) {
        Nitrifiers first = Nitrifiers.ofAmmonia(celsius);
        Nitrifiers second = Nitrifiers.ofNitrite(celsius);
        OrdinaryDifferentialEquation equation = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 5;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                double one = first.rate(y[3], y[0]);
                double two = second.rate(y[4], y[1]);
                return new double[] {
                    load - one,
                    one - two,
                    two - export * y[2],
                    first.yield() * one - first.decay() * y[3],
                    second.yield() * two - second.decay() * y[4]
                };
            }
        };
        double[] y = new DormandPrince853Integrator(1e-6, 1, 1e-9, 1e-7)
                .integrate(equation, new ODEState(0, state.toArray()), 1)
                .getPrimaryState();
        for (int i = 0; i < y.length; i++) {
            y[i] = Math.max(0, y[i]);
        }
        return FilterState.of(y);
    }

    /** Load in mg/L a day that these bacteria carry while total ammonia stands at a level in mg/L. */
    public double carried(FilterState state, double level) {
        return Nitrifiers.ofAmmonia(celsius).rate(state.onAmmonia(), level);
    }
}
