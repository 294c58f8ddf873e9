package pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.NoSuchElementException;
import java.util.Set;
import java.util.function.Consumer;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.PlanFile;

/**
 * What the keeper's hand changes in a plan. Fish are named as the plan names them: 'w3' or 'w3,w5' for wishes, 'r17'
 * for residents.
 */
final class HandEdits {
    private static final int MOST_GROUPS = 99;

    private HandEdits() {}

    /** @throws NoSuchElementException if a fish is not in the plan */
    private static PlanFile each(PlanFile plan, String fish, Consumer<FishFile.Draft> change) {
        Set<String> named = named(plan, fish);
        return plan.eachResident(f -> named.contains("r" + f.row()) ? f.but(change) : f)
                .eachWish(f -> named.contains("w" + f.row()) ? f.but(change) : f);
    }

    private static Set<String> named(PlanFile plan, String fish) {
        Set<String> there = new HashSet<>();
        plan.residents().forEach(f -> there.add("r" + f.row()));
        plan.wishes().forEach(f -> there.add("w" + f.row()));
        Set<String> named = new LinkedHashSet<>(Arrays.asList(fish.split(",")));
        named.stream().filter(id -> !there.contains(id)).findFirst().ifPresent(id -> {
            throw new NoSuchElementException(id);
        });
        return named;
    }

    static PlanFile place(PlanFile plan, String fish, int place) {
        return each(plan, fish, d -> d.place = place);
    }

    static PlanFile day(PlanFile plan, String fish, LocalDate on) {
        return each(plan, fish, d -> d.on = on);
    }

    /** Place and day are Pelluna's again. */
    static PlanFile free(PlanFile plan, String fish) {
        return each(plan, fish, HandEdits::free);
    }

    static PlanFile freeAll(PlanFile plan) {
        return plan.eachWish(w -> w.but(HandEdits::free));
    }

    private static void free(FishFile.Draft d) {
        d.place = null;
        d.on = null;
    }

    /** All of both go in together; what places and days they had is gone. */
    static PlanFile join(PlanFile plan, String fish, String other) {
        int number = 1
                + plan.wishes().stream()
                        .mapToInt(w -> w.together() == null ? 0 : w.together())
                        .max()
                        .orElse(0);
        return each(plan, fish + "," + other, d -> {
            free(d);
            d.alone = null;
            d.together = Math.min(MOST_GROUPS, number);
        });
    }

    /** Several kinds that go in together each go by themselves. */
    static PlanFile part(PlanFile plan, String fish) {
        return each(plan, fish, d -> {
            free(d);
            d.together = null;
            d.alone = true;
        });
    }

    /** Of a group, some come as an arrival of their own. */
    static PlanFile split(PlanFile plan, String fish, int apart) {
        String first = named(plan, fish).iterator().next();
        FishFile group = plan.wishes().stream()
                .filter(f -> first.equals("w" + f.row()))
                .findFirst()
                .orElseThrow();
        int count = group.howMany();
        if (count < 2) {
            return plan;
        }
        int some = Math.max(1, Math.min(apart, count - 1));
        return each(plan, first, d -> d.count = count - some).alsoWishing(group.but(d -> {
            free(d);
            d.row = null;
            d.together = null;
            d.count = some;
            d.alone = true;
        }));
    }

    /** It is wished for no more. */
    static PlanFile drop(PlanFile plan, String fish) {
        Set<String> gone = named(plan, fish);
        return plan.wishing(plan.wishes().stream()
                .filter(f -> !gone.contains("w" + f.row()))
                .toList());
    }

    /** What it costs, in the keeper's own money; null takes the price off. */
    static PlanFile price(PlanFile plan, String fish, Double price) {
        return each(plan, fish, d -> d.price = price);
    }

    static PlanFile leaves(PlanFile plan, String fish, LocalDate on, String why) {
        return each(plan, fish, d -> {
            d.leavesOn = on;
            d.leavesWhy = why.isBlank() ? null : why.strip();
        });
    }

    static PlanFile stays(PlanFile plan, String fish) {
        return each(plan, fish, d -> {
            d.leavesOn = null;
            d.leavesWhy = null;
        });
    }
}
