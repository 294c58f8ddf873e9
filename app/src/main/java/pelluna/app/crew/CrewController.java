package pelluna.app.crew;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.CrewDrawing;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.app.shell.TypedFigure;
import pelluna.core.crew.Attrition;
import pelluna.core.crew.CrewKind;
import pelluna.core.units.Convert;
import pelluna.core.units.Named;
import pelluna.core.units.Rounding;
import pelluna.words.Words;

/** The clean-up crew: counts, attrition, suspects, restocking. */
@Controller
class CrewController {
    private final TankPlans plans;
    private final Crews crew;
    private final Shells shells;

    CrewController(TankPlans plans, Crews crew, Shells shells) {
        this.plans = plans;
        this.crew = crew;
        this.shells = shells;
    }

    /** What the template says often. */
    static final class CrewWords {
        private final Words say;

        CrewWords(Words say) {
            this.say = say;
        }

        public String picture(CrewKind kind) {
            return CrewDrawing.draw(kind, say.of(kind), 56);
        }

        public String attrition(Crews.Crew c) {
            Attrition a = c.attrition();
            if (!a.known()) {
                return say.text("page.crew.countThemAgainInSomeWeeksAnd");
            }
            return a.lost() == 0
                    ? say.text("page.crew.noneGoneBetweenTheCountsFromSo", percent(a.highShareAMonth()))
                    : say.text(
                            "page.crew.goInAMonth",
                            percent(a.shareAMonth()),
                            a.lost(),
                            Rounding.to(a.months() < 10 ? 1 : 0, a.months()),
                            percent(a.lowShareAMonth()),
                            percent(a.highShareAMonth()));
        }

        private static String percent(double share) {
            return Math.round(100 * share) + " %";
        }

        public String year(Crews.Crew c) {
            return c.costAYear()
                    .filter(v -> v > 0)
                    .map(v -> say.text(
                            "page.crew.keepingUpCostsAboutAYearAt",
                            c.wanted(),
                            Math.round(v),
                            Math.round(c.attrition().toReplaceAYear(c.wanted()))))
                    .orElse("");
        }
    }

    @GetMapping("/tanks/{id}/losses/crew")
    String crew(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<Crews.Crew> all = crew.of(opened);
        int there = all.stream().mapToInt(Crews.Crew::there).sum();
        double year = all.stream()
                .flatMap(c -> c.costAYear().stream())
                .mapToDouble(v -> v)
                .sum();
        shells.around(
                model,
                opened,
                "losses",
                opened.say().text("page.crew.cleanUpCrew"),
                all.isEmpty()
                        ? opened.say().text("page.crew.nobodyIsCountedYet")
                        : Math.round(year) > 0
                                ? opened.say()
                                        .text("page.crew.atTheLastCountsAndCost", there, all.size(), Math.round(year))
                                : opened.say().text("page.crew.atTheLastCounts", there, all.size()));
        model.addAttribute("tab", "crew");
        model.addAttribute("all", all);
        model.addAttribute("kinds", Arrays.asList(CrewKind.values()));
        model.addAttribute("today", plans.today().toString());
        model.addAttribute("words", new CrewWords(opened.say()));
        return "crew";
    }

    @PostMapping("/tanks/{id}/losses/crew")
    String comes(
            OwnedTank tank,
            @RequestParam String kind,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String count,
            @RequestParam(defaultValue = "") String size,
            @RequestParam(defaultValue = "") String price,
            @RequestParam(defaultValue = "") String on,
            RedirectAttributes to) {
        return done(tank, to, opened -> {
            CrewKind which = Named.find(CrewKind.class, kind)
                    .orElseThrow(() -> new Refused("kind", new CrewRefusal.WhichKind()));
            crew.comes(
                    tank,
                    which,
                    name,
                    whole("count", count),
                    cm(opened, size),
                    TypedFigure.price("price", price),
                    day(on));
        });
    }

    @PostMapping("/tanks/{id}/losses/crew/{which}/count")
    String counted(
            OwnedTank tank,
            @PathVariable long which,
            @RequestParam(defaultValue = "") String count,
            @RequestParam(defaultValue = "") String added,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String note,
            RedirectAttributes to) {
        return done(
                tank,
                to,
                opened -> crew.counted(
                        tank,
                        which,
                        day(on),
                        whole("count", count),
                        added.isBlank() ? 0 : whole("added", added),
                        note));
    }

    @PostMapping("/tanks/{id}/losses/crew/{which}/keeps")
    String keeps(
            OwnedTank tank,
            @PathVariable long which,
            @RequestParam(defaultValue = "") String wanted,
            @RequestParam(defaultValue = "") String size,
            @RequestParam(defaultValue = "") String price,
            RedirectAttributes to) {
        return done(
                tank,
                to,
                opened -> crew.keeps(
                        tank, which, whole("wanted", wanted), cm(opened, size), TypedFigure.price("price", price)));
    }

    @PostMapping("/tanks/{id}/losses/crew/{which}/gone")
    String gone(OwnedTank tank, @PathVariable long which) {
        crew.givesUp(tank, which);
        return "redirect:/tanks/" + tank + "/losses/crew";
    }

    private LocalDate day(String on) {
        return on.isBlank() ? plans.today() : Days.happened("on", on);
    }

    private static int whole(String field, String text) {
        if (!text.strip().matches("\\d{1,4}")) {
            throw new Refused(field, new CrewRefusal.NoWholeNumber());
        }
        return Integer.parseInt(text.strip());
    }

    private static Double cm(OpenTank opened, String text) {
        Double typed = TypedFigure.size("size", text);
        return typed == null || typed == 0 ? null : typed * (opened.say().us() ? Convert.CM_PER_INCH : 1);
    }

    private interface Task {
        void on(OpenTank opened);
    }

    private String done(OwnedTank tank, RedirectAttributes to, Task task) {
        try {
            task.on(plans.open(tank));
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return "redirect:/tanks/" + tank + "/losses/crew";
    }
}
