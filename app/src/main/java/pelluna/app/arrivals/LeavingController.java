package pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.assessment.LeavingEffect;
import pelluna.core.outlook.Change;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.plan.Hand;
import pelluna.core.plan.Party;
import pelluna.words.Words;

/** Who outgrows the tank and when, who is to leave, and what that changes. */
@Controller
class LeavingController {
    private final TankPlans plans;
    private final PlanSteps steps;
    private final Shells shells;

    LeavingController(TankPlans plans, PlanSteps steps, Shells shells) {
        this.plans = plans;
        this.steps = steps;
        this.shells = shells;
    }

    /**
     * One fish of the plan.
     *
     * @param outgrows when and why it outgrows the tank, soonest first
     * @param on       the day by which it is, or might be, planned to leave
     * @param why      the reason to give with it
     */
    record Fish(Party party, List<Change> outgrows, boolean leaves, LocalDate on, String why) {}

    @GetMapping("/tanks/{id}/arrivals/leaving")
    String leaving(OwnedTank tank, @RequestParam(defaultValue = "") String fish, Model model) {
        OpenTank opened = plans.open(tank);
        Outlook outlook = opened.ahead().outlook();
        List<Change> changes = opened.ahead().changes();
        List<Fish> all = new ArrayList<>();
        for (Presence p : outlook.everybody()) {
            all.add(fish(p.party(), changes, plans.today(), opened.say()));
        }
        long outgrow =
                all.stream().filter(f -> !f.outgrows().isEmpty() && !f.leaves()).count();
        long leave = all.stream().filter(Fish::leaves).count();
        shells.around(
                model,
                opened,
                "arrivals",
                opened.say().text("page.arrivals.outgrowingAndLeaving"),
                all.isEmpty()
                        ? opened.say().text("page.arrivals.nobodyLivesHereYet")
                        : leave == 0
                                ? opened.say().text("page.arrivals.outgrowNobodyLeaves", (int) outgrow)
                                : opened.say().text("page.arrivals.outgrowAndLeave", (int) outgrow, (int) leave));
        model.addAttribute("tab", "leaving");
        model.addAttribute("all", all);
        model.addAttribute(
                "lengths",
                new LengthsDrawing(
                                opened.plan().startOn(),
                                outlook.fullyGrown(),
                                opened.plan().tank().runCm(),
                                opened.plan().stance(),
                                all.stream().map(Fish::party).toList(),
                                opened.say())
                        .draw(all));
        Fish chosen = all.stream()
                .filter(f -> f.party().id().equals(fish))
                .findFirst()
                .orElse(all.stream()
                        .filter(f -> f.leaves() || !f.outgrows().isEmpty())
                        .findFirst()
                        .orElse(all.isEmpty() ? null : all.get(0)));
        model.addAttribute("chosen", chosen);
        model.addAttribute("chosenFish", chosen == null ? "" : chosen.party().id());
        model.addAttribute(
                "effect",
                chosen == null
                        ? List.of()
                        : LeavingEffect.of(
                                        opened.plan(),
                                        opened.plan().party(chosen.party().id()).orElse(chosen.party()),
                                        chosen.on())
                                .stream()
                                .map(opened.say()::of)
                                .toList());
        model.addAttribute("mark", steps.mark(tank));
        model.addAttribute("undo", steps.last(tank).orElse(null));
        model.addAttribute("today", plans.today());
        return "leaving";
    }

    private static Fish fish(Party p, List<Change> changes, LocalDate today, Words say) {
        List<Change> mine = changes.stream()
                .filter(c -> c.about().contains(p.id()) && c.about().size() == 1)
                .filter(c -> c.kind() == Change.Kind.LONGER_RUN
                        || c.kind() == Change.Kind.MORE_WATER
                        || c.kind() == Change.Kind.TURNING_ROOM)
                .toList();
        LocalDate grown = mine.isEmpty()
                ? today.plusYears(1)
                : mine.get(0).on().isBefore(today) ? today : mine.get(0).on();
        return new Fish(
                p,
                mine,
                p.hand().leaves().isPresent(),
                p.hand().leaves().map(Hand.Leaving::on).orElse(grown),
                p.hand()
                        .leaves()
                        .map(Hand.Leaving::why)
                        .orElseGet(() -> mine.stream()
                                .findFirst()
                                .flatMap(c -> WhyItLeaves.of(c.event()))
                                .map(say::of)
                                .orElse("")));
    }
}
