package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.catalogue.Pace;
import pelluna.core.plan.Party;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.English;
import pelluna.core.units.Measures;
import pelluna.core.units.Step;

/**
 * What the residents do to a wish and it to them: eaten, pressed, or left hungry beside quicker fish. Tension is
 * judged at
 * its best, with the newcomer shown in the box first.
 */
final class Company implements Rule {
    /** So many kinds of quick feeders leave nothing for a slow one. Pelluna's judgement. */
    private static final int CROWD = 3;

    @Override
    public List<Finding> check(Setting s) {
        List<Finding> findings = new ArrayList<>();
        Quarters quarters = s.living().quarters().joinedBy(s.wish());
        Map<String, List<Party>> kinds = new LinkedHashMap<>();
        s.plan()
                .staying()
                .forEach(r -> kinds.computeIfAbsent(r.species().scientificName(), k -> new ArrayList<>())
                        .add(r));
        kinds.values().forEach(kind -> {
            kind.stream()
                    .map(r -> eaten(s, r))
                    .flatMap(Optional::stream)
                    .findFirst()
                    .ifPresent(findings::add);
            kind.stream()
                    .map(r -> pressed(s, r, quarters, kind))
                    .flatMap(Optional::stream)
                    .max(Comparator.comparing((Finding f) -> f.has().number().orElse(0)))
                    .ifPresent(findings::add);
        });
        hungry(s).ifPresent(findings::add);
        return findings;
    }

    private static Optional<Finding> eaten(Setting s, Party resident) {
        return Eaten.of(s.wish(), resident, s.plan().startOn(), s.say())
                .or(() -> Eaten.of(resident, s.wish(), s.plan().startOn(), s.say()))
                .map(e -> Finding.of(
                        RuleName.COMPANY,
                        Step.SURGE,
                        Figure.of("not eaten"),
                        Figure.of(resident.species().scientificName()),
                        "company",
                        English.capital(e.eater().species().name()) + " eats "
                                + e.prey().orElseThrow().species().name() + " from " + Measures.date(e.from()) + " on. "
                                + e.reason(),
                        Remedy.none(
                                "eaten-" + resident.id(),
                                "not with your " + resident.species().name()),
                        e.eater().species().source("mouth")));
    }

    /** 'your royal gramma', or 'either purple tang of yours': two of a kind are named once. */
    private static String yours(List<Party> kind) {
        String name = kind.get(0).species().name();
        int count = kind.stream().mapToInt(Party::count).sum();
        return kind.size() == 1 ? "your " + name : (count == 2 ? "either " : "each ") + name + " of yours";
    }

    private static Optional<Finding> pressed(Setting s, Party resident, Quarters quarters, List<Party> kind) {
        double residentCm = resident.lengthOn(s.plan().startOn());
        Encounter on = quarters.meet(
                resident, residentCm, s.wish(), s.wish().lengthCm(), Encounter.Order.AGGRESSOR_FIRST, true);
        Encounter by = on.reversed();
        double pressed = Tension.index(on);
        double presses = Tension.index(by);
        boolean byResident = pressed >= presses;
        double index = Math.max(pressed, presses);
        if (index < Tension.RIPPLE_FROM) {
            return Optional.empty();
        }
        Party aggressor = byResident ? resident : s.wish();
        String why = Tension.mainly(byResident ? on : by)
                + (aggressor.own().tells() ? " It " + aggressor.own().says() + "." : "");
        Step step = Tension.stepOf(index);
        return Optional.of(Finding.of(
                RuleName.COMPANY,
                step,
                Figure.of(Tension.CHOP_FROM),
                Figure.of(index),
                "tension",
                English.capital(yours(kind)) + (byResident ? " would press it" : " would be pressed by it") + ", about "
                        + Math.round(index) + " of 100 even through the box. " + why,
                remedy(step, resident),
                "Pelluna's judgement"));
    }

    private static Remedy remedy(Step step, Party resident) {
        return step == Step.SURGE
                ? Remedy.none(
                        "pressed-" + resident.id(),
                        "not beside your " + resident.species().name() + " in this tank")
                : Remedy.change(
                        "box",
                        "it goes through the see-through box, and you watch the "
                                + resident.species().name());
    }

    /**
     * Slow feeders that are hard to get eating, beside quick ones. Common practice for seahorses, pipefish and
     * dragonets.
     */
    private static Optional<Finding> hungry(Setting s) {
        List<String> quick = s.plan().staying().stream()
                .filter(p -> p.species().diet().pace() == Pace.QUICK)
                .map(p -> p.species().name())
                .distinct()
                .toList();
        if (s.species().diet().pace() != Pace.SLOW || s.species().diet().hard() < 4 || quick.isEmpty()) {
            return Optional.empty();
        }
        boolean helpless = s.species().manner().timid() == 5;
        return Optional.of(Finding.of(
                RuleName.COMPANY,
                helpless ? Step.SURGE : quick.size() >= CROWD ? Step.CHOP : Step.RIPPLE,
                Figure.of("calm feeders"),
                Figure.of(quick.size()),
                "quick feeders",
                "It feeds slowly; " + English.list(quick) + " will have eaten before it starts.",
                helpless
                        ? Remedy.none("hungry", "it needs a tank of its own, with calm company")
                        : Remedy.change("target", "you feed it by itself, right in front of it, every day"),
                s.source("feeding")));
    }
}
