package pelluna.core.introduction;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.tank.QuarantineSchool;

/**
 * How far a stay in quarantine has come. The days are those of the keeper's school; a sign of disease on it or on
 * another in the same place, or a newcomer there, starts
 * them again from that day: common practice. Out it comes only when the days are over, it was seen eating at the last
 * look, and that look is not
 * old. Pelluna says days and checks; what to treat with, and how much, is for the label or a vet.
 *
 * @param countedFrom the day from which the days count now
 * @param restarts    how often they were started again
 * @param day         today's number, from 1
 * @param outOn       the first day on which it may go on
 * @param missing     what still stands against its going on; empty when it may
 */
public record QuarantineClock(
        QuarantineSchool school,
        LocalDate countedFrom,
        int restarts,
        long day,
        LocalDate outOn,
        List<QuarantineReason> missing) {
    /** A look older than this says little, days. Pelluna's judgement. */
    private static final int FRESH = 2;

    /**
     * @param began     the day it came into its place
     * @param looks  of this stay, newest first
     * @param shared days on which others came into the same place, or showed signs of disease there
     */
    public static QuarantineClock of(
            QuarantineSchool school, LocalDate began, List<Look> looks, List<LocalDate> shared, LocalDate today) {
        List<LocalDate> starts = new ArrayList<>();
        looks.stream().filter(Look::ill).map(Look::on).forEach(starts::add);
        starts.addAll(shared);
        LocalDate from = starts.stream()
                .filter(d -> !d.isAfter(today))
                .max(LocalDate::compareTo)
                .filter(d -> d.isAfter(began))
                .orElse(began);
        int restarts = (int) starts.stream()
                .filter(d -> d.isAfter(began) && !d.isAfter(today))
                .distinct()
                .count();
        LocalDate out = from.plusDays(school.days());
        return new QuarantineClock(
                school, from, restarts, ChronoUnit.DAYS.between(from, today) + 1, out, missing(out, looks, today));
    }

    private static List<QuarantineReason> missing(LocalDate out, List<Look> looks, LocalDate today) {
        List<QuarantineReason> missing = new ArrayList<>();
        if (today.isBefore(out)) {
            missing.add(new QuarantineReason.DaysToGo((int) ChronoUnit.DAYS.between(today, out), out));
        }
        Optional<Look> last = looks.stream().max(Comparator.comparing(Look::on));
        if (last.isEmpty() || last.get().on().isBefore(today.minusDays(FRESH))) {
            missing.add(last.<QuarantineReason>map(
                            l -> new QuarantineReason.NotLookedAtFor((int) ChronoUnit.DAYS.between(l.on(), today)))
                    .orElse(new QuarantineReason.NeverLookedAt()));
        } else if (!last.get().eats()) {
            missing.add(new QuarantineReason.NotSeenEating());
        }
        if (last.isPresent() && last.get().tornFins()) {
            missing.add(new QuarantineReason.FinsTorn());
        }
        return missing;
    }

    /** Whether it may go on to the box or the tank today. */
    public boolean mayGo() {
        return missing.isEmpty();
    }
}
