package pelluna.app.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class WatchesByTimeTest {
    private static final Instant START = Instant.parse("2026-03-01T08:00:00Z");

    @Test
    void theWatchOfAMomentIsTheOneThatLookingAtAllOfThemFinds() {
        Random random = new Random(5);
        for (int turn = 0; turn < 200; turn++) {
            List<WatchEntity> all = new ArrayList<>();
            for (int i = 0; i < random.nextInt(12); i++) {
                Instant began = START.plusSeconds(random.nextInt(400));
                WatchEntity w = new WatchEntity(1L, began, null);
                if (random.nextInt(6) > 0) {
                    w.ends(began.plusSeconds(random.nextInt(200)));
                }
                all.add(w);
            }
            all.sort(Comparator.comparing(WatchEntity::beganAt));
            WatchesByTime byTime = new WatchesByTime(all);
            for (int s = -5; s < 420; s += 3) {
                Instant at = START.plusSeconds(s);
                assertThat(byTime.covering(at))
                        .isEqualTo(all.stream().filter(w -> w.covers(at)).reduce((earlier, later) -> later));
            }
        }
    }
}
