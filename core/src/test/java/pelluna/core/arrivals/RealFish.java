package pelluna.core.arrivals;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.search.Singles;
import pelluna.core.sieve.Verdict;
import pelluna.core.testing.Plans;

/** Random tanks of 300 to 1,800 litres, and wishes drawn from what could live in them; the same for the same seed. */
final class RealFish {
    private static final int STARS = 5;

    private final Random random;

    RealFish(long seed) {
        random = new Random(seed);
    }

    /** A tank and so many wishes, each for the least number of its kind; fewer if not so many could live in it. */
    Plan wishing(int wishes) {
        Plans tank = tank();
        Singles alone = new Singles(tank.plan());
        List<Species> all = new ArrayList<>(Plans.CATALOGUE.all());
        Collections.shuffle(all, random);
        all.stream()
                .filter(s -> alone.of(s).outcome() != Verdict.Outcome.NOT_IN_THIS_TANK)
                .limit(wishes)
                .forEach(s ->
                        tank.wish(s.scientificName(), Math.max(1, s.social().least()), 1 + random.nextInt(STARS)));
        return tank.plan();
    }

    /** The same, taken whether or not they fit together: wishes that make so many arrivals. */
    static List<Party> making(int arrivals, Plan plan) {
        List<Party> taken = new ArrayList<>();
        for (Party wish : plan.wishes()) {
            taken.add(wish);
            if (Arrival.of(taken).size() > arrivals) {
                taken.remove(wish);
            }
        }
        return taken;
    }

    private Plans tank() {
        int length = 130 + random.nextInt(130);
        int width = 50 + random.nextInt(40);
        int height = 50 + random.nextInt(25);
        return Plans.sixFeet()
                .with("lengthCm", length)
                .with("widthCm", width)
                .with("waterHeightCm", height)
                .with("netLitres", length * width * height * 85 / 100_000)
                .with("quarantine", Map.of("places", random.nextInt(4), "school", "thirty-days-watch"))
                .with("hides", 4 + random.nextInt(12));
    }
}
