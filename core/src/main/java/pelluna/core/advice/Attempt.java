package pelluna.core.advice;

import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Plan;
import pelluna.core.scape.Hide;

/** One change to a plan that may calm a pair. Each knows the plan that it makes; nothing else is changed. */
public sealed interface Attempt {
    /** The plan after the change. */
    Plan on(Plan plan);

    /** The whole order of arrival by hand, as ids of the parties. */
    record InOrder(List<String> ids) implements Attempt {
        public InOrder {
            ids = List.copyOf(ids);
        }

        @Override
        public Plan on(Plan plan) {
            Plan next = plan;
            for (var wish : plan.wishes()) {
                next = next.with(wish.by(wish.hand().at(ids.indexOf(wish.id()) + 1)));
            }
            return next;
        }
    }

    /** Through the see-through box. */
    record Box(String id) implements Attempt {
        @Override
        public Plan on(Plan plan) {
            return plan.party(id)
                    .map(p -> plan.with(p.by(p.hand().boxed(true))))
                    .orElse(plan);
        }
    }

    /** One hide more, at a place. */
    record OneHide(Hide hide) implements Attempt {
        @Override
        public Plan on(Plan plan) {
            return plan.with(plan.tank().with(plan.tank().scape().plus(hide)));
        }
    }

    /** A heap of rock with its hides moved, its left foot to a place in cm. */
    record MoveRock(int rock, double leftCm) implements Attempt {
        @Override
        public Plan on(Plan plan) {
            return plan.with(plan.tank().with(plan.tank().scape().moved(rock, leftCm)));
        }
    }

    /** A group of another size. */
    record Number(String id, int count) implements Attempt {
        @Override
        public Plan on(Plan plan) {
            return plan.party(id).map(p -> plan.with(p.counting(count))).orElse(plan);
        }
    }

    /** Bought at another length, cm. */
    record Length(String id, double cm) implements Attempt {
        @Override
        public Plan on(Plan plan) {
            return plan.party(id).map(p -> plan.with(p.sized(cm))).orElse(plan);
        }
    }

    /** Another species in its place. */
    record Instead(String id, Species species) implements Attempt {
        @Override
        public Plan on(Plan plan) {
            return plan.party(id).map(p -> plan.with(p.instead(species))).orElse(plan);
        }
    }

    /** So many meals a day, with or without seaweed. */
    record Fed(int meals, boolean seaweed) implements Attempt {
        @Override
        public Plan on(Plan plan) {
            return plan.with(plan.tank().fed(meals, seaweed));
        }
    }
}
