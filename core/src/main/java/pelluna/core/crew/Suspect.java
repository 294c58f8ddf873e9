package pelluna.core.crew;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import pelluna.core.catalogue.Harm;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Length;

/**
 * A resident that may be at the crew, by what its kind does to that kind of life.
 *
 * @param mouthfulCm the size up to which it takes them today, cm; empty where size does not help
 * @param spares     whether it is said to spare those of the asked size
 */
public record Suspect(Party fish, Harm harm, OptionalDouble mouthfulCm, boolean spares, CrewAdvice reason) {
    /** Residents of a plan that are known to take a kind of life, the gravest first. @param sizeCm of the crew */
    public static List<Suspect> of(Plan plan, ReefLife kind, double sizeCm, LocalDate on) {
        List<Suspect> found = new ArrayList<>();
        for (Party p : plan.residents()) {
            Harm harm = p.species().harmTo(kind);
            if (harm != Harm.LEAVES_ALONE) {
                double spares = p.species().reefLife().get(kind).sparesFromCm();
                double bite = p.species().mouthShare() * p.lengthOn(on);
                OptionalDouble mouthful = spares > 0
                        ? OptionalDouble.of(spares)
                        : bite > 0 && bySize(kind) ? OptionalDouble.of(bite) : OptionalDouble.empty();
                boolean safe = spares > 0 && sizeCm >= spares;
                found.add(new Suspect(
                        p, harm, mouthful, safe, new CrewAdvice.MayTake(p, harm, kind, new Length(spares), safe)));
            }
        }
        found.sort(Comparator.comparing(Suspect::spares).thenComparing(Suspect::harm, Comparator.reverseOrder()));
        return found;
    }

    private static boolean bySize(ReefLife kind) {
        return kind == ReefLife.SHRIMP || kind == ReefLife.CRABS || kind == ReefLife.SNAILS;
    }
}
