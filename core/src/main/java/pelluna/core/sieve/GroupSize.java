package pelluna.core.sieve;

import java.util.List;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;
import pelluna.core.units.Volume;

/**
 * The number of its kind, those that already live here counted in. Common practice: too few, too many, never two; too
 * many softens with
 * room
 * and hides ({@link Elbow}).
 */
final class GroupSize implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        Species species = s.species();
        int here = s.plan().staying().stream()
                .filter(p -> p.species().equals(species))
                .mapToInt(p -> p.count())
                .sum();
        int count = here + s.wish().count();
        Species.Social social = species.social();
        int most = social.mostTogether();
        if (most > 0 && count > most) {
            boolean fierce = species.manner().ownKind() >= 4;
            Step step = most == 1 && count == 2 && !fierce
                    ? Step.CHOP
                    : fierce && (most == 1 || count > most + 1) ? Step.SURGE : Step.CHOP;
            int softer = Elbow.room(s, count);
            Step softened = Step.values()[Math.max(Step.RIPPLE.ordinal(), step.ordinal() - softer)];
            return finding(
                    s,
                    softened,
                    most,
                    count,
                    here,
                    softened == step
                            ? new Reason.EndUpAs(most)
                            : new Reason.KeepApart(most, new Volume(s.tank().glassLitres())));
        }
        if (count < social.least()) {
            return few(s, count, here);
        }
        if (social.life() == GroupLife.ALONE_OR_PAIR && count == 2) {
            return List.of(Finding.of(
                    RuleName.GROUP_SIZE,
                    Step.RIPPLE,
                    Figure.of(1),
                    Figure.of(2),
                    Unit.FISH,
                    new Reason.StrangersFight(),
                    Remedy.change("group", new Condition.MatedPair()),
                    s.source("social")));
        }
        return List.of();
    }

    private static List<Finding> few(Setting s, int count, int here) {
        Species.Social social = s.species().social();
        int least = social.least();
        boolean harem = social.life() == GroupLife.HAREM;
        if (harem && count == 1) {
            return List.of();
        }
        if (harem) {
            boolean fierce = s.species().manner().ownKind() >= 3 && least >= 4;
            return finding(
                    s,
                    count == 2 && fierce ? Step.SURGE : Step.CHOP,
                    least,
                    count,
                    here,
                    new Reason.HaremTooFew(count, least));
        }
        return finding(
                s,
                count == 1 && least >= 5 ? Step.CHOP : Step.RIPPLE,
                least,
                count,
                here,
                new Reason.ShoalTooFew(least));
    }

    private static List<Finding> finding(Setting s, Step step, int needs, int count, int here, Reason why) {
        int wanted = needs - here;
        Remedy remedy = wanted <= 0
                ? Remedy.none("group", new Condition.NoMoreOfThem())
                : Remedy.change(
                        "group",
                        new Condition.SoManyAdded(
                                s.species(), wanted, s.species().social().life() == GroupLife.HAREM && here == 0));
        return List.of(Finding.of(
                RuleName.GROUP_SIZE,
                step,
                Figure.of(needs),
                Figure.of(count),
                Unit.FISH,
                why,
                remedy,
                s.source("social")));
    }
}
