package pelluna.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import pelluna.core.arrivals.Schedule;
import pelluna.core.capacity.Filter;
import pelluna.core.capacity.Waste;
import pelluna.core.plan.Fallow;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.WaterTest;
import pelluna.core.tank.Tank;
import pelluna.core.water.Ammonia;
import pelluna.core.water.FilterState;
import pelluna.core.water.NitrogenCycle;
import pelluna.core.water.Oxygen;

/**
 * The water over a plan, day by day: what the fish of each day load on the filter, what its bacteria carry, and the
 * levels that
 * come of it, with the keeper's water changes. It starts from what the tank has lived through; each logged test puts
 * the
 * level right from its day on.
 */
public final class WaterCourse {
    /** Bacteria remember no longer than this, days. Pelluna's judgement. */
    private static final int MEMORY = 200;

    /**
     * With newcomers feeding goes up, for everybody, so that they get their share; so many times, for so many days.
     * That it does is common practice, the figures Pelluna's judgement.
     */
    private static final double FED_MORE = 1.5;

    private static final int FED_MORE_DAYS = 14;

    private final List<WaterDay> days;

    private WaterCourse(List<WaterDay> days) {
        this.days = days;
    }

    /** Of the plan as it is scheduled, up to a day. */
    public static WaterCourse of(Plan plan, Schedule schedule, LocalDate until) {
        return new WaterCourse(new Run(plan, schedule).to(until));
    }

    /** Of the same plan with all its arrivals on the day of the first. */
    public static WaterCourse allInOneDay(Plan plan, Schedule schedule, LocalDate until) {
        return new WaterCourse(new Run(plan, inOneDay(schedule)).to(until));
    }

    private static Schedule inOneDay(Schedule s) {
        LocalDate first = s.steps().get(0).releaseOn();
        return new Schedule(
                s.steps().stream().map(d -> d.releasedOn(first)).toList(), s.cost(), s.bound(), s.exact(), s.stopped());
    }

    public List<WaterDay> days() {
        return days;
    }

    /** The day with the most ammonia between two days, both counted; empty if none of them is known. */
    public Optional<WaterDay> worst(LocalDate from, LocalDate to) {
        return days.stream()
                .filter(d -> !d.on().isBefore(from) && !d.on().isAfter(to))
                .max(Comparator.comparingDouble(WaterDay::ammonia));
    }

    /** The day with the least oxygen at night between two days, both counted; empty if none of them is known. */
    public Optional<WaterDay> thinnest(LocalDate from, LocalDate to) {
        return days.stream()
                .filter(d -> !d.on().isBefore(from) && !d.on().isAfter(to))
                .min(Comparator.comparingDouble(WaterDay::oxygen));
    }

    /** The most nitrite between two days, mg/L of nitrogen. */
    public double mostNitrite(LocalDate from, LocalDate to) {
        return days.stream()
                .filter(d -> !d.on().isBefore(from) && !d.on().isAfter(to))
                .mapToDouble(WaterDay::nitrite)
                .max()
                .orElse(0);
    }

    /** One simulation. */
    private static final class Run {
        private final Plan plan;
        private final Filter filter;
        private final List<Presence> everybody;
        private final NitrogenCycle cycle;
        private final Waste waste;
        private final Map<LocalDate, WaterTest> tests = new HashMap<>();
        private final double toxicShare;

        Run(Plan plan, Schedule schedule) {
            this.plan = plan;
            this.filter = new Filter(plan.tank());
            this.everybody = Presence.of(plan, schedule);
            this.waste = Waste.of(plan);
            this.cycle = new NitrogenCycle(plan.tank().temperatureC(), 0);
            plan.tests().forEach(t -> tests.put(t.on(), t));
            double pH = plan.tests().stream()
                    .filter(t -> t.pH().isPresent())
                    .reduce((a, b) -> b)
                    .map(t -> t.pH().getAsDouble())
                    .orElse(Ammonia.USUAL_PH);
            this.toxicShare = Ammonia.toxicShare(
                    pH, plan.tank().temperatureC(), plan.tank().salinity());
        }

