package pelluna.app.behaviour;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** How long residents were watched: a watch counts for whoever was in the tank when it began. */
final class WatchedHours {
    /** A stretch in which a resident was out of the tank. */
    record Away(Long resident, Instant from, Instant until) {
        boolean at(Instant moment) {
            return !moment.isBefore(from) && moment.isBefore(until);
        }
    }

    /** A stretch of watching. */
    record Watch(Instant began, double hours) {}

    private final double[] hours;
    private final Map<Long, BitSet> there = new HashMap<>();

    /** @param since the day on which each resident came */
    WatchedHours(List<Watch> watches, Map<Long, LocalDate> since, List<Away> away, ZoneId zone) {
        hours = watches.stream().mapToDouble(Watch::hours).toArray();
        List<LocalDate> days =
                watches.stream().map(w -> LocalDate.ofInstant(w.began(), zone)).toList();
        since.forEach((resident, day) -> {
            BitSet in = new BitSet(hours.length);
            for (int i = 0; i < hours.length; i++) {
                in.set(i, !days.get(i).isBefore(day));
            }
            there.put(resident, in);
        });
        for (Away out : away) {
            BitSet in = there.get(out.resident());
            for (int i = 0; in != null && i < hours.length; i++) {
                if (out.at(watches.get(i).began())) {
                    in.clear(i);
                }
            }
        }
    }

    /** While both were there; of one alone if both are the same. */
    double of(Long one, Long other) {
        BitSet both = (BitSet) there.get(one).clone();
        both.and(there.get(other));
        return both.stream().mapToDouble(i -> hours[i]).sum();
    }
}
