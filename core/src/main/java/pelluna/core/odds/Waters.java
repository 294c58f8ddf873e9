package pelluna.core.odds;

import java.time.temporal.ChronoUnit;
import java.util.List;
import pelluna.core.arrivals.Schedule;
import pelluna.core.outlook.WaterCourse;
import pelluna.core.outlook.WaterDay;
import pelluna.core.plan.Plan;
import pelluna.core.units.Rounding;
import pelluna.core.water.Ammonia;

/** The water of the plan day by day: how far over what is safe, which is the same in every run. */
final class Waters {
    /** Fish are lost below this at night, mg/L; stress begins at {@link pelluna.core.water.Oxygen}. From memory. */
    private static final double LEAST_OXYGEN = 4;

    private static final int DIGITS = 9;

    private final double[] poison = new double[Cast.DAYS + 1];
    private final double[] breathless = new double[Cast.DAYS + 1];

    Waters(Plan plan, Schedule schedule) {
        List<WaterDay> days = WaterCourse.of(plan, schedule, plan.startOn().plusDays(Cast.DAYS))
                .days();
        for (WaterDay w : days) {
            int day = (int) ChronoUnit.DAYS.between(plan.startOn(), w.on());
            if (day >= 0) {
                poison[day] = w.toxic() <= Ammonia.SAFE_TOXIC ? 0 : Rounding.to(DIGITS, w.toxic());
                breathless[day] = Rounding.to(DIGITS, Math.max(0, LEAST_OXYGEN - w.oxygen()));
            }
        }
    }

    /** Toxic ammonia, mg/L as nitrogen; 0 while it is safe. */
    double poison(int day) {
        return poison[day];
    }

    /** By how much oxygen at the end of the night is short of {@value #LEAST_OXYGEN} mg/L. */
    double breathless(int day) {
        return breathless[day];
    }
}
