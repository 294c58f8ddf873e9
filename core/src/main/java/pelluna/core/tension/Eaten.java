package pelluna.core.tension;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.Harm;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Length;

/**
 * Who can swallow whom, from which day: eaten if the length is at most the eater's mouth share of its own length.
 *
 * @param eaten species name, or the word of a kind of reef life
 * @param from  the first day on which it fits
 */
public record Eaten(Party eater, Optional<Party> prey, String eaten, LocalDate from, EatenReason reason) {
    /** Growth is looked at in steps of a week, for ten years. */
    private static final int STEP_DAYS = 7;

    private static final int WEEKS = 520;
    /** What is eaten by size rather than picked at. */
    private static final List<ReefLife> BY_SIZE = List.of(ReefLife.SHRIMP, ReefLife.CRABS, ReefLife.SNAILS);

    /** Whether and from when the first swallows the second, both grown from the plan's start on. */
    public static Optional<Eaten> of(Party eater, Party prey, LocalDate start) {
        double mouth = eater.species().mouthShare();
        if (eater.species().scientificName().equals(prey.species().scientificName())
                || mouth * eater.adultCm() < Math.min(prey.lengthCm(), prey.adultCm())) {
            return Optional.empty();
        }
        long eaterDays = ChronoUnit.DAYS.between(eater.from(), start);
        long preyDays = ChronoUnit.DAYS.between(prey.from(), start);
        for (int week = 0; week <= WEEKS; week++) {
            double bite = mouth * eater.lengthAfter(eaterDays + (long) week * STEP_DAYS);
            if (prey.lengthAfter(preyDays + (long) week * STEP_DAYS) <= bite) {
                LocalDate day = start.plusDays((long) week * STEP_DAYS);
                return Optional.of(new Eaten(
                        eater,
                        Optional.of(prey),
                        prey.species().scientificName(),
                        day,
                        new EatenReason.Swallows(
                                new Length(eater.lengthOn(day)),
                                new Length(bite),
                                prey.species(),
                                new Length(prey.lengthOn(day)))));
            }
        }
        return Optional.empty();
    }

    /** Everything that is eaten in a plan: fish by fish, then kept crustaceans and snails. */
    public static List<Eaten> in(Plan plan) {
        List<Eaten> found = new ArrayList<>();
        for (Party eater : plan.everybody()) {
            for (Party prey : plan.everybody()) {
                if (eater != prey) {
                    of(eater, prey, plan.startOn()).ifPresent(found::add);
                }
            }
            for (ReefLife kind : BY_SIZE) {
                if (plan.tank().keeps(kind) && eater.species().harmTo(kind).compareTo(Harm.OFTEN) >= 0) {
                    double spares = eater.species().reefLife().get(kind).sparesFromCm();
                    found.add(new Eaten(
                            eater,
                            Optional.empty(),
                            kind.word(),
                            plan.startOn(),
                            new EatenReason.HuntsLife(kind, new Length(spares))));
                }
            }
        }
        return found;
    }
}
