package pelluna.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import pelluna.core.catalogue.Stance;
import pelluna.core.tank.Tank;

/** One tank, who lives in it, and everything its keeper would love to have. */
public record Plan(Tank tank, Stance stance, LocalDate startOn, List<Party> residents, List<Party> wishes) {
    public Plan {
        residents = List.copyOf(residents);
        wishes = List.copyOf(wishes);
    }

    public List<Party> everybody() {
        List<Party> all = new ArrayList<>(residents);
        all.addAll(wishes);
        return all;
    }

    public Optional<Party> party(String id) {
        return everybody().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Plan with(Tank other) {
        return new Plan(other, stance, startOn, residents, wishes);
    }

    public Plan with(Stance other) {
        return new Plan(tank, other, startOn, residents, wishes);
    }

    /** The same plan with one of its parties otherwise; by id. */
    public Plan with(Party other) {
        return new Plan(tank, stance, startOn, residents.stream().map(p -> p.id().equals(other.id()) ? other : p).toList(),
            wishes.stream().map(p -> p.id().equals(other.id()) ? other : p).toList());
    }
}
