package pelluna.app.wishes;

import java.time.LocalDate;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.sharing.Shared;
import pelluna.app.sharing.SharedPart;
import pelluna.app.shell.Shell;
import pelluna.core.catalogue.Look;
import pelluna.core.plan.Party;
import pelluna.words.Words;

/** The plan for somebody else to look at: the tank, who lives in it, what is wished for, and when it comes. */
@Component
class SharedPlan implements SharedPart {
    private final TankPlans plans;

    SharedPlan(TankPlans plans) {
        this.plans = plans;
    }

    /** A fish of the plan. @param says what is to be said of it beside its name */
    record Fish(String name, String scientific, String drawing, String says) {}

    /** @param who in words; @param in the day on which it may leave its box */
    record Arrival(LocalDate in, String who) {}

    @Override
    public Shared what() {
        return Shared.PLAN;
    }

    @Override
    public void show(OwnedTank tank, long which, Model page) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        page.addAttribute("says", Shell.summary(opened));
        page.addAttribute("left", say.of(opened.assessment().capacity().left()));
        page.addAttribute(
                "residents",
                opened.plan().residents().stream().map(p -> resident(p, say)).toList());
        page.addAttribute(
                "wishes",
                opened.assessment().sieve().stream()
                        .map(v -> wish(WishView.of(opened, v)))
                        .toList());
        page.addAttribute(
                "arrivals",
                opened.assessment().arrivals().steps().stream()
                        .map(d ->
                                new Arrival(d.releaseOn(), say.list(d.arrival().parties())))
                        .toList());
    }

    private static Fish resident(Party p, Words say) {
        return fish(p, p.species().lookAt(p.lengthCm()), say.title(p), say.length(p.lengthCm()));
    }

    /** Drawn in the page itself: who has no account may fetch no picture. */
    private static Fish fish(Party p, Look look, String name, String says) {
        return new Fish(name, p.species().scientificName(), FishDrawing.alone(look, "", 46, p.id()), says);
    }

    private static Fish wish(WishView v) {
        Party p = v.verdict().wish();
        String says = v.why().isEmpty() ? v.outcome() : v.outcome() + " — " + v.why();
        return fish(p, p.species().look(), v.label(), says);
    }
}
