package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;

/** What was said on the day of each arrival, held against what happened since. */
public final class Hindsight {
    private Hindsight() {}

    /** One arrival under one topic. */
    public record Seen(Topic topic, boolean said, boolean happened) {}

    /**
     * Counted up for one topic, one count an arrival.
     *
     * @param both     said, and it happened
     * @param saidOnly said, and it has not happened so far
     * @param missed   not said, and it happened
     * @param neither  not said, and it has not happened
     */
    public record Tally(Topic topic, int both, int saidOnly, int missed, int neither) {
        public int arrivals() {
            return both + saidOnly + missed + neither;
        }

        /** Of what was said, how much happened. */
        public Share cameTrue() {
            return Share.of(both, both + saidOnly);
        }

        /** Of what happened, how much had been said. */
        public Share foretold() {
            return Share.of(both, both + missed);
        }
    }

    /** One for each topic, in the order of the topics; those that nobody was asked about have no counts. */
    public static List<Tally> tallied(List<Seen> all) {
        List<Tally> tallies = new ArrayList<>();
        for (Topic topic : Topic.values()) {
            List<Seen> mine = all.stream().filter(s -> s.topic() == topic).toList();
            tallies.add(new Tally(
                    topic,
                    count(mine, true, true),
                    count(mine, true, false),
                    count(mine, false, true),
                    count(mine, false, false)));
        }
        return tallies;
    }

    private static int count(List<Seen> all, boolean said, boolean happened) {
        return (int) all.stream()
                .filter(s -> s.said() == said && s.happened() == happened)
                .count();
    }
}
