package pelluna.app.planning;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import pelluna.app.account.OwnedTank;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.tank.TankEntity;
import pelluna.core.assessment.Assessment;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;
import pelluna.core.search.Singles;
import pelluna.core.sieve.Verdict;
import pelluna.words.Words;

/**
 * A tank as it is open on a page: its rows, the plan they make, and what Pelluna says of it, today and of the days
 * ahead.
 *
 * @param said the plan as its rows have it, without what the log knows
 */
public record OpenTank(
        OwnedTank owned,
        TankEntity tank,
        List<LivestockEntity> residents,
        List<LivestockEntity> wishes,
        PlanFile said,
        Answer answer,
        Words say) {

    public Plan plan() {
        return answer.plan();
    }

    /**
     * What Pelluna says of it.
     *
     * @throws pelluna.app.writes.NotYetKnown within a transaction, if nobody has asked for it before
     */
    public Assessment assessment() {
        return answer.assessment();
    }

    /** What the Sieve says of one of each species. */
    public Singles singles() {
        return answer.singles();
    }

    /** The water over the plan up to a day; as above, and only where somebody comes. */
    public Answer.Water water(LocalDate until) {
        return answer.water(until);
    }

    /** The days to come; as above. */
    public Ahead ahead() {
        return answer.ahead();
    }

    /** The row of a wish. */
    public LivestockEntity row(Verdict verdict) {
        return wish(verdict.wish().id()).orElseThrow();
    }

    /** The row of a wish. @param party as the plan names it, 'w17' */
    public Optional<LivestockEntity> wish(String party) {
        return wishes.stream().filter(w -> party.equals("w" + w.id())).findFirst();
    }

    /** The row of a resident. @param party as the plan names it, 'r17' */
    public Optional<LivestockEntity> resident(String party) {
        return residents.stream().filter(r -> party.equals("r" + r.id())).findFirst();
    }

    /** The same wish in the plan. */
    public Optional<Party> wished(Long row) {
        return plan().wishes().stream().filter(p -> p.id().equals("w" + row)).findFirst();
    }

    /** The same resident in the plan. */
    public Optional<Party> living(Long row) {
        return plan().residents().stream().filter(p -> p.id().equals("r" + row)).findFirst();
    }
}
