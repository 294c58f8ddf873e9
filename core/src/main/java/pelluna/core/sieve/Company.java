package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.catalogue.Pace;
import pelluna.core.catalogue.Source;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Sentences;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

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
        return Eaten.of(s.wish(), resident, s.plan().startOn())
                .or(() -> Eaten.of(resident, s.wish(), s.plan().startOn()))
                .map(e -> Finding.of(
                        RuleName.COMPANY,
                        Step.SURGE,
                        Figure.of(Wanted.NOT_EATEN),
                        Figure.of(resident.species()),
                        Unit.COMPANY,
                        new Reason.Eats(
                                e.eater().species(), e.prey().orElseThrow().species(), e.from(), e.reason()),
                        Remedy.none("eaten-" + resident.id(), new Condition.NotWithYour(resident.species())),
                        e.eater().species().source("mouth")));
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
        Optional<Reason.SeenHere> seen =
                Optional.of(aggressor.own()).filter(OwnRecord::tells).map(o -> new Reason.SeenHere(o.seen()));
        Step step = Tension.stepOf(index);
        return Optional.of(Finding.of(
                RuleName.COMPANY,
                step,
                Figure.of(Tension.CHOP_FROM),
                Figure.of(index),
                Unit.TENSION,
                Sentences.of(new Reason.Presses(
                                resident.species(),
                                kind.size(),
                                kind.stream().mapToInt(Party::count).sum(),
                                byResident,
                                Math.round(index)))
                        .and(Tension.mainly(byResident ? on : by))
                        .and(seen),
                remedy(step, resident),
                Source.JUDGEMENT));
    }

    private static Remedy remedy(Step step, Party resident) {
        return step == Step.SURGE
                ? Remedy.none("pressed-" + resident.id(), new Condition.NotBesideYour(resident.species()))
                : Remedy.change("box", new Condition.ThroughTheBox(resident.species()));
    }

    /**
     * Slow feeders that are hard to get eating, beside quick ones. Common practice for seahorses, pipefish and
     * dragonets.
     */
    private static Optional<Finding> hungry(Setting s) {
        List<Species> quick = s.plan().staying().stream()
                .filter(p -> p.species().diet().pace() == Pace.QUICK)
                .map(Party::species)
                .distinct()
                .toList();
        if (s.species().diet().pace() != Pace.SLOW || s.species().diet().hard() < 4 || quick.isEmpty()) {
            return Optional.empty();
        }
        boolean helpless = s.species().manner().timid() == 5;
        return Optional.of(Finding.of(
                RuleName.COMPANY,
                helpless ? Step.SURGE : quick.size() >= CROWD ? Step.CHOP : Step.RIPPLE,
                Figure.of(Wanted.CALM_FEEDERS),
                Figure.of(quick.size()),
                Unit.QUICK_FEEDERS,
                new Reason.LeftHungry(quick),
                helpless
                        ? Remedy.none("hungry", new Condition.TankOfItsOwn())
                        : Remedy.change("target", new Condition.FedByItself()),
                s.source("feeding")));
    }
}
