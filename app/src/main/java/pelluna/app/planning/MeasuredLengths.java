package pelluna.app.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Measured lengths in the tree of a plan: one a day; measured again, the new one counts. */
public final class MeasuredLengths {
    private MeasuredLengths() {}

    /** @param resident the entry of a resident, changed in place */
    public static void put(Map<String, Object> resident, LocalDate day, double cm) {
        List<Object> lengths = new ArrayList<>();
        if (resident.get("lengths") instanceof List<?> there) {
            there.stream()
                    .filter(m -> !day.toString().equals(((Map<?, ?>) m).get("on")))
                    .forEach(lengths::add);
        }
        Map<String, Object> measured = new LinkedHashMap<>();
        measured.put("on", day.toString());
        measured.put("cm", cm);
        lengths.add(measured);
        resident.put("lengths", lengths);
    }
}
