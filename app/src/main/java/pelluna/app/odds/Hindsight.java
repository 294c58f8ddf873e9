package pelluna.app.odds;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.SolveTime;
import pelluna.core.assessment.Assessor;
import pelluna.core.odds.Months;
import pelluna.core.odds.Odds;
import pelluna.core.odds.Remedy;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;
import pelluna.words.Words;

/** What the odds had been on the day of an arrival, beside what has happened since: the same plan, played today. */
@Component
class Hindsight {
    /** A day this long ago has something to tell. Pelluna's judgement. */
    private static final int DAYS = 30;

    private static final int HALF_A_YEAR = 183;

    private final PastPlans past;
    private final OddsDesk desk;
    private final PlanFiles files;
    private final SolveTime time;

    Hindsight(PastPlans past, OddsDesk desk, PlanFiles files, SolveTime time) {
        this.past = past;
        this.desk = desk;
        this.files = files;
        this.time = time;
    }

    /** One step of the time since. @param said how many of twenty; empty while it is played */
    record Line(int months, String said, String happened) {}

    /**
     * A day that is looked back at.
     *
     * @param days those that can be looked back at, newest first
     * @param play of its plan
     */
    record Back(PastPlans.Past day, List<PastPlans.Past> days, Play play, List<Line> lines) {}

    /**
     * Looks back at a day of arrivals.
     *
     * @param word its number; 0 for the newest that is half a year ago, or else the oldest
     * @return empty if no arrival is long enough ago
     */
    @Transactional(readOnly = true)
    public Optional<Back> of(OwnedTank tank, long word, LocalDate today, Words say) {
        List<PastPlans.Past> days = past.of(tank).stream()
                .filter(p -> !p.on().isAfter(today.minusDays(DAYS)))
                .toList();
        return days.stream()
                .filter(p -> p.word() == word)
                .findFirst()
                .or(() -> days.stream()
                        .filter(p -> !p.on().isAfter(today.minusDays(HALF_A_YEAR)))
                        .findFirst())
                .or(() -> days.stream().min(Comparator.comparing(PastPlans.Past::on)))
                .flatMap(p -> past.plan(tank, p.word()).map(file -> {
                    Plan plan = files.plan(file, p.on());
                    Play play = desk.past(p.word(), version(plan));
                    return new Back(p, days, play, lines(p, first(p, file), play.odds(), today, say));
                }));
    }

    /** Found when it is played. */
    private Supplier<Remedy.Version> version(Plan plan) {
        return () -> new Remedy.Version(
                plan, new Assessor().assess(plan, time.begins()).arrivals());
    }

    /** What went wrong first with a fish that the plan knew: there by that day, or wished for. */
    private static Optional<PastPlans.Amiss> first(PastPlans.Past p, PlanFile file) {
        Set<String> wished = file.wishes().stream().map(FishFile::species).collect(Collectors.toSet());
        return p.amiss().stream()
                .filter(a -> a.came() == null || !a.came().isAfter(p.on()) || wished.contains(a.species()))
                .findFirst();
    }

    private static List<Line> lines(
            PastPlans.Past p, Optional<PastPlans.Amiss> amiss, Optional<Odds> odds, LocalDate today, Words say) {
        List<Line> lines = new ArrayList<>();
        for (int months : List.of(Months.ONE, Months.SIX, Months.ALL)) {
            LocalDate until = p.on().plusDays(Months.days(months));
            String said = odds.map(o -> say.text(
                            "page.odds.ofTwenty", OddsPage.of(o.allWell().get(months), say)))
                    .orElse("");
            Optional<PastPlans.Amiss> wrong = amiss.filter(a -> a.on().isBefore(until));
            lines.add(new Line(
                    months,
                    said,
                    wrong.isPresent()
                            ? wrong.get().says()
                            : today.isBefore(until)
                                    ? say.text("page.odds.allWellSoFar")
                                    : say.text("page.odds.allWereWell")));
        }
        return lines;
    }
}
