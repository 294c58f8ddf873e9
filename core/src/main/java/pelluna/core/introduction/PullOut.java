package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.List;

/**
 * When to take a fish out again: wounds, two days without eating, chased without pause, hiding at two feedings
 * running. Common practice; what
 * counts as 'without pause' is Pelluna's judgement.
 */
public final class PullOut {
    private static final int FASTS_DAYS = 2;
    private static final int HIDES_FEEDINGS = 2;
    /** Acts an hour in the last watch from which it is chased without pause: one every two minutes. */
    public static final double WITHOUT_PAUSE = 30;

    private PullOut() {}

    /**
     * What was seen of one fish lately.
     *
     * @param wounded      whether a wound or a badly torn fin was seen in the last two days
     * @param fastingDays  days since it was last seen eating
     * @param lastRate     acts against it an hour in the last watch; 0 without one
     * @param hidesRunning feedings running at which it hid or did not come
     */
    public record Seen(boolean wounded, long fastingDays, double lastRate, int hidesRunning) {}

    /** Every rule that is met; empty when it may stay. */
    public static List<PullOutRule> met(Seen seen) {
        List<PullOutRule> met = new ArrayList<>();
        if (seen.wounded()) {
            met.add(new PullOutRule.Wounded());
        }
        if (seen.fastingDays() >= FASTS_DAYS) {
            met.add(new PullOutRule.NotEaten((int) seen.fastingDays()));
        }
        if (seen.lastRate() >= WITHOUT_PAUSE) {
            met.add(new PullOutRule.ChasedWithoutPause(Math.round(seen.lastRate())));
        }
        if (seen.hidesRunning() >= HIDES_FEEDINGS) {
            met.add(new PullOutRule.HidAtFeedings(seen.hidesRunning()));
        }
        return met;
    }
}
