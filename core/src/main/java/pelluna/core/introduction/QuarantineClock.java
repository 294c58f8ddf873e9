package pelluna.core.introduction;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

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
 * @param missing     what still stands against its going on, in sentences; empty when it may
 */
public record QuarantineClock(
        QuarantineSchool school, LocalDate countedFrom, int restarts, long day, LocalDate outOn, List<String> missing) {
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

    private static List<String> missing(LocalDate out, List<Look> looks, LocalDate today) {
        List<String> missing = new ArrayList<>();
        if (today.isBefore(out)) {
            missing.add(English.capital(English.count((int) ChronoUnit.DAYS.between(today, out), "day", "days"))
                    + " to go, until " + Measures.date(out) + ".");
        }
        Optional<Look> last = looks.stream().max(Comparator.comparing(Look::on));
        if (last.isEmpty() || last.get().on().isBefore(today.minusDays(FRESH))) {
            missing.add("It has not been looked at for "
                    + (last.isEmpty()
                            ? "all its stay."
                            : English.count(
                                            (int) ChronoUnit.DAYS.between(
                                                    last.get().on(), today),
                                            "day",
                                            "days") + "."));
        } else if (!last.get().eats()) {
            missing.add("It was not seen eating at the last look.");
        }
        if (last.isPresent() && last.get().tornFins()) {
            missing.add("Its fins are torn; let them heal.");
        }
        return missing;
    }

    /** Whether it may go on to the box or the tank today. */
    public boolean mayGo() {
        return missing.isEmpty();
    }
}
