package pelluna.app.planning;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A wish that has come true: in the tree of a plan it turns into a resident. */
public final class WishComes {
    private static final List<String> STAYS =
            List.of("species", "count", "lengthCm", "captiveBred", "leavesOn", "leavesWhy");

    private WishComes() {}

    /** @param wish its place in the list of wishes */
    public static void arrived(Map<String, Object> tree, int wish, LocalDate on) {
        Map<String, Object> resident =
                new LinkedHashMap<>(PlanSteps.entries(tree, "wishes").remove(wish));
        resident.keySet().retainAll(STAYS);
        resident.put("since", on.toString());
        PlanSteps.entries(tree, "residents").add(resident);
    }
}
