package pelluna.app.introduction;

import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Numbers;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.introduction.Carrying;
import pelluna.core.introduction.Method;
import pelluna.core.introduction.Protocol;
import pelluna.core.introduction.ReleaseCheck;
import pelluna.core.introduction.SeeThroughBox;
import pelluna.core.units.Convert;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** Bringing fish in, and what is done when one is pressed. */
@Controller
class IntroductionController {
    private final TankPlans plans;
    private final Introductions introductions;
    private final WaysIn ways;
    private final LadderView ladder;
    private final CurrentKeeper keeper;
    private final Shells shells;

    IntroductionController(
            TankPlans plans,
            Introductions introductions,
            WaysIn ways,
            LadderView ladder,
            CurrentKeeper keeper,
            Shells shells) {
        this.plans = plans;
        this.introductions = introductions;
        this.ways = ways;
        this.ladder = ladder;
        this.keeper = keeper;
        this.shells = shells;
    }

    /** @param which number of a way in; @param next a planned arrival, 'w3', that has not begun yet */
    @GetMapping("/tanks/{id}/log/introducing")
    String page(
            OwnedTank tank,
            @RequestParam(required = false) Long which,
            @RequestParam(defaultValue = "") String next,
            Model model) {
        OpenTank opened = plans.open(tank);
        List<Introductions.Coming> now = introductions.coming(opened);
        List<Introductions.Next> planned = introductions.next(opened);
        Optional<Introductions.Next> asked =
                planned.stream().filter(n -> n.party().id().equals(next)).findFirst();
        Introductions.Coming chosen = asked.isPresent()
                ? null
                : which != null ? introductions.one(opened, which) : now.isEmpty() ? null : now.get(0);
        Introductions.Next ahead = chosen != null ? null : asked.orElse(planned.isEmpty() ? null : planned.get(0));
        shells.around(
                model, opened, "log", opened.say().text("page.introduction.bringingIn"), sentence(now, opened.say()));
        model.addAttribute("tab", "bringing");
        model.addAttribute("now", now);
        model.addAttribute("planned", planned);
        model.addAttribute("past", introductions.before(opened));
        model.addAttribute("chosen", chosen);
        model.addAttribute("ahead", ahead);
        model.addAttribute("words", new IntroductionWords(opened, introductions.zone()));
        model.addAttribute("time", introductions.now());
        model.addAttribute("lightsOn", opened.tank().lightsOn());
        model.addAttribute("lightsOff", opened.tank().lightsOff());
        if (chosen != null) {
            chosen(model, opened, chosen);
        } else if (ahead != null) {
            Optional<String> boss = IntroductionWords.boss(opened, ahead.party().id());
            model.addAttribute(
                    "protocol",
                    Protocol.of(
                            ahead.step().method(),
                            opened.plan().stance(),
                            boss,
                            ahead.party().species().diet().mealsADay() > 2));
            model.addAttribute("carrying", Carrying.cautions(ahead.party().species()));
            model.addAttribute(
                    "least",
                    SeeThroughBox.leastFor(
                            ahead.party().lengthCm(), ahead.party().count()));
            model.addAttribute("methods", Method.values());
            model.addAttribute(
                    "boxPlace", IntroductionWords.boxPlace(opened, ahead.party().id()));
        }
        return "introduction";
    }

    private void chosen(Model model, OpenTank opened, Introductions.Coming chosen) {
        ladder.fill(
                model,
                opened,
                chosen.fish().id(),
                chosen.bossFish().orElse(null),
                !chosen.pull().isEmpty());
        model.addAttribute("carrying", Carrying.cautions(chosen.fish().species()));
        model.addAttribute(
                "protocol",
                Protocol.of(
                        chosen.method(),
                        opened.plan().stance(),
                        chosen.boss(),
                        chosen.fish().species().diet().mealsADay() > 2));
    }

