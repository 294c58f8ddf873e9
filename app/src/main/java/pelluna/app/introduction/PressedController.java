package pelluna.app.introduction;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.limits.Moments;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Takes;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.introduction.Intervention;
import pelluna.core.units.Named;

/** What is done when a fish is pressed, newcomer or not. */
@Controller
class PressedController {
    private final TankPlans plans;
    private final Introductions introductions;
    private final WaysIn ways;
    private final Interventions measures;
    private final LadderView ladder;
    private final Individuals fish;
    private final PressureOfFish pressure;
    private final Shells shells;
    private final Clock clock;

    PressedController(
            TankPlans plans,
            Introductions introductions,
            WaysIn ways,
            Interventions measures,
            LadderView ladder,
            Individuals fish,
            PressureOfFish pressure,
            Shells shells,
            Clock clock) {
        this.plans = plans;
        this.introductions = introductions;
        this.ways = ways;
        this.measures = measures;
        this.ladder = ladder;
        this.fish = fish;
        this.pressure = pressure;
        this.shells = shells;
        this.clock = clock;
    }

    @GetMapping("/tanks/{id}/log/bullied/{which}")
    String pressed(OwnedTank tank, @PathVariable long which, Model model) {
        OpenTank opened = plans.open(tank);
        List<Fish> all = fish.all(tank);
        Fish f = all.stream().filter(x -> x.id() == which).findFirst().orElseThrow(NoSuchTankException::new);
        List<String> pull = introductions.pull(opened, f);
        Optional<PressureOfFish.Lately> lately = pressure.of(tank, f);
        shells.around(
                model,
                opened,
                "log",
                opened.say().text("page.introduction.ifIsPressed", f.said()),
                pull.isEmpty()
                        ? lately.map(l -> opened.say().title(l.trend().course()) + ".")
                                .orElse(opened.say().text("page.introduction.nothingWasSeenAgainstItIn7"))
                        : opened.say().text("page.introduction.aPullOutRuleIsMet2"));
        ladder.fill(
                model,
                opened,
                which,
                lately.flatMap(PressureOfFish.Lately::hardest).orElse(null),
                !pull.isEmpty());
        model.addAttribute("tab", "bringing");
        model.addAttribute("pull", pull);
        model.addAttribute("pressed", lately.orElse(null));
        return "pressed";
    }

    @PostMapping("/tanks/{id}/log/measures")
    String measure(
            OwnedTank tank,
            @RequestParam String measure,
            @RequestParam long forFish,
            @RequestParam(required = false) Long byFish,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(required = false) Long which,
            @Takes({"at"}) @RequestParam Map<String, String> form,
            RedirectAttributes to) {
        Intervention m =
                Named.find(Intervention.class, measure.toLowerCase(Locale.ROOT)).orElse(null);
        if (m == Intervention.BACK_THROUGH_BOX) {
            try {
                to.addAttribute("which", ways.backIntoTheBox(tank, forFish, byFish));
            } catch (Refused e) {
                Refused.tell(to, e);
            }
            return "redirect:/tanks/" + tank + "/log/introducing";
        }
        return done(tank, which, forFish, to, () -> {
            if (m == null) {
                throw new Refused(new IntroductionRefusal.WhatWasDone());
            }
            measures.begin(tank, m, forFish, byFish, note, Moments.of(form, clock.instant()));
        });
    }

    @PostMapping("/tanks/{id}/log/measures/{measure}/end")
    String end(
            OwnedTank tank,
            @PathVariable long measure,
            @RequestParam(required = false) Long which,
            @Takes({"at"}) @RequestParam Map<String, String> form,
            RedirectAttributes to) {
        return done(
                tank,
                which,
                measures.forFish(tank, measure),
                to,
                () -> measures.end(tank, measure, Moments.of(form, clock.instant())));
    }

    /** Back to where it was begun: the newcomer's page or the ladder of the fish. */
    private static String done(OwnedTank tank, Long which, long forFish, RedirectAttributes to, Runnable task) {
        try {
            task.run();
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        if (which != null) {
            to.addAttribute("which", which);
            return "redirect:/tanks/" + tank + "/log/introducing";
        }
        return "redirect:/tanks/" + tank + "/log/bullied/" + forFish;
    }
}
