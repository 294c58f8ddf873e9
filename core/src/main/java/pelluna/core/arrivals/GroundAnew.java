package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import pelluna.core.plan.Party;

/**
 * Dealing the ground anew, a step of the plan: the rivals go out, rock is moved, and all go back in on one day
 * together with the
 * newcomer, so that
 * nobody was there first. Common practice.
 *
 * @param out    the day on which the rivals go out
 * @param back   the day on which all go in together
 * @param rivals residents who would press the newcomer, or it them
 * @param needs  places that they need meanwhile, the newcomer's own included where it has been in quarantine
 * @param has    places that there are
 */
public record GroundAnew(LocalDate out, LocalDate back, List<Party> rivals, int needs, int has) {
    public GroundAnew {
        rivals = List.copyOf(rivals);
    }

    /** Whether there are places enough. */
    public boolean possible() {
        return needs <= has;
    }

    public List<String> ids() {
        return rivals.stream().map(Party::id).collect(Collectors.toList());
    }
}
