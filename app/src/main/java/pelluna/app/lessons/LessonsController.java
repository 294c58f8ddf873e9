package pelluna.app.lessons;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.drawing.FishFiles;
import pelluna.app.odds.PlayedPlans;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.SolveTime;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Species;
import pelluna.core.lessons.Goal;
import pelluna.core.lessons.Lesson;
import pelluna.core.names.Resolution;
import pelluna.core.odds.Months;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Party;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.TankFile;
import pelluna.core.sieve.Finding;
import pelluna.core.tank.Cover;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Named;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** Learning to plan: eight invented tanks, each a sandbox of its own. Nothing of it touches the keeper's tanks. */
@Controller
class LessonsController {
    /** More fish than any of the lessons has room for. */
    private static final int MOST_FISH = 40;

    private static final int MOST_OF_A_KIND = 30;
    private static final int MOST_MEALS = 6;
    /** Tanks that newcomers wait in, one after the other. */
    private static final int PLACES = 1;

    private static final int NEAR = 5;
    /** A page asks again so often while something is played, ms. */
    private static final int AGAIN = 900;
    /** As good as ours: at most so much less often does it go well. Pelluna's judgement: one tank of ten. */
    private static final double AS_GOOD = 0.1;

    private final LessonPlans lessons;
    private final Tries tries;
    private final TankPlans plans;
    private final PlanFiles files;
    private final PlayedPlans played;
    private final KeeperCatalogue catalogue;
    private final SolveTime time;
    private final Shells shells;

    LessonsController(
            LessonPlans lessons,
            Tries tries,
            TankPlans plans,
            PlanFiles files,
            PlayedPlans played,
            KeeperCatalogue catalogue,
            SolveTime time,
            Shells shells) {
        this.lessons = lessons;
        this.tries = tries;
        this.plans = plans;
        this.files = files;
        this.played = played;
        this.catalogue = catalogue;
        this.time = time;
        this.shells = shells;
    }

    /** A lesson in the list. @param solved the day on which it went well; empty if it has not */
    record Card(Lesson lesson, String tank, boolean begun, String solved) {}

    @GetMapping("/learn")
    String all(Model model) {
        Words say = plans.words();
        Map<Lesson, Optional<LocalDate>> mine = tries.all();
        shells.around(model, "learn", say.text("page.learn.title"), say.text("page.learn.sentence"));
        model.addAttribute(
                "cards",
                Arrays.stream(Lesson.values())
                        .map(l -> new Card(
                                l,
                                tank(lessons.begins(l, plans.today()), say),
                                mine.containsKey(l),
                                mine.getOrDefault(l, Optional.empty())
                                        .map(say::shortDate)
                                        .orElse("")))
                        .toList());
        model.addAttribute(
                "solved", mine.values().stream().filter(Optional::isPresent).count());
        return "learn";
    }

    private String tank(PlanFile plan, Words say) {
        return say.text(
                "page.learn.tank",
                say.volume(files.plan(plan, plans.today()).tank().glassLitres()),
                say.length(plan.tank().lengthCm()));
    }

    /** One thing that the plan is to come to. @param met null while it is not known yet */
    record Aim(String says, Boolean met) {}

    /** A fish of the plan. @param trouble the gravest that is said against it; empty for nothing grave */
    record Line(int place, Species species, String name, boolean bred, String trouble, boolean left) {}

    @GetMapping("/learn/{lesson}")
    String one(@PathVariable String lesson, Model model) {
        return page(find(lesson), model, "", List.of());
    }

    private String page(Lesson lesson, Model model, String error, List<Species> near) {
        Words say = plans.words();
        LocalDate today = plans.today();
        Tries.Try mine = mine(lesson);
        Assessment a = assessed(mine.plan());
        shells.around(model, "learn", say.of(lesson), say.of(lesson, "aim"));
        List<Aim> aims = new ArrayList<>(
                lesson.goals().stream().map(g -> new Aim(say.of(g), g.met(a))).toList());
        PlayedPlans.Played yours = mine.played() ? played.of(a.plan(), a.arrivals(), say) : null;
        PlayedPlans.Played ours = mine.played() ? ours(lesson, say) : null;
        Boolean good = yours == null || yours.odds().isEmpty() || ours.odds().isEmpty()
                ? null
                : Boolean.valueOf(asGood(yours, ours));
        aims.add(new Aim(say.text("page.learn.asGoodAsOurs"), good));
        model.addAttribute("lesson", lesson);
        model.addAttribute("tank", tank(mine.plan(), say));
        model.addAttribute("plan", mine.plan());
        model.addAttribute("aims", aims);
        model.addAttribute("lines", lines(a, say));
        model.addAttribute("pictures", new FishFiles());
        model.addAttribute("error", error);
        model.addAttribute("near", near);
        model.addAttribute("covers", Cover.values());
        model.addAttribute("schools", QuarantineSchool.values());
        model.addAttribute("school", school(mine.plan()));
        model.addAttribute("meals", MOST_MEALS);
        model.addAttribute("yours", yours);
        model.addAttribute("ours", ours);
        model.addAttribute("oursFish", ours == null ? List.of() : names(lessons.ours(lesson, today), say));
        model.addAttribute("again", yours == null || yours.over() && ours.over() ? null : AGAIN);
        model.addAttribute("solvedOn", mine.solvedOn() == null ? "" : say.date(mine.solvedOn()));
        model.addAttribute("all", aims.stream().allMatch(x -> Boolean.TRUE.equals(x.met())));
        return "lesson";
    }

