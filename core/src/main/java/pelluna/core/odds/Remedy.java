package pelluna.core.odds;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import pelluna.core.arrivals.Schedule;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Cover;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Statement;

/** Something that can be changed about a plan, to be played again with it. */
public sealed interface Remedy extends Statement {
    record Mesh() implements Remedy {}

    record Quarantined(QuarantineSchool school) implements Remedy {}

    record Fed(int meals) implements Remedy {}

    record Boxed(Party fish) implements Remedy {}

    record LeftOut(Party fish) implements Remedy {}

    /** Everything that is wished for goes in, what Pelluna leaves out as well. */
    record Everything() implements Remedy {}

    /** A plan as it is played. */
    record Version(Plan plan, Schedule schedule) {
        /** @param going those of the wishes that go in */
        static Version of(Plan plan, List<Party> going) {
            return new Version(plan, new Scheduler(plan, going).planned());
        }

        /** Those of the wishes that go in. */
        public List<Party> going() {
            return schedule.steps().stream()
                    .flatMap(s -> s.arrival().parties().stream())
                    .toList();
        }
    }

    /** Its name among the remedies of a plan, for an address: 'mesh', 'box-w17'. */
    default String word() {
        if (this instanceof Boxed b) {
            return "box-" + b.fish.id();
        }
        if (this instanceof LeftOut l) {
            return "without-" + l.fish.id();
        }
        return getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }

    /** The fish that it is about, if it is about one. */
    default Optional<Party> about() {
        return this instanceof Boxed b
                ? Optional.of(b.fish)
                : this instanceof LeftOut l ? Optional.of(l.fish) : Optional.empty();
    }

    /** The same plan with it. */
    default Version on(Version v) {
        if (this instanceof Mesh) {
            return new Version(v.plan.with(v.plan.tank().under(Cover.MESH)), v.schedule);
        }
        if (this instanceof Quarantined q) {
            int places = Math.max(1, v.plan.tank().quarantinePlaces());
            return Version.of(v.plan.with(v.plan.tank().quarantining(places, q.school)), v.going());
        }
        if (this instanceof Fed f) {
            return new Version(
                    v.plan.with(v.plan.tank().fed(f.meals, v.plan.tank().seaweed())), v.schedule);
        }
        if (this instanceof Boxed b) {
            Party boxed = b.fish.by(b.fish.hand().boxed(true));
            return Version.of(
                    v.plan.with(boxed),
                    v.going().stream()
                            .map(p -> p.id().equals(boxed.id()) ? boxed : p)
                            .toList());
        }
        if (this instanceof LeftOut l) {
            return Version.of(
                    v.plan.without(l.fish),
                    v.going().stream().filter(p -> !p.id().equals(l.fish.id())).toList());
        }
        return Version.of(v.plan, v.plan.wishes());
    }
}