        List<WaterDay> to(LocalDate until) {
            LocalDate start = plan.startOn();
            LocalDate begin = begin();
            FilterState state = FilterState.settled(NitrogenCycle.CYCLED_LOAD, cycle.celsius());
            double nitrate =
                    plan.tank().nitrate().orElse(waste.nitrate(feed(start)).steady());
            double phosphate =
                    plan.tank().phosphate().orElse(waste.phosphate(feed(start)).steady());
            int every = (int) Math.max(1, Math.round(plan.tank().waterChangeEveryDays()));
            List<WaterDay> found = new ArrayList<>();
            for (LocalDate day = begin; !day.isAfter(until); day = day.plusDays(1)) {
                if (day.equals(start)
                        && tests.isEmpty()
                        && plan.tank().nitrate().isPresent()) {
                    nitrate = plan.tank().nitrate().getAsDouble();
                }
                state = corrected(state, tests.get(day));
                nitrate = tests.containsKey(day) ? tests.get(day).nitrate().orElse(nitrate) : nitrate;
                double feed = feed(day);
                double more = newcomers(day) ? FED_MORE : 1;
                double load = NitrogenCycle.BASE_LOAD + (filter.whole(feed) - NitrogenCycle.BASE_LOAD) * more;
                found.add(new WaterDay(
                        day,
                        load,
                        cycle.carried(state, Ammonia.SAFE_TOXIC / toxicShare),
                        state.ammonia(),
                        state.ammonia() * toxicShare,
                        state.nitrite(),
                        nitrate,
                        phosphate,
                        oxygen(day, feed, load, more)));
                nitrate = waste.nitrate(feed).dayAfter(nitrate);
                phosphate = waste.phosphate(feed).dayAfter(phosphate);
                if (Math.floorMod(ChronoUnit.DAYS.between(start, day), every) == every - 1) {
                    state = state.changed(plan.tank().waterChangePercent() / 100);
                    nitrate *= 1 - plan.tank().waterChangePercent() / 100;
                    phosphate *= 1 - plan.tank().waterChangePercent() / 100;
                }
                state = cycle.dayAfter(state, load);
            }
            return found;
        }

        private LocalDate begin() {
            LocalDate since = plan.fallow().map(Fallow::from).orElse(plan.tank().cycledOn());
            LocalDate least = plan.startOn().minusDays(MEMORY);
            return plan.fallow().isEmpty() && !plan.tank().ageKnown()
                    ? least
                    : since.isAfter(plan.startOn()) ? plan.startOn() : since.isBefore(least) ? least : since;
        }

        private double oxygen(LocalDate day, double feed, double load, double more) {
            Tank tank = plan.tank();
            double rotting = Waste.putIn(feed, tank.mealsADay()) * more - feed;
            return Oxygen.atNight(
                    tank.salinity(),
                    tank.temperatureC(),
                    there(day)
                            .mapToDouble(p -> p.count()
                                    * Oxygen.taken(
                                            p.species().size().mass().gramsAt(p.lengthOn(day)), tank.temperatureC()))
                            .sum(),
                    load * tank.netLitres(),
                    Math.max(0, rotting),
                    tank.netLitres(),
                    tank.frontHeightCm(),
                    tank.sumpLitres() > 0);
        }

        private static FilterState corrected(FilterState state, WaterTest test) {
            if (test == null) {
                return state;
            }
            FilterState s = test.ammonia().isPresent()
                    ? state.withAmmonia(test.ammonia().getAsDouble())
                    : state;
            return test.nitrite().isPresent() ? s.withNitrite(test.nitrite().getAsDouble()) : s;
        }

        private boolean newcomers(LocalDate day) {
            return everybody.stream()
                    .anyMatch(p -> p.planned()
                            && p.there(day)
                            && p.from().plusDays(FED_MORE_DAYS).isAfter(day));
        }

        /**
         * Dry food a day, g; a resident counts from the day it came, all along if that is not known to be before the
         * plan.
         */
        private double feed(LocalDate day) {
            return there(day).mapToDouble(p -> Waste.feed(p, p.lengthOn(day))).sum();
        }

        private Stream<Party> there(LocalDate day) {
            return everybody.stream()
                    .filter(p -> {
                        Party party = p.party();
                        boolean since = p.planned()
                                ? !p.from().isAfter(day)
                                : !party.since().isAfter(day) || !party.since().isBefore(plan.startOn());
                        return since && p.until().map(day::isBefore).orElse(true);
                    })
                    .map(Presence::party);
        }
    }
}
