package pelluna.app.lessons;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
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
import pelluna.app.names.NameChoices;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.catalogue.Species;
import pelluna.core.lessons.Lesson;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.TankFile;
import pelluna.core.search.Singles;
import pelluna.core.tank.Cover;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** Learning to plan: eight invented tanks, each a sandbox of its own. Nothing of it touches the keeper's tanks. */
@Controller
class LessonsController {
    /** More fish than any of the lessons has room for. */
    private static final int MOST_FISH = 40;

    private static final int MOST_MEALS = 6;
    /** Tanks that newcomers wait in, one after the other. */
    private static final int PLACES = 1;

    /** A page asks again so often while something is played, ms. */
    private static final int AGAIN = 900;

    private final LessonPlans lessons;
    private final Tries tries;
    private final TankPlans plans;
    private final PlanFiles files;
    private final Stands stands;
    private final KeeperCatalogue catalogue;
    private final NameChoices choices;
    private final Shells shells;

    LessonsController(
            LessonPlans lessons,
            Tries tries,
            TankPlans plans,
            PlanFiles files,
            Stands stands,
            KeeperCatalogue catalogue,
            NameChoices choices,
            Shells shells) {
        this.lessons = lessons;
        this.tries = tries;
        this.plans = plans;
        this.files = files;
        this.stands = stands;
        this.catalogue = catalogue;
        this.choices = choices;
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

    @GetMapping("/learn/{lesson}")
    String one(@PathVariable String lesson, Model model) {
        return page(find(lesson), model, Typed.NOTHING);
    }

    /** What was typed, and why it can't be so; it stays in its fields. @param offer what the name may mean, or null */
    record Typed(String species, int count, boolean bred, String error, NameChoices.Offer offer) {
        private static final Typed NOTHING = new Typed("", 1, false, "", null);
    }

    @GetMapping("/learn/{lesson}/names")
    String names(@PathVariable String lesson, @RequestParam(defaultValue = "") String q, Model model) {
        model.addAttribute("offer", offer(find(lesson), q));
        return "names :: fetched";
    }

    private NameChoices.Offer offer(Lesson lesson, String typed) {
        Plan plan = files.plan(stands.mine(lesson).plan(), plans.today());
        return choices.offer(typed, new Singles(plan), plans.words());
    }

    private String page(Lesson lesson, Model model, Typed typed) {
        Words say = plans.words();
        Stands.Stand stand = stands.of(lesson, say);
        PlanFile plan = stand.mine().plan();
        shells.around(model, "learn", say.of(lesson), say.of(lesson, "aim"));
        model.addAttribute("lesson", lesson);
        model.addAttribute("tank", tank(plan, say));
        model.addAttribute("plan", plan);
        model.addAttribute("aims", stand.aims());
        model.addAttribute("lines", stand.lines());
        model.addAttribute("pictures", new FishFiles());
        model.addAttribute("typed", typed);
        model.addAttribute("covers", Cover.values());
        model.addAttribute("schools", QuarantineSchool.values());
        model.addAttribute("school", school(plan));
        model.addAttribute("meals", MOST_MEALS);
        model.addAttribute("yours", stand.yours());
        model.addAttribute("ours", stand.ours());
        model.addAttribute(
                "oursFish", stand.ours() == null ? List.of() : names(lessons.ours(lesson, plans.today()), say));
        model.addAttribute("again", stand.playing() ? AGAIN : null);
        model.addAttribute(
                "solvedOn",
                stand.mine().solvedOn() == null ? "" : say.date(stand.mine().solvedOn()));
        model.addAttribute("all", stand.reached());
        return "lesson";
    }

    private static QuarantineSchool school(PlanFile plan) {
        TankFile.Quarantine q = plan.tank().quarantine();
        return q == null || q.places() == null || q.places() == 0 || q.school() == null
                ? QuarantineSchool.NONE
                : q.school();
    }

    private List<String> names(PlanFile plan, Words say) {
        return plan.wishes().stream()
                .map(f -> say.title(say.of(catalogue.shipped().find(f.species()).orElseThrow(), f.howMany())))
                .toList();
    }

    private static Lesson find(String word) {
        return Named.find(Lesson.class, word).orElseThrow(NoSuchTankException::new);
    }

    /** @param chosen the scientific name of the one that was tapped in the list; empty for what was typed */
    @PostMapping("/learn/{lesson}/add")
    String add(
            @PathVariable String lesson,
            @RequestParam String species,
            @RequestParam(defaultValue = "") String chosen,
            @RequestParam(defaultValue = "1") int count,
            @RequestParam(defaultValue = "false") boolean bred,
            Model model,
            HttpServletResponse response) {
        Lesson which = find(lesson);
        PlanFile plan = stands.mine(which).plan();
        Words say = plans.words();
        Optional<Species> meant =
                choices.resolve(chosen.isBlank() ? species : chosen).one();
        boolean fits =
                count >= 1 && plan.wishes().stream().mapToInt(FishFile::howMany).sum() + count <= MOST_FISH;
        if (meant.isEmpty() || !fits) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            String error = fits ? say.text("page.learn.whichFish") : say.text("page.learn.tooMany", MOST_FISH);
            NameChoices.Offer offer = meant.isEmpty() ? offer(which, species) : null;
            return page(which, model, new Typed(species, count, bred, error, offer));
        }
        Species one = meant.get();
        FishFile fish = FishFile.of(one.scientificName(), count);
        tries.put(
                which, plan.alsoWishing(bred && one.captiveBred() ? fish.but(d -> d.captiveBred = true) : fish), false);
        return "redirect:/learn/" + which.word();
    }

    @PostMapping("/learn/{lesson}/off")
    String off(@PathVariable String lesson, @RequestParam int place) {
        Lesson which = find(lesson);
        PlanFile plan = stands.mine(which).plan();
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
        PlanFile plan = stands.mine(which).plan();
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
        tries.put(which, stands.mine(which).plan(), true);
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
        if (stands.of(which, plans.words()).reached()) {
            tries.solved(which, plans.today());
            return "redirect:/learn";
        }
        return "redirect:/learn/" + which.word();
    }
}
