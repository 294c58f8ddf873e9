package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Predicate;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.English;

/**
 * What losses have in common, each by a stated rule, always with its count: said if at least {@value #LEAST} fit and
 * they are more than half, or
 * more than twice the share of the others. Pelluna's judgement.
 */
public final class Patterns {
    /** Days in which a newcomer is most at risk. Common practice. */
    public static final int FIRST_DAYS = 30;

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
        return share(
                known,
                l -> l.openCover().get(),
                "jumper",
                "jumpers",
                "left a tank without full cover",
                "Of fish that jumped: no cover, or part of one.");
    }

    private Optional<Pattern> diseaseWithoutQuarantine() {
        return against(
                Cause.DISEASE,
                l -> l.source().school().map(s -> s == QuarantineSchool.NONE),
                "lost to illness had skipped quarantine",
                "quarantined",
                "fell ill",
                "Of fish lost to illness whose quarantine is known: none at all.");
    }

    private Optional<Pattern> killedThoughSaid() {
        return against(
                Cause.KILLED,
                Life::pressed,
                "killed had been pressed at Chop or Surge in the plan of their day",
                "not so pressed",
                "killed",
                "Of fish killed whose plan is kept: Chop or Surge against them on the day they came.");
    }

    private Optional<Pattern> starvedHardFeeders() {
        return against(
                Cause.STARVED,
                l -> Optional.of(l.species().diet().hard() >= HARD),
                "that did not eat are of kinds hard to get eating",
                "easier feeders",
                "starved",
                "Of fish that starved: of a kind at 4 or 5 of 5 for hard to get eating.");
    }

    private Optional<Pattern> inTheFirstDays() {
        return share(
                lost,
                l -> l.days() <= FIRST_DAYS,
                "loss",
                "losses",
                "came in the first " + FIRST_DAYS + " days",
                "Of all losses: within " + FIRST_DAYS + " days of coming.");
    }

    private Optional<Pattern> afterOthersCame() {
        List<Life> settled = lost.stream().filter(l -> l.days() > 14).toList();
        return share(
                settled,
                Life::afterOthers,
                "loss of a settled fish",
                "losses of settled fish",
                "came within two weeks after a newcomer",
                "Of losses after the first two weeks: another fish had come in the 14 days before.");
    }

    private Optional<Pattern> wildCaught() {
        List<Life> known =
                lives.stream().filter(l -> l.source().captiveBred().isPresent()).toList();
        List<Life> wild =
                known.stream().filter(l -> !l.source().captiveBred().get()).toList();
        List<Life> bred =
                known.stream().filter(l -> l.source().captiveBred().get()).toList();
        return rate(
                wild,
                bred,
                "wild fish were lost",
                "of the captive-bred",
                "Of fish whose origin is known: wild against captive-bred.");
    }

    private List<Pattern> byShop() {
        List<Pattern> found = new ArrayList<>();
        for (String shop : new TreeSet<>(lives.stream()
                .map(l -> l.source().shop())
                .filter(s -> !s.isEmpty())
                .toList())) {
            rate(
                            lives.stream()
                                    .filter(l -> l.source().shop().equals(shop))
                                    .toList(),
                            lives.stream()
                                    .filter(l -> !l.source().shop().isEmpty()
                                            && !l.source().shop().equals(shop))
                                    .toList(),
                            "fish from " + shop + " were lost",
                            "from elsewhere",
                            "Of fish whose shop is known: one shop against the others.")
                    .ifPresent(found::add);
        }
        return found;
    }

    private List<Pattern> bySpecies() {
        List<Pattern> found = new ArrayList<>();
        for (String name : new TreeSet<>(
                lost.stream().map(l -> l.species().scientificName()).toList())) {
            List<Life> mine = lives.stream()
                    .filter(l -> l.species().scientificName().equals(name))
                    .toList();
            rate(
                            mine,
                            lives.stream()
                                    .filter(l -> !l.species().scientificName().equals(name))
                                    .toList(),
                            mine.get(0).species().name() + " were lost",
                            "of other fish",
                            "Of all fish: one species against the others.")
                    .ifPresent(found::add);
        }
        return found;
    }

    /** Of those lost to one cause: how many fit; held against how often the rest of both sorts was lost to it. */
    private Optional<Pattern> against(
            Cause cause,
            Function<Life, Optional<Boolean>> asked,
            String says,
            String others,
            String verb,
            String rule) {
        List<Life> known =
                lives.stream().filter(l -> asked.apply(l).isPresent()).toList();
        List<Life> with = known.stream().filter(l -> asked.apply(l).get()).toList();
        List<Life> without = known.stream().filter(l -> !asked.apply(l).get()).toList();
        int hits = count(with, l -> l.lostTo(cause));
        int rest = count(without, l -> l.lostTo(cause));
        if (!worth(hits, hits + rest)) {
            return Optional.empty();
        }
        return Optional.of(new Pattern(
                English.capital(English.number(hits)) + " of " + English.number(hits + rest) + " " + says,
                hits,
                hits + rest,
                "Of all, " + hits + " of " + with.size() + " such fish " + verb(verb) + "; of " + without.size() + " "
                        + others + ", " + rest + ".",
                rule,
                without.isEmpty()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(FisherExact.p(hits, with.size(), rest, without.size()))));
    }

    private static String verb(String verb) {
        return verb.equals("fell ill") || verb.equals("starved") ? verb : "were " + verb;
    }

    private static Optional<Pattern> share(
            List<Life> all, Predicate<Life> fits, String one, String many, String says, String rule) {
        int hits = count(all, fits);
        return worth(hits, all.size())
                ? Optional.of(new Pattern(
                        English.capital(English.number(hits)) + " of " + English.count(all.size(), one, many) + " "
                                + says,
                        hits,
                        all.size(),
                        "",
                        rule,
                        OptionalDouble.empty()))
                : Optional.empty();
    }

    private static Optional<Pattern> rate(
            List<Life> some, List<Life> others, String says, String elsewhere, String rule) {
        int hits = count(some, Life::lost);
        int rest = count(others, Life::lost);
        boolean more = others.isEmpty() || (double) hits / some.size() > 2.0 * rest / others.size();
        if (hits < LEAST || others.isEmpty() || !more) {
            return Optional.empty();
        }
        return Optional.of(new Pattern(
                English.capital(English.number(hits)) + " of " + English.number(some.size()) + " " + says,
                hits,
                some.size(),
                "Of " + English.number(others.size()) + " " + elsewhere + ", "
                        + (rest == 0 ? "none" : English.number(rest)) + ".",
                rule,
                OptionalDouble.of(FisherExact.p(hits, some.size(), rest, others.size()))));
    }

    private static boolean worth(int hits, int of) {
        return hits >= LEAST && 2 * hits > of;
    }

    private static int count(List<Life> all, Predicate<Life> fits) {
        return (int) all.stream().filter(fits).count();
    }
}
