package pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pelluna.app.planning.PlanSteps;

/**
 * What the keeper's hand changes in the tree of a plan file. Fish are named by their place in the plan: 'w3' or
 * 'w3,w5' for wishes, 'r0' for residents.
 */
final class HandEdits {
    private static final int MOST_GROUPS = 99;

    private HandEdits() {}

    /** @throws java.util.NoSuchElementException if a fish is not in the plan */
    static List<Map<String, Object>> entries(Map<String, Object> tree, String fish) {
        List<Map<String, Object>> found = new ArrayList<>();
        for (String id : fish.split(",")) {
            List<Map<String, Object>> list = PlanSteps.entries(tree, id.startsWith("r") ? "residents" : "wishes");
            int i = id.matches("[rw]\\d{1,3}") ? Integer.parseInt(id.substring(1)) : -1;
            if (i < 0 || i >= list.size()) {
                throw new java.util.NoSuchElementException(id);
            }
            found.add(list.get(i));
        }
        return found;
    }

    static void place(Map<String, Object> tree, String fish, int place) {
        entries(tree, fish).forEach(e -> e.put("place", place));
    }

    static void day(Map<String, Object> tree, String fish, LocalDate on) {
        entries(tree, fish).forEach(e -> e.put("on", on.toString()));
    }

    /** Place and day are Pelluna's again. */
    static void free(Map<String, Object> tree, String fish) {
        entries(tree, fish).forEach(e -> e.keySet().removeAll(List.of("place", "on")));
    }

    static void freeAll(Map<String, Object> tree) {
        PlanSteps.entries(tree, "wishes").forEach(e -> e.keySet().removeAll(List.of("place", "on")));
    }

    /** All of both go in together; what places and days they had is gone. */
    static void join(Map<String, Object> tree, String fish, String other) {
        List<Map<String, Object>> all = new ArrayList<>(entries(tree, fish));
        all.addAll(entries(tree, other));
        int number = 1;
        for (Map<String, Object> e : PlanSteps.entries(tree, "wishes")) {
            number = e.get("together") instanceof Number n ? Math.max(number, n.intValue() + 1) : number;
        }
        for (Map<String, Object> e : all) {
            e.keySet().removeAll(List.of("place", "on", "alone"));
            e.put("together", Math.min(MOST_GROUPS, number));
        }
    }

    /** Several kinds that go in together each go by themselves. */
    static void part(Map<String, Object> tree, String fish) {
        entries(tree, fish).forEach(e -> {
            e.keySet().removeAll(List.of("together", "place", "on"));
            e.put("alone", true);
        });
    }

    /** Of a group, some come as an arrival of their own. */
    static void split(Map<String, Object> tree, String fish, int apart) {
        Map<String, Object> group = entries(tree, fish).get(0);
        int count = group.get("count") instanceof Number n ? n.intValue() : 1;
        int some = Math.max(1, Math.min(apart, count - 1));
        if (count < 2) {
            return;
        }
        Map<String, Object> rest = new LinkedHashMap<>(group);
        rest.keySet().removeAll(List.of("row", "place", "on", "together"));
        rest.put("count", some);
        group.put("count", count - some);
        rest.put("alone", true);
        PlanSteps.entries(tree, "wishes").add(rest);
    }

    /** It is wished for no more. */
    static void drop(Map<String, Object> tree, String fish) {
        List<Map<String, Object>> gone = entries(tree, fish);
        PlanSteps.entries(tree, "wishes").removeIf(e -> gone.stream().anyMatch(g -> g == e));
    }

    /** What it costs, in the keeper's own money; null takes the price off. */
    static void price(Map<String, Object> tree, String fish, Double price) {
        entries(tree, fish).forEach(e -> {
            if (price == null) {
                e.remove("price");
            } else {
                e.put("price", price);
            }
        });
    }

    static void leaves(Map<String, Object> tree, String fish, LocalDate on, String why) {
        entries(tree, fish).forEach(e -> {
            e.put("leavesOn", on.toString());
            e.remove("leavesWhy");
            if (!why.isBlank()) {
                e.put("leavesWhy", why.strip());
            }
        });
    }

    static void stays(Map<String, Object> tree, String fish) {
        entries(tree, fish).forEach(e -> e.keySet().removeAll(List.of("leavesOn", "leavesWhy")));
    }
}
