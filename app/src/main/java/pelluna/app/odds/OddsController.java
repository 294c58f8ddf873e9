package pelluna.app.odds;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.drawing.FishFiles;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.app.tank.Tanks;
import pelluna.core.odds.Months;
import pelluna.core.odds.Odds;
import pelluna.core.odds.Remedies;
import pelluna.core.odds.Remedy;
import pelluna.words.Words;

/** How this usually goes: the plan, played two thousand times over two years. */
@Controller
class OddsController {
    /** A page asks again so often while it is at play, ms. */
    private static final int AGAIN = 900;

    private static final int WORST_OF = 100;
    /** In an address, the what-if copy of a tank, or the tank of a copy. */
    private static final String COPY = "copy";

    private final TankPlans plans;
    private final OddsDesk desk;
    private final Hindsight hindsight;
    private final Ownership ownership;
    private final Tanks tanks;
    private final Shells shells;

    OddsController(
            TankPlans plans, OddsDesk desk, Hindsight hindsight, Ownership ownership, Tanks tanks, Shells shells) {
        this.plans = plans;
        this.desk = desk;
        this.hindsight = hindsight;
        this.ownership = ownership;
        this.tanks = tanks;
        this.shells = shells;
    }

    @GetMapping("/tanks/{id}/arrivals/odds")
    String odds(
            OwnedTank tank,
            @RequestParam(defaultValue = "0") int run,
            @RequestParam(defaultValue = "") String with,
            @RequestParam(defaultValue = "0") long then,
            Model model) {
        OpenTank opened = plans.open(tank);
        Remedy.Version version = version(opened);
        Play play = desk.of(version, Optional.empty());
        Optional<Remedy> remedy = remedy(play, with);
        Optional<OwnedTank> other = other(opened);
        boolean copy = with.equals(COPY) && other.isPresent();
        Optional<Play> changed = copy
                ? other.map(o -> desk.of(version(plans.open(o)), Optional.empty()))
                : remedy.map(r -> desk.of(version, Optional.of(r)));
        Optional<Hindsight.Back> back = play.odds().isEmpty() || opened.tank().sandboxOf() != null
                ? Optional.empty()
                : hindsight.of(tank, then, plans.today(), opened.say());
        shells.around(
                model,
                opened,
                "arrivals",
                opened.say().text("page.odds.title"),
                opened.say().text("page.odds.playedSoOften", desk.runs()));
        model.addAttribute("tab", "odds");
        model.addAttribute("pictures", new FishFiles());
        model.addAttribute("play", play);
        model.addAttribute("runs", desk.runs());
        model.addAttribute(
                "nobody",
                version.plan().residents().isEmpty() && version.going().isEmpty());
        boolean over = play.over()
                && changed.map(c -> c.odds().isPresent() || c.over()).orElse(true)
                && back.map(b -> b.play().over()).orElse(true);
        model.addAttribute("again", over ? null : AGAIN);
        model.addAttribute("back", back.orElse(null));
        String name = other.map(o -> plans.tank(o).name()).orElse("");
        model.addAttribute("other", name);
        model.addAttribute("everything", Remedies.leavesOut(version));
        model.addAttribute("with", copy ? COPY : remedy.map(Remedy::word).orElse(""));
        model.addAttribute("remedy", copy ? name : remedy.map(opened.say()::of).orElse(""));
        play.odds().ifPresent(odds -> said(model, opened.say(), new OddsPage(play, odds, opened.say()), play, run));
        model.addAttribute("changed", changed.flatMap(Play::odds).orElse(null));
        return "odds";
    }

    private static void said(Model model, Words say, OddsPage page, Play play, int run) {
        Odds odds = page.odds();
        int one = Math.floorMod(run, odds.runs());
        model.addAttribute("odds", odds);
        model.addAttribute("ofTwenty", say.text("page.odds.ofTwenty", page.well(Months.SIX)));
        model.addAttribute("page", page);
        model.addAttribute("run", one);
        model.addAttribute("worst", page.worst(Math.min(WORST_OF, odds.runs())));
        model.addAttribute("story", play.tell(one));
    }

    @PostMapping("/tanks/{id}/arrivals/odds/stop")
    String stop(OwnedTank tank) {
        desk.known(version(plans.open(tank))).ifPresent(Play::stop);
        return "redirect:/tanks/" + tank + "/arrivals/odds";
    }

    @PostMapping("/tanks/{id}/arrivals/odds/again")
    String again(OwnedTank tank) {
        desk.known(version(plans.open(tank))).ifPresent(desk::again);
        return "redirect:/tanks/" + tank + "/arrivals/odds";
    }

    /** The what-if copy of a tank, or the tank of a copy. */
    private Optional<OwnedTank> other(OpenTank opened) {
        Long of = opened.tank().sandboxOf();
        return of != null
                ? Optional.of(ownership.tank(of))
                : tanks.sandboxOf(opened.owned()).map(copy -> ownership.tank(copy.id()));
    }

    private static Remedy.Version version(OpenTank opened) {
        return new Remedy.Version(opened.plan(), opened.assessment().arrivals());
    }

    private static Optional<Remedy> remedy(Play play, String word) {
        if (word.equals(new Remedy.Everything().word()) && Remedies.leavesOut(play.version())) {
            return Optional.of(new Remedy.Everything());
        }
        return play.odds()
                .flatMap(odds -> Remedies.of(play.version(), odds).stream()
                        .filter(r -> r.word().equals(word))
                        .findFirst());
    }
}
