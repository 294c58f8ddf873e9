package pelluna.core.odds;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.Schedule;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.plan.Plan;
import pelluna.core.tank.QuarantineSchool;

/**
 * A plan as it is played: who comes when, fish by fish, and everything that does not hang on chance, reckoned once.
 * Immutable after its making.
 */
final class Cast {
    /** Two years. */
    static final int DAYS = 730;

    private final Plan plan;
    private final List<Presence> parties;
    private final List<Fish> fish = new ArrayList<>();
    private final Map<String, QuarantineSchool> schools = new HashMap<>();
    private final Contests contests;
    private final Waters waters;
    private final List<List<Swallowing.Mouth>> mouths;
    private final Map<String, Integer> numbers = new HashMap<>();
    private final boolean[] changes = new boolean[DAYS + 2];
    private final double[] outgrows;
    private final boolean[] tooMany;
    /** Day on which each party comes, −1 of residents. */
    private final int[] arrives;

    Cast(Plan plan, Schedule schedule) {
        this.plan = plan;
        Outlook outlook = new Outlook(plan, schedule);
        this.parties = outlook.everybody();
        Map<String, Integer> bought = new HashMap<>();
        for (Dated step : schedule.steps()) {
            step.arrival().parties().forEach(p -> {
                schools.put(
                        p.id(), step.quarantineFrom().isPresent() ? plan.tank().school() : QuarantineSchool.NONE);
                bought.put(p.id(), day(step.quarantineFrom().orElse(step.boxFrom())));
            });
        }
        Map<String, Integer> met = new HashMap<>();
        this.outgrows = new double[parties.size()];
        this.tooMany = new boolean[parties.size()];
        this.arrives = new int[parties.size()];
        for (int p = 0; p < parties.size(); p++) {
            Presence is = parties.get(p);
            int from = Math.max(0, day(is.from()));
            numbers.put(is.party().id(), p);
            arrives[p] = is.planned() ? from : -1;
            outgrows[p] = Cramped.after(plan.tank(), is);
            int most = is.party().species().social().mostTogether();
            tooMany[p] = most > 0 && is.party().count() > most;
            int until = Math.min(DAYS + 1, is.until().map(this::day).orElse(DAYS + 1));
            changes[Math.min(DAYS + 1, from)] = true;
            changes[Math.max(0, until)] = true;
            String name = is.party().species().scientificName();
            for (int i = 0; i < is.party().count(); i++) {
                long key = ((long) name.hashCode() << 16) + met.merge(name, 1, Integer::sum);
                int since = is.planned()
                        ? bought.getOrDefault(is.party().id(), from)
                        : day(is.party().since());
                fish.add(new Fish(is.party(), p, key, since, from, until));
            }
        }
        this.mouths = Swallowing.mouths(this, outlook.eaten());
        this.contests = new Contests(outlook);
        this.waters = new Waters(plan, schedule);
    }

    Plan plan() {
        return plan;
    }

    /** Who can swallow the fish of a party. */
    List<Swallowing.Mouth> mouths(int party) {
        return mouths.get(party);
    }

    /** Number of a party. */
    int party(String id) {
        return numbers.get(id);
    }

    /** Whether somebody comes or leaves on a day. */
    boolean changes(int day) {
        return changes[day];
    }

    /** Days from its coming until a party outgrows the tank; infinite if it never does. */
    double outgrows(int party) {
        return outgrows[party];
    }

    /** Whether a party is more fish than live together. */
    boolean tooMany(int party) {
        return tooMany[party];
    }

    /** Day on which two parties met, or −1 of residents. */
    int together(int one, int other) {
        return Math.max(arrives[one], arrives[other]);
    }

    List<Presence> parties() {
        return parties;
    }

    List<Fish> fish() {
        return fish;
    }

    Contests contests() {
        return contests;
    }

    Waters waters() {
        return waters;
    }

    /** How a newcomer was quarantined; empty for a resident. */
    Optional<QuarantineSchool> school(Fish one) {
        return Optional.ofNullable(schools.get(one.of().id()));
    }

    /** Days after the plan's start. */
    int day(LocalDate on) {
        return (int) Math.max(-DAYS * 50L, ChronoUnit.DAYS.between(plan.startOn(), on));
    }

    LocalDate date(int day) {
        return plan.startOn().plusDays(day);
    }
}
