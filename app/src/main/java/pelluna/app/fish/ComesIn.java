package pelluna.app.fish;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.planning.Desk;
import pelluna.app.planning.PlanDesk;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.WishComes;
import pelluna.app.tank.ResidentEntity;
import pelluna.core.plan.Party;

/**
 * The one way in: a wish turns into a resident, its fish has its history from there, and what the plan said on this
 * day is kept.
 */
@Service
public class ComesIn {
    private final PlanDesk desks;
    private final PlanSteps steps;
    private final FishDesk fish;
    private final KeptWord word;

    ComesIn(PlanDesk desks, PlanSteps steps, FishDesk fish, KeptWord word) {
        this.desks = desks;
        this.steps = steps;
        this.fish = fish;
        this.word = word;
    }

    /** A wish is at hand, and waits in the see-through box: from here it has a history. @return its number */
    @Transactional
    public long begins(Desk desk, Party wish, Long row, Optional<Origin> origin) {
        long f = fish.fromWish(
                desk.tank().id(), row, wish.species().scientificName(), wish.count(), FishEntity.Place.BOX);
        fish.comesFrom(desk.tank().id(), f, wish, origin);
        return f;
    }

    /**
     * It is in the tank.
     *
     * @param wish   number of its row
     * @param number of the fish; null if it has no history yet
     * @throws IllegalArgumentException with a sentence, if the wish has been taken off the plan
     */
    @Transactional
    public long comes(long tank, Long wish, Long number) {
        return comes(tank, wish, number, Optional.empty(), desks.today());
    }

    /** The same with where it comes from, and the day. */
    @Transactional
    public long comes(long tank, Long wish, Long number, Optional<Origin> origin, LocalDate on) {
        Desk desk = desks.open(tank);
        int at = IntStream.range(0, desk.wishes().size())
                .filter(i -> desk.wishes().get(i).id().equals(wish))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "Its wish has been taken off the plan; put it back first, or call it off."));
        Party party = desk.plan().wishes().get(at);
        long f = number != null ? number : fish.inTheBox(tank, wish).orElseGet(() -> begins(desk, party, wish, origin));
        steps.change(tank, "an arrival is in the tank", plan -> WishComes.arrived(plan, at, on));
        List<ResidentEntity> living = desks.open(tank).residents();
        fish.lives(tank, f, living.get(living.size() - 1).id(), on);
        word.arrives(desk, party, f);
        return f;
    }
}
