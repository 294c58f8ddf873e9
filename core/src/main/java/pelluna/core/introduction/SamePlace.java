package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.Copper;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.QuarantineSchool;

/**
 * What never goes together in one quarantine place. Common practice; the temper from which on two fight in so small a
 * place is Pelluna's judgement.
 */
public final class SamePlace {
    private static final int FIGHTS = 3;

    private SamePlace() {}

    /** Who shares a place. */
    public record Guest(Species species, double lengthCm, QuarantineSchool school) {}

    /** Each reason against it; empty if these may share. */
    public static List<QuarantineReason> against(List<Guest> guests) {
        List<QuarantineReason> against = new ArrayList<>();
        for (int i = 0; i < guests.size(); i++) {
            Guest one = guests.get(i);
            if (one.school().copper() && one.species().health().copper() == Copper.SENSITIVE) {
                against.add(new QuarantineReason.CopperHarms(one.species()));
            }
            for (Guest other : guests.subList(i + 1, guests.size())) {
                pair(one, other, against);
            }
        }
        return against;
    }

    private static void pair(Guest a, Guest b, List<QuarantineReason> against) {
        if (a.school() != b.school()) {
            against.add(new QuarantineReason.DifferentSchools(a.species(), b.species()));
        }
        if (eats(a, b) || eats(b, a)) {
            against.add(
                    new QuarantineReason.CanSwallow((eats(a, b) ? a : b).species(), (eats(a, b) ? b : a).species()));
        } else if (fights(a.species(), b.species())) {
            against.add(new QuarantineReason.WouldFight(a.species(), b.species()));
        }
    }

    private static boolean eats(Guest eater, Guest prey) {
        return !eater.species().equals(prey.species())
                && prey.lengthCm() <= eater.species().mouthShare() * eater.lengthCm();
    }

    private static boolean fights(Species a, Species b) {
        if (a.equals(b)) {
            return a.manner().ownKind() >= FIGHTS;
        }
        boolean kin = a.genus().equals(b.genus())
                && Math.max(a.manner().genus(), b.manner().genus()) >= FIGHTS;
        return kin
                || a.look().form() == b.look().form()
                        && Math.max(a.manner().lookAlikes(), b.manner().lookAlikes()) >= FIGHTS;
    }
}
