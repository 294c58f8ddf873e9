package pelluna.app.reefscape;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import pelluna.app.planning.PlanSteps;

/**
 * Finds the rows of the plan again for the fish of a sandbox, which has rows of its own: by species, in their order.
 * Fish that
 * are of a species that the plan did not have get a row of their own.
 */
final class SandboxRows {
    private SandboxRows() {}

    static void renumber(Map<String, Object> tried, Map<String, Object> base) {
        for (String list : List.of("residents", "wishes")) {
            List<Map<String, Object>> was = PlanSteps.entries(base, list);
            List<Map<String, Object>> left = new ArrayList<>(was);
            for (Map<String, Object> entry : PlanSteps.entries(tried, list)) {
                Map<String, Object> same = left.stream()
                        .filter(b -> b.get("species").equals(entry.get("species")))
                        .findFirst()
                        .orElse(null);
                if (same == null) {
                    entry.remove("row");
                } else {
                    entry.put("row", same.get("row"));
                    left.remove(same);
                }
            }
        }
    }

    /**
     * What a sandbox knows of its fish comes from the log of the plan, which knows it still: only a record that the
     * plan itself holds is kept.
     */
    static void keepRecords(Map<String, Object> tried, Map<String, Object> base) {
        for (Map<String, Object> entry : PlanSteps.entries(tried, "residents")) {
            entry.remove("record");
            PlanSteps.entries(base, "residents").stream()
                    .filter(b -> b.get("row").equals(entry.get("row")) && b.containsKey("record"))
                    .findFirst()
                    .ifPresent(b -> entry.put("record", b.get("record")));
        }
    }
}
