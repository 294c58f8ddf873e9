package pelluna.app.log;

import java.util.List;
import pelluna.app.fish.Fish;
import pelluna.app.planning.OpenTank;

/**
 * What stands beside the stream: standing, pressure, did it help. Those who reckon it fulfil this, so that the log
 * need not know them.
 */
public interface BesideTheLog {
    /** Something to log now. @param href where it is done */
    record Prompt(String says, String button, String href) {}

    /** A fish under pressure. @param spark a small drawing of its week */
    record Pressed(long fish, String name, String spark, String says) {}

    /**
     * @param prompts what the log should be used for now; @param ladder a drawing; empty if nobody has met; @param
     * helped what was done last and what it did; empty if nothing
     */
    record Seen(
            List<Prompt> prompts,
            String ladder,
            String standing,
            List<Pressed> pressed,
            String helpedWhat,
            String helped) {}

    Seen of(OpenTank opened, List<Fish> all);
}
