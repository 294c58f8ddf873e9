package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import pelluna.core.tank.QuarantineSchool;

/**
 * What losses have in common, each by a stated rule, always with its count: said if at least {@value #LEAST} fit and
 * they are more than half, or
 * more than twice the share of the others. Pelluna's judgement.
 */
public final class Patterns {
    /** Days in which a newcomer is most at risk. Common practice. */
    public static final int FIRST_DAYS = 30;

    /** Days after which a fish counts as settled, and in which another's coming may upset it. */
    private static final int SETTLED_DAYS = 14;

    private static final int LEAST = 2;
    private static final int HARD = 4;

    private final List<Life> lives;
    private final List<Life> lost;

    private Patterns(List<Life> lives) {
        this.lives = lives;
        this.lost = lives.stream().filter(Life::lost).toList();
    }

    /** In the order in which a keeper can do most about them. */
    public static List<Pattern> of(List<Life> lives) {
        Patterns p = new Patterns(lives);
        List<Pattern> found = new ArrayList<>();
        p.jumpersWithoutCover().ifPresent(found::add);
        p.diseaseWithoutQuarantine().ifPresent(found::add);
        p.killedThoughSaid().ifPresent(found::add);
        p.starvedHardFeeders().ifPresent(found::add);
        p.inTheFirstDays().ifPresent(found::add);
        p.afterOthersCame().ifPresent(found::add);
        p.wildCaught().ifPresent(found::add);
        found.addAll(p.byShop());
        found.addAll(p.bySpecies());
        return found;
    }

    private Optional<Pattern> jumpersWithoutCover() {
        List<Life> known = lost.stream()
                .filter(l -> l.lostTo(Cause.JUMPED) && l.openCover().isPresent())
                .toList();
        return share(known, l -> l.openCover().get(), InCommon.What.JUMPED_WITHOUT_COVER, 0);
    }

    private Optional<Pattern> diseaseWithoutQuarantine() {
        return against(
                Cause.DISEASE,
                l -> l.source().school().map(s -> s == QuarantineSchool.NONE),
                InCommon.What.ILL_WITHOUT_QUARANTINE);
    }

    private Optional<Pattern> killedThoughSaid() {
        return against(Cause.KILLED, Life::pressed, InCommon.What.KILLED_THOUGH_SAID);
    }

    private Optional<Pattern> starvedHardFeeders() {
        return against(
                Cause.STARVED, l -> Optional.of(l.species().diet().hard() >= HARD), InCommon.What.STARVED_HARD_FEEDERS);
    }

    private Optional<Pattern> inTheFirstDays() {
        return share(lost, l -> l.days() <= FIRST_DAYS, InCommon.What.IN_FIRST_DAYS, FIRST_DAYS);
    }

    private Optional<Pattern> afterOthersCame() {
        List<Life> settled = lost.stream().filter(l -> l.days() > SETTLED_DAYS).toList();
        return share(settled, Life::afterOthers, InCommon.What.AFTER_OTHERS_CAME, SETTLED_DAYS);
    }

    private Optional<Pattern> wildCaught() {
        Map<Boolean, List<Life>> bred = lives.stream()
                .filter(l -> l.source().captiveBred().isPresent())
                .collect(Collectors.partitioningBy(l -> l.source().captiveBred().get()));
        InCommon.What what = InCommon.What.WILD_CAUGHT;
        return rate(bred.get(false), bred.get(true), what, (hits, of) -> new InCommon.SoMany(what, hits, of, 0));
    }

    private List<Pattern> byShop() {
        Map<String, List<Life>> shops = lives.stream()
                .filter(l -> !l.source().shop().isEmpty())
                .collect(Collectors.groupingBy(l -> l.source().shop(), TreeMap::new, Collectors.toList()));
        return apart(shops, InCommon.What.ONE_SHOP, (shop, hits, of) -> new InCommon.FromShop(hits, of, shop));
    }

    private List<Pattern> bySpecies() {
        Map<String, List<Life>> kinds = lives.stream()
                .collect(Collectors.groupingBy(l -> l.species().scientificName(), TreeMap::new, Collectors.toList()));
        return apart(
                kinds,
                InCommon.What.ONE_SPECIES,
                (kind, hits, of) ->
                        new InCommon.OfSpecies(hits, of, kinds.get(kind).get(0).species()));
    }

    /** What is said of so many of so many of a group. */
    private interface OfGroup {
        InCommon of(String group, int hits, int of);
    }

    /** Each group against all the others. */
    private static List<Pattern> apart(Map<String, List<Life>> groups, InCommon.What what, OfGroup says) {
        List<Pattern> found = new ArrayList<>();
        groups.forEach((group, mine) -> {
            List<Life> others = groups.entrySet().stream()
                    .filter(e -> !e.getKey().equals(group))
                    .flatMap(e -> e.getValue().stream())
                    .toList();
            rate(mine, others, what, (hits, of) -> says.of(group, hits, of)).ifPresent(found::add);
        });
        return found;
    }

    /** Of those lost to one cause: how many fit; held against how often the rest of both sorts was lost to it. */
    private Optional<Pattern> against(Cause cause, Function<Life, Optional<Boolean>> asked, InCommon.What what) {
        Map<Boolean, List<Life>> known = lives.stream()
                .filter(l -> asked.apply(l).isPresent())
                .collect(Collectors.partitioningBy(l -> asked.apply(l).get()));
        List<Life> with = known.get(true);
        List<Life> without = known.get(false);
        int hits = count(with, l -> l.lostTo(cause));
        int rest = count(without, l -> l.lostTo(cause));
        if (!worth(hits, hits + rest)) {
            return Optional.empty();
        }
        return Optional.of(new Pattern(
                new InCommon.SoMany(what, hits, hits + rest, 0),
                hits,
                hits + rest,
                Optional.of(new InCommon.OfAll(what, hits, with.size(), rest, without.size())),
                new InCommon.RuleOf(what, 0),
                without.isEmpty()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(FisherExact.p(hits, with.size(), rest, without.size()))));
    }

    private static Optional<Pattern> share(List<Life> all, Predicate<Life> fits, InCommon.What what, int days) {
        int hits = count(all, fits);
        return worth(hits, all.size())
                ? Optional.of(new Pattern(
                        new InCommon.SoMany(what, hits, all.size(), days),
                        hits,
                        all.size(),
                        Optional.empty(),
                        new InCommon.RuleOf(what, days),
                        OptionalDouble.empty()))
                : Optional.empty();
    }

    private static Optional<Pattern> rate(
            List<Life> some, List<Life> others, InCommon.What what, BiFunction<Integer, Integer, InCommon> says) {
        int hits = count(some, Life::lost);
        int rest = count(others, Life::lost);
        boolean more = others.isEmpty() || (double) hits / some.size() > 2.0 * rest / others.size();
        if (hits < LEAST || others.isEmpty() || !more) {
            return Optional.empty();
        }
        return Optional.of(new Pattern(
                says.apply(hits, some.size()),
                hits,
                some.size(),
                Optional.of(new InCommon.OfOthers(what, rest, others.size())),
                new InCommon.RuleOf(what, 0),
                OptionalDouble.of(FisherExact.p(hits, some.size(), rest, others.size()))));
    }

    private static boolean worth(int hits, int of) {
        return hits >= LEAST && 2 * hits > of;
    }

    private static int count(List<Life> all, Predicate<Life> fits) {
        return (int) all.stream().filter(fits).count();
    }
}
