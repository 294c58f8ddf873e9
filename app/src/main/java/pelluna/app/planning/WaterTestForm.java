package pelluna.app.planning;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Days;
import pelluna.app.limits.Numbers;
import pelluna.app.limits.Refused;
import pelluna.app.planfile.FileNeeds;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planfile.Problem;
import pelluna.core.plan.PlanFound;
import pelluna.core.plan.TestFile;
import pelluna.core.units.Convert;
import pelluna.core.water.SeaWater;

/** Reads a test of the water as it was typed, and logs it. */
@Component
public class WaterTestForm {
    private static final Map<String, Function<TestFile, Double>> BY_NAME = byName();

    /** What can be tested, as the plan file names it. */
    public static final List<String> FIGURES = List.copyOf(BY_NAME.keySet());

    private final TankPlans plans;
    private final CurrentKeeper keeper;

    WaterTestForm(TankPlans plans, CurrentKeeper keeper) {
        this.plans = plans;
        this.keeper = keeper;
    }

    /** @throws Refused if it is no test; nothing is logged then */
    public void log(OwnedTank tank, Map<String, String> typed) {
        try {
            plans.test(tank, read(typed, plans.today(), keeper.words().us()));
        } catch (PlanProblemsException e) {
            Problem p = e.problems().get(0);
            throw new Refused("", new PlanningRefusal.NotLogged(p.found(), p.expected()), e);
        }
    }

    /**
     * A test as it was typed; its figures are not held against their ranges yet.
     *
     * @param fahrenheit whether temperatures were typed so
     * @throws Refused
     * @throws PlanProblemsException    if its day is none
     */
    public static TestFile read(Map<String, String> typed, LocalDate today, boolean fahrenheit) {
        Map<String, Double> figures = new HashMap<>();
        for (String figure : FIGURES) {
            String text = typed.getOrDefault(figure, "").strip().replace(',', '.');
            if (!text.isEmpty()) {
                figures.put(figure, value(figure, text, fahrenheit));
            }
        }
        if (figures.isEmpty()) {
            throw new Refused(new PlanningRefusal.NoFigure());
        }
        return new TestFile(
                day(typed.getOrDefault("on", "").strip(), today),
                figures.get("ammonia"),
                figures.get("nitrite"),
                figures.get("nitrate"),
                figures.get("pH"),
                figures.get("phosphate"),
                figures.get("salinity"),
                figures.get("temperatureC"),
                null);
    }

    private static LocalDate day(String typed, LocalDate today) {
        try {
            return typed.isEmpty() ? today : LocalDate.parse(Days.iso(typed));
        } catch (DateTimeParseException e) {
            throw new PlanProblemsException(
                    List.of(new Problem("tests[0].on", new PlanFound.Quoted(typed), new FileNeeds.Day())));
        }
    }

    private static double value(String figure, String text, boolean fahrenheit) {
        double value;
        try {
            value = Numbers.finite(text);
        } catch (NumberFormatException e) {
            throw new Refused("", new PlanningRefusal.NoFigureFor(text, figure), e);
        }
        if (!Double.isFinite(value)) {
            throw new Refused(new PlanningRefusal.NoFigureFor(text, figure));
        }
        if (figure.equals("salinity")) {
            return SeaWater.ofFigure(value)
                    .orElseThrow(() -> new Refused(new PlanningRefusal.NoFigureFor(text, figure)));
        }
        return figure.equals("temperatureC") && fahrenheit ? Convert.celsiusFromFahrenheit(value) : value;
    }

    /** @param name one of {@link #FIGURES} @return null if it was not tested */
    public static Double figure(TestFile test, String name) {
        return BY_NAME.get(name).apply(test);
    }

    private static Map<String, Function<TestFile, Double>> byName() {
        Map<String, Function<TestFile, Double>> figures = new LinkedHashMap<>();
        figures.put("nitrate", TestFile::nitrate);
        figures.put("phosphate", TestFile::phosphate);
        figures.put("ammonia", TestFile::ammonia);
        figures.put("nitrite", TestFile::nitrite);
        figures.put("pH", TestFile::pH);
        figures.put("salinity", TestFile::salinity);
        figures.put("temperatureC", TestFile::temperatureC);
        return figures;
    }
}