    private static String sentence(List<Introductions.Coming> now, Words say) {
        long boxed = now.stream().filter(Introductions.Coming::inTheBox).count();
        Optional<Introductions.Coming> pressed =
                now.stream().filter(c -> !c.pull().isEmpty()).findFirst();
        if (pressed.isPresent()) {
            return say.text(
                    "page.introduction.aPullOutRuleIsMet", pressed.get().fish().said());
        }
        if (boxed > 0) {
            Introductions.Coming c = now.stream()
                    .filter(Introductions.Coming::inTheBox)
                    .findFirst()
                    .orElseThrow();
            return say.text(
                    "page.introduction.isInTheBox",
                    c.fish().said(),
                    say.of(c.gate().orElseThrow().says()));
        }
        return now.isEmpty()
                ? say.text("page.introduction.nobodyIsInTheBoxAndNobody")
                : say.text("page.introduction.inTheFirstTwoWeeks", say.text("page.introduction.newcomers", now.size()));
    }

    @PostMapping("/tanks/{id}/log/introducing")
    String begin(
            OwnedTank tank,
            @RequestParam String fish,
            @RequestParam String method,
            @RequestParam(defaultValue = "") String length,
            @RequestParam(defaultValue = "") String width,
            @RequestParam(defaultValue = "") String height,
            RedirectAttributes to) {
        try {
            Method way = Named.find(Method.class, method)
                    .orElseThrow(() -> new Refused(new IntroductionRefusal.HowDoesItGoIn()));
            to.addAttribute("which", ways.begin(tank, fish, way, box(length, width, height)));
        } catch (Refused e) {
            Refused.tell(to, e).addAttribute("next", fish);
        }
        return back(tank);
    }

    /** In the keeper's units; null if nothing was typed. */
    private SeeThroughBox box(String length, String width, String height) {
        if (length.isBlank() && width.isBlank() && height.isBlank()) {
            return null;
        }
        try {
            double per = keeper.words().us() ? Convert.CM_PER_INCH : 1;
            SeeThroughBox box = new SeeThroughBox(
                    per * Numbers.finite(length.replace(',', '.')),
                    per * Numbers.finite(width.replace(',', '.')),
                    per * Numbers.finite(height.replace(',', '.')));
            if (box.lengthCm() > 0
                    && box.widthCm() > 0
                    && box.heightCm() > 0
                    && box.lengthCm() < 1000
                    && box.widthCm() < 1000
                    && box.heightCm() < 1000) {
                return box;
            }
        } catch (NumberFormatException e) {
            // said below
        }
        throw new Refused(new IntroductionRefusal.NoBox());
    }

    @PostMapping("/tanks/{id}/log/introducing/{which}/release")
    String release(OwnedTank tank, @PathVariable long which, RedirectAttributes to) {
        return done(tank, which, to, () -> ways.release(tank, which));
    }

    @PostMapping("/tanks/{id}/log/introducing/{which}/off")
    String off(
            OwnedTank tank,
            @PathVariable long which,
            @RequestParam(defaultValue = "") String how,
            RedirectAttributes to) {
        return done(tank, which, to, () -> ways.callOff(tank, which, how));
    }

    @PostMapping("/tanks/{id}/log/introducing/{which}/look")
    String look(
            OwnedTank tank,
            @PathVariable long which,
            @RequestParam String look,
            @RequestParam(defaultValue = "false") boolean inSight,
            @RequestParam(defaultValue = "false") boolean whole,
            @RequestParam(defaultValue = "false") boolean eats,
            @RequestParam(defaultValue = "false") boolean chased,
            @RequestParam(defaultValue = "") String note,
            RedirectAttributes to) {
        return done(
                tank,
                which,
                to,
                () -> ways.look(
                        tank,
                        which,
                        Named.find(ReleaseCheck.class, look)
                                .orElseThrow(() -> new Refused(new IntroductionRefusal.WhichLook())),
                        inSight,
                        whole,
                        eats,
                        chased,
                        note));
    }

    @PostMapping("/tanks/{id}/log/lights")
    String lights(OwnedTank tank, @RequestParam String on, @RequestParam String off, RedirectAttributes to) {
        return done(tank, null, to, () -> {
            try {
                ways.lit(tank, LocalTime.parse(on), LocalTime.parse(off));
            } catch (DateTimeParseException e) {
                throw new Refused("", new IntroductionRefusal.NoTimesOfDay(), e);
            }
        });
    }

    private static String done(OwnedTank tank, Long which, RedirectAttributes to, Runnable task) {
        if (which != null) {
            to.addAttribute("which", which);
        }
        try {
            task.run();
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return back(tank);
    }

    private static String back(OwnedTank tank) {
        return "redirect:/tanks/" + tank + "/log/introducing";
    }
}
