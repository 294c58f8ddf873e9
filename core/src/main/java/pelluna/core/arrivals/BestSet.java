package pelluna.core.arrivals;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.capacity.Capacity;
import pelluna.core.capacity.Waste;
import pelluna.core.catalogue.Stance;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.core.units.Stop;
import pelluna.core.units.Volume;

/**
 * The most-wanted wishes that fit together: no pair that is a Surge in every order, nobody eaten, inside the capacity
 * that the stance counts; of several wanted as much, the one that eats least. A {@link PackingSearch}; exact unless
 * {@code proved} says otherwise, after {@value #MOST_NODES} nodes. Which eats least is left open after
 * {@value #MOST_NODES_FOR_FOOD}.
 *
 * @param leave what is left out, each with the wish or the limit that forces it
 * @param stopped whether the search was ended before it was done
 */
public record BestSet(List<Party> take, Map<Party, Leaving> leave, boolean proved, boolean stopped) {
    private static final long MOST_NODES = 50_000;
    /** To settle which of those that are wanted as much eats least. */
    private static final long MOST_NODES_FOR_FOOD = 5_000;

    /** Why a wish is left out; {@code forcedBy} is empty when it is the number that forces it. */
    public record Leaving(Optional<Party> forcedBy, Statement because) {}

    /**
     * Worth of a wish: its stars squared, so that one much-wanted fish outweighs two indifferent ones. Pelluna's
     * judgement.
     */
    private static int worth(Party p) {
        return p.want() * p.want();
    }

    public static BestSet of(Plan plan, List<Party> viable) {
        return of(plan, viable, Stop.NEVER);
    }

    /** @param stop when it ends with the best that it has */
    public static BestSet of(Plan plan, List<Party> viable, Stop stop) {
        List<Party> sorted = viable.stream()
                .sorted(Comparator.comparingInt(BestSet::worth)
                        .reversed()
                        .thenComparingDouble(Waste::adultFeed)
                        .thenComparing(p -> p.species().scientificName())
                        .thenComparing(Party.AS_PUT_IN))
                .toList();
        return new Search(plan, sorted, stop).run();
    }

    /**
     * The best set beside wishes that are taken at their keeper's own risk, which stand in it whatever is against
     * them; what they make
     * impossible is
     * left out.
     */
    public static BestSet beside(Plan plan, List<Party> forced, List<Party> viable, Stop stop) {
        List<Party> company = new ArrayList<>(plan.staying());
        company.addAll(forced);
        company.addAll(viable);
        Quarters quarters = Quarters.of(plan.tank(), company);
        Map<Party, Leaving> out = new LinkedHashMap<>();
        for (Party wish : viable) {
            forced.stream()
                    .filter(f -> conflict(plan, quarters, wish, f).isPresent())
                    .findFirst()
                    .ifPresent(f -> out.put(
                            wish,
                            new Leaving(
                                    Optional.of(f),
                                    Sentences.of(
                                            conflict(plan, quarters, wish, f).orElseThrow(),
                                            new LeftOut.OtherAtOwnRisk()))));
        }
        BestSet rest = of(
                plan.housing(forced),
                viable.stream().filter(w -> !out.containsKey(w)).toList(),
                stop);
        List<Party> take = new ArrayList<>(forced);
        take.addAll(rest.take);
        return new BestSet(take, rest.leave, rest.proved, rest.stopped).leavingToo(out);
    }

    /** The same set, with wishes that were never weighed and why. */
    public BestSet leavingToo(Map<Party, Leaving> more) {
        Map<Party, Leaving> all = new LinkedHashMap<>(leave);
        all.putAll(more);
        return new BestSet(take, all, proved, stopped);
    }

    /** Why two wishes can't both go in, or nothing. */
    static Optional<LeftOut> conflict(Plan plan, Quarters quarters, Party a, Party b) {
        Optional<Eaten> eaten = Eaten.of(a, b, plan.startOn()).or(() -> Eaten.of(b, a, plan.startOn()));
        if (eaten.isPresent()) {
            return Optional.of(new LeftOut.WouldEat(
                    eaten.get().eater().species(),
                    eaten.get().prey().orElseThrow().species(),
                    eaten.get().from()));
        }
        double best = Math.min(
                worst(quarters, a, b, Encounter.Order.AGGRESSOR_FIRST),
                worst(quarters, a, b, Encounter.Order.TARGET_FIRST));
        if (a.species().allAtOnce()
                && b.species().allAtOnce()
                && a.species().genus().equals(b.species().genus())) {
            best = Math.min(best, worst(quarters, a, b, Encounter.Order.TOGETHER));
        }
        return best >= Tension.SURGE_FROM
                ? Optional.of(new LeftOut.SurgeTogether(
                        b.species(), Math.round(best), new Volume(plan.tank().glassLitres())))
                : Optional.empty();
    }

    /** The box is not counted on: a plan should hold without it. */
    private static double worst(Quarters quarters, Party a, Party b, Encounter.Order order) {
        return Math.max(
                Tension.index(quarters.meet(a, a.lengthCm(), b, b.lengthCm(), order, false)),
                Tension.index(quarters.meet(b, b.lengthCm(), a, a.lengthCm(), order.reversed(), false)));
    }

