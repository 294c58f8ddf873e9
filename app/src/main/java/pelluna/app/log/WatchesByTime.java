package pelluna.app.log;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Watches of a tank, asked again and again which of them covers a moment: the one that began last. */
final class WatchesByTime {
    private final List<WatchEntity> all;
    /** The latest end of a watch and all before it. */
    private final Instant[] latest;

    /** @param all in the order in which they began */
    WatchesByTime(List<WatchEntity> all) {
        this.all = all;
        this.latest = new Instant[all.size()];
        Instant until = Instant.MIN;
        for (int i = 0; i < latest.length; i++) {
            Instant end =
                    all.get(i).endedAt() == null ? Instant.MAX : all.get(i).endedAt();
            until = end.isAfter(until) ? end : until;
            latest[i] = until;
        }
    }

    Optional<WatchEntity> covering(Instant at) {
        for (int i = begunBy(at) - 1; i >= 0 && !latest[i].isBefore(at); i--) {
            if (all.get(i).covers(at)) {
                return Optional.of(all.get(i));
            }
        }
        return Optional.empty();
    }

    /** How many began by a moment. */
    private int begunBy(Instant at) {
        int low = 0;
        int high = all.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (all.get(middle).beganAt().isAfter(at)) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }
}