    private static QuarantineSchool school(PlanFile plan) {
        TankFile.Quarantine q = plan.tank().quarantine();
        return q == null || q.places() == null || q.places() == 0 || q.school() == null
                ? QuarantineSchool.NONE
                : q.school();
    }

    private static boolean asGood(PlayedPlans.Played yours, PlayedPlans.Played ours) {
        return yours.odds().get().allWell().get(Months.SIX)
                >= ours.odds().get().allWell().get(Months.SIX) - AS_GOOD;
    }

    private PlayedPlans.Played ours(Lesson lesson, Words say) {
        Assessment ours = assessed(lessons.ours(lesson, plans.today()));
        return played.of(ours.plan(), ours.arrivals(), say);
    }

    private List<String> names(PlanFile plan, Words say) {
        return plan.wishes().stream()
                .map(f -> say.title(say.of(catalogue.shipped().find(f.species()).orElseThrow(), f.howMany())))
                .toList();
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

    private static Lesson find(String word) {
        return Named.find(Lesson.class, word).orElseThrow(NoSuchTankException::new);
    }

    private Tries.Try mine(Lesson lesson) {
        return tries.of(lesson).orElseGet(() -> new Tries.Try(lessons.begins(lesson, plans.today()), false, null));
    }

    @PostMapping("/learn/{lesson}/add")
    String add(
            @PathVariable String lesson,
            @RequestParam String species,
            @RequestParam(defaultValue = "1") int count,
            @RequestParam(defaultValue = "false") boolean bred,
            Model model,
            HttpServletResponse response) {
        Lesson which = find(lesson);
        PlanFile plan = mine(which).plan();
        Words say = plans.words();
        Resolution meant = catalogue.names().resolve(species.strip());
        boolean fits = count >= 1 && count <= MOST_OF_A_KIND && plan.wishes().size() < MOST_FISH;
        if (species.isBlank() || meant.one().isEmpty() || !fits) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(
                    which,
                    model,
                    fits ? say.text("page.learn.whichFish") : say.text("page.learn.tooMany", MOST_OF_A_KIND, MOST_FISH),
                    species.isBlank()
                            ? List.of()
                            : meant.species().stream().limit(NEAR).toList());
        }
        Species one = meant.one().get();
        FishFile fish = FishFile.of(one.scientificName(), count);
        tries.put(
                which, plan.alsoWishing(bred && one.captiveBred() ? fish.but(d -> d.captiveBred = true) : fish), false);
        return "redirect:/learn/" + which.word();
    }

    @PostMapping("/learn/{lesson}/off")
    String off(@PathVariable String lesson, @RequestParam int place) {
        Lesson which = find(lesson);
        PlanFile plan = mine(which).plan();
        List<FishFile> left = new ArrayList<>(plan.wishes());
        if (place >= 0 && place < left.size()) {
            left.remove(place);
            tries.put(which, plan.wishing(left), false);
        }
        return "redirect:/learn/" + which.word();
    }

    @PostMapping("/learn/{lesson}/tank")
    String tank(
            @PathVariable String lesson,
            @RequestParam String cover,
            @RequestParam String school,
            @RequestParam int meals,
            @RequestParam(defaultValue = "false") boolean seaweed) {
        Lesson which = find(lesson);
        PlanFile plan = mine(which).plan();
        QuarantineSchool by = Named.find(QuarantineSchool.class, school).orElse(QuarantineSchool.NONE);
        tries.put(
                which,
                plan.with(plan.tank().but(d -> {
                    d.cover = Named.find(Cover.class, cover).orElse(d.cover);
                    d.quarantine = new TankFile.Quarantine(by == QuarantineSchool.NONE ? 0 : PLACES, by);
                    d.mealsADay = Math.max(1, Math.min(MOST_MEALS, meals));
                    d.seaweed = seaweed;
                })),
                false);
        return "redirect:/learn/" + which.word();
    }

    @PostMapping("/learn/{lesson}/play")
    String play(@PathVariable String lesson) {
        Lesson which = find(lesson);
        tries.put(which, mine(which).plan(), true);
        return "redirect:/learn/" + which.word();
    }

    /** From the beginning. What has gone well before stays so. */
    @PostMapping("/learn/{lesson}/again")
    String again(@PathVariable String lesson) {
        Lesson which = find(lesson);
        tries.put(which, lessons.begins(which, plans.today()), false);
        return "redirect:/learn/" + which.word();
    }

    /** Keeps that it has gone well, if it has. */
    @PostMapping("/learn/{lesson}/done")
    String done(@PathVariable String lesson) {
        Lesson which = find(lesson);
        Tries.Try mine = mine(which);
        Assessment a = assessed(mine.plan());
        if (mine.played() && which.goals().stream().allMatch(g -> g.met(a))) {
            Words say = plans.words();
            PlayedPlans.Played yours = played.of(a.plan(), a.arrivals(), say);
            PlayedPlans.Played ours = ours(which, say);
            if (yours.odds().isPresent() && ours.odds().isPresent() && asGood(yours, ours)) {
                tries.solved(which, plans.today());
                return "redirect:/learn";
            }
        }
        return "redirect:/learn/" + which.word();
    }
}