    private static final class Search {
        private final Plan plan;
        private final List<Party> wishes;
        private final LeftOut[][] conflicts;
        private final double[] feed;
        private final double feedLimit;
        private final Stock stock;
        private final Stop stop;
        private BitSet best;

        Search(Plan plan, List<Party> wishes, Stop stop) {
            this.stop = stop;
            this.plan = plan;
            this.wishes = wishes;
            int n = wishes.size();
            List<Party> company = new ArrayList<>(plan.staying());
            company.addAll(wishes);
            Quarters quarters = Quarters.of(plan.tank(), company);
            conflicts = new LeftOut[n][n];
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < i; j++) {
                    conflicts[i][j] = conflict(plan, quarters, wishes.get(i), wishes.get(j))
                            .orElse(null);
                    conflicts[j][i] = conflict(plan, quarters, wishes.get(j), wishes.get(i))
                            .orElse(null);
                }
            }
            feed = wishes.stream().mapToDouble(Waste::adultFeed).toArray();
            Waste waste = Waste.of(plan);
            feedLimit = Math.max(0, waste.feedAtCeiling() - Waste.adultFeed(plan.staying()));
            stock = new Stock(plan, wishes);
        }

        BestSet run() {
            PackingSearch worth = new PackingSearch(mostWanted(), MOST_NODES, stop);
            best = worth.solve(new BitSet(), 0);
            PackingSearch food = new PackingSearch(leastFood(worth.value()), MOST_NODES_FOR_FOOD, stop);
            best = food.solve(best, -best.stream().mapToDouble(i -> feed[i]).sum());
            List<Party> take = new ArrayList<>();
            Map<Party, Leaving> leave = new LinkedHashMap<>();
            for (int i = 0; i < wishes.size(); i++) {
                if (best.get(i)) {
                    take.add(wishes.get(i));
                } else {
                    leave.put(wishes.get(i), leaving(i));
                }
            }
            return new BestSet(take, leave, worth.proved(), worth.stopped() || food.stopped());
        }

        private Packing mostWanted() {
            double[] value = wishes.stream().mapToDouble(BestSet::worth).toArray();
            double[][] takes = new double[wishes.size()][];
            for (int i = 0; i < takes.length; i++) {
                takes[i] = and(stock.takes(i), feed[i]);
            }
            return new Packing(value, takes, and(stock.left(), feedLimit), against(), true);
        }

        /** Of those that are wanted as much as a set, the one that eats least. */
        private Packing leastFood(double worth) {
            double[] value = Arrays.stream(feed).map(f -> -f).toArray();
            double[][] takes = new double[wishes.size()][];
            for (int i = 0; i < takes.length; i++) {
                takes[i] = and(and(stock.takes(i), feed[i]), -worth(wishes.get(i)));
            }
            return new Packing(value, takes, and(and(stock.left(), feedLimit), -worth), against(), false);
        }

        private static double[] and(double[] figures, double more) {
            double[] all = Arrays.copyOf(figures, figures.length + 1);
            all[figures.length] = more;
            return all;
        }

        private BitSet[] against() {
            BitSet[] against = new BitSet[wishes.size()];
            Arrays.setAll(against, i -> new BitSet());
            for (int i = 0; i < against.length; i++) {
                for (int j = 0; j < i; j++) {
                    against[i].set(j, conflicts[i][j] != null);
                    against[j].set(i, conflicts[i][j] != null);
                }
            }
            return against;
        }

        /** Under which school it would have come, if any is less strict. */
        private Optional<LeftOut> waysIn(int i) {
            for (Stance other : new Stance[] {Stance.CUSTOMARY, Stance.BOLD}) {
                if (other.compareTo(plan.stance()) > 0 && fits(i, plan.with(other))) {
                    return Optional.of(new LeftOut.BySchoolItComes(other));
                }
            }
            return Optional.empty();
        }

        private boolean fits(int i, Plan school) {
            List<Party> all = new ArrayList<>(plan.staying());
            for (int j = 0; j < wishes.size(); j++) {
                if (best.get(j) || j == i) {
                    all.add(wishes.get(j));
                }
            }
            return Capacity.about(wishes.get(i), school, all).stream().allMatch(l -> l.share() <= 1);
        }

        private Leaving leaving(int i) {
            for (int j = 0; j < wishes.size(); j++) {
                if (best.get(j) && conflicts[i][j] != null) {
                    LeftOut wanted = wishes.get(j).want() > wishes.get(i).want()
                            ? new LeftOut.OtherWantedMore()
                            : new LeftOut.OtherWeighsMore();
                    return new Leaving(Optional.of(wishes.get(j)), Sentences.of(conflicts[i][j], wanted));
                }
            }
            List<Party> all = new ArrayList<>(plan.staying());
            for (int j = 0; j < wishes.size(); j++) {
                if (best.get(j) || j == i) {
                    all.add(wishes.get(j));
                }
            }
            Statement over = Capacity.about(wishes.get(i), plan, all).stream()
                    .filter(l -> l.share() > 1)
                    .findFirst()
                    .<Statement>map(l -> Sentences.of(new LeftOut.WouldBeOver(l.kind(), l.why()))
                            .and(waysIn(i)))
                    .orElse(new LeftOut.NumberReached());
            return new Leaving(Optional.empty(), over);
        }
    }
}
