package pelluna.core.odds;

import java.util.List;
import java.util.Optional;
import pelluna.core.arrivals.Schedule;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Cover;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.tank.Tank;
import pelluna.core.units.Statement;
import pelluna.core.units.Stop;

/** Something that can be changed about a plan, to be played again with it. */
public sealed interface Remedy extends Statement {
    /** Its name among the remedies of a plan, for an address: 'mesh', 'box-w17'. */
    String word();

    /** The same plan with it. @param stop when the search for its order ends with the best it has */
    Version on(Version v, Stop stop);

    /** The fish that it is about, if it is about one. */
    default Optional<Party> about() {
        return Optional.empty();
    }

    /** A plan as it is played. */
    record Version(Plan plan, Schedule schedule) {
        /** @param going those of the wishes that go in */
        static Version of(Plan plan, List<Party> going, Stop stop) {
            return new Version(plan, new Scheduler(plan, going, stop).planned());
        }

        /** Those of the wishes that go in. */
        public List<Party> going() {
            return schedule.steps().stream()
                    .flatMap(s -> s.arrival().parties().stream())
                    .toList();
        }

        /** On the same days in another tank. */
        Version in(Tank other) {
            return new Version(plan.with(other), schedule);
        }
    }

    record Mesh() implements Remedy {
        @Override
        public String word() {
            return "mesh";
        }

        @Override
        public Version on(Version v, Stop stop) {
            return v.in(v.plan.tank().under(Cover.MESH));
        }
    }

    record Quarantined(QuarantineSchool school) implements Remedy {
        @Override
        public String word() {
            return "quarantined";
        }

        @Override
        public Version on(Version v, Stop stop) {
            Tank tank = v.plan.tank();
            return Version.of(
                    v.plan.with(tank.quarantining(Math.max(1, tank.quarantinePlaces()), school)), v.going(), stop);
        }
    }

    record Fed(int meals) implements Remedy {
        @Override
        public String word() {
            return "fed";
        }

        @Override
        public Version on(Version v, Stop stop) {
            return v.in(v.plan.tank().fed(meals, v.plan.tank().seaweed()));
        }
    }

    record Boxed(Party fish) implements Remedy {
        @Override
        public String word() {
            return "box-" + fish.id();
        }

        @Override
        public Version on(Version v, Stop stop) {
            Party boxed = fish.by(fish.hand().boxed(true));
            return Version.of(
                    v.plan.with(boxed),
                    v.going().stream()
                            .map(p -> p.id().equals(boxed.id()) ? boxed : p)
                            .toList(),
                    stop);
        }

        @Override
        public Optional<Party> about() {
            return Optional.of(fish);
        }
    }

    record LeftOut(Party fish) implements Remedy {
        @Override
        public String word() {
            return "without-" + fish.id();
        }

        @Override
        public Version on(Version v, Stop stop) {
            return Version.of(
                    v.plan.without(fish),
                    v.going().stream().filter(p -> !p.id().equals(fish.id())).toList(),
                    stop);
        }

        @Override
        public Optional<Party> about() {
            return Optional.of(fish);
        }
    }

    /** Everything that is wished for goes in, what Pelluna leaves out as well. */
    record Everything() implements Remedy {
        @Override
        public String word() {
            return "everything";
        }

        @Override
        public Version on(Version v, Stop stop) {
            return Version.of(v.plan, v.plan.wishes(), stop);
        }
    }
}
