package pelluna.app.lessons;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import pelluna.app.odds.PlayedPlans;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.SolveTime;
import pelluna.app.planning.TankPlans;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Species;
import pelluna.core.lessons.Goal;
import pelluna.core.lessons.Lesson;
import pelluna.core.odds.Months;
import pelluna.core.plan.Party;
import pelluna.core.plan.PlanFile;
import pelluna.core.sieve.Finding;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** How a lesson stands: the keeper's plan, what it reaches, and what two years make of it beside ours. */
@Component
class Stands {
    /** As good as ours: at most so much less often does it go well. Pelluna's judgement: one tank of ten. */
    private static final double AS_GOOD = 0.1;

    private final LessonPlans lessons;
    private final Tries tries;
    private final TankPlans plans;
    private final PlanFiles files;
    private final PlayedPlans played;
    private final SolveTime time;

    Stands(LessonPlans lessons, Tries tries, TankPlans plans, PlanFiles files, PlayedPlans played, SolveTime time) {
        this.lessons = lessons;
        this.tries = tries;
        this.plans = plans;
        this.files = files;
        this.played = played;
        this.time = time;
    }

    /** One thing that the plan is to come to. @param met null while it is not known yet */
    record Aim(String says, Boolean met) {}

    /** A fish of the plan. @param trouble the gravest that is said against it; empty for nothing grave */
    record Line(int place, Species species, String name, boolean bred, String trouble, boolean left) {}

    /** @param yours null while it was not played, as is {@code ours} */
    record Stand(Tries.Try mine, List<Aim> aims, List<Line> lines, PlayedPlans.Played yours, PlayedPlans.Played ours) {
        boolean reached() {
            return aims.stream().allMatch(a -> Boolean.TRUE.equals(a.met()));
        }

        /** Whether more is to come. */
        boolean playing() {
            return yours != null && !(yours.over() && ours.over());
        }
    }

    /** What the keeper has tried, or how it begins; it starts today, whenever it was begun. */
    Tries.Try mine(Lesson lesson) {
        return tries.of(lesson)
                .map(t -> new Tries.Try(t.plan().startingOn(plans.today()), t.played(), t.solvedOn()))
                .orElseGet(() -> new Tries.Try(lessons.begins(lesson, plans.today()), false, null));
    }

    Stand of(Lesson lesson, Words say) {
        Tries.Try mine = mine(lesson);
        Assessment a = assessed(mine.plan());
        PlayedPlans.Played yours = mine.played() ? played(a, say) : null;
        PlayedPlans.Played ours = mine.played() ? played(assessed(lessons.ours(lesson, plans.today())), say) : null;
        List<Aim> aims = new ArrayList<>(
                lesson.goals().stream().map(g -> new Aim(say.of(g), g.met(a))).toList());
        aims.add(new Aim(say.text("page.learn.asGoodAsOurs"), asGood(yours, ours)));
        return new Stand(mine, aims, lines(a, say), yours, ours);
    }

    private PlayedPlans.Played played(Assessment a, Words say) {
        return played.of(a.plan(), a.arrivals(), say);
    }

    /** Null while it is not known. */
    private static Boolean asGood(PlayedPlans.Played yours, PlayedPlans.Played ours) {
        return yours == null || yours.odds().isEmpty() || ours.odds().isEmpty()
                ? null
                : Boolean.valueOf(well(yours) >= well(ours) - AS_GOOD);
    }

    private static double well(PlayedPlans.Played p) {
        return p.odds().orElseThrow().allWell().get(Months.SIX);
    }

    private Assessment assessed(PlanFile plan) {
        return new Assessor().assess(files.plan(plan, plans.today()), time.begins());
    }

    private static List<Line> lines(Assessment a, Words say) {
        List<Party> there = Goal.there(a);
        List<Line> lines = new ArrayList<>();
        for (Party p : a.plan().wishes()) {
            String trouble = a.sieve().stream()
                    .filter(v -> v.wish().id().equals(p.id()))
                    .flatMap(v -> v.findings().stream())
                    .filter(f -> f.step().atLeast(Step.CHOP))
                    .max(Comparator.comparing(Finding::step))
                    .map(f -> say.title(f.step()) + ": " + say.of(f.reason()))
                    .orElse("");
            lines.add(new Line(
                    lines.size(),
                    p.species(),
                    say.title(say.of(p.species(), p.count())),
                    p.captiveBred(),
                    trouble,
                    there.stream().noneMatch(t -> t.id().equals(p.id()))));
        }
        return lines;
    }
}
