package pelluna.app.pooled;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.Tanks;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.words.Words;

/** What other keepers saw of the fish of a tank; and what was said held against what happened, over all who share. */
@Controller
class OthersController {
    private static final Comparator<PooledPairs.Pooled> HARDEST =
            Comparator.comparing(PooledPairs.Pooled::chance).reversed();
    private static final Comparator<PooledPairs.Lives> MOST_LOST =
            Comparator.comparing(PooledPairs.Lives::inAYear).reversed();

    private final TankPlans plans;
    private final Tanks tanks;
    private final PooledPairs pooled;
    private final PoolRows rows;
    private final Everybody everybody;
    private final CurrentKeeper keeper;
    private final KeeperCatalogue catalogue;
    private final Shells shells;

    OthersController(
            TankPlans plans,
            Tanks tanks,
            PooledPairs pooled,
            PoolRows rows,
            Everybody everybody,
            CurrentKeeper keeper,
            KeeperCatalogue catalogue,
            Shells shells) {
        this.plans = plans;
        this.tanks = tanks;
        this.pooled = pooled;
        this.rows = rows;
        this.everybody = everybody;
        this.keeper = keeper;
        this.catalogue = catalogue;
        this.shells = shells;
    }

    /**
     * Two species, the one that presses first.
     *
     * @param ofTen   how often of ten there are hard fights, by all that is known
     * @param percent how much of that comes from these keepers
     */
    record Line(String who, int keepers, int hard, long expected, String ofTen, String range, long percent) {}

    @GetMapping("/tanks/{id}/losses/others")
    String others(OwnedTank tank, @RequestParam(defaultValue = "false") boolean all, Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        Set<String> own = Stream.concat(opened.plan().residents().stream(), opened.plan().wishes().stream())
                .map(Party::species)
                .map(Species::scientificName)
                .collect(Collectors.toSet());
        PooledPairs.All known = pooled.known();
        List<PooledPairs.Pooled> pairs = all
                ? known.pairs()
                : known.pairs().stream()
                        .filter(p -> own.contains(p.seen().aggressor())
                                && own.contains(p.seen().target()))
                        .toList();
        shells.around(model, opened, "losses", say.text("page.others.title"), say.text("page.others.sentence"));
        model.addAttribute("tab", "others");
        model.addAttribute("all", all);
        model.addAttribute(
                "lines", pairs.stream().sorted(HARDEST).map(p -> line(p, say)).toList());
        List<PooledPairs.Lives> lives = pooled.lives();
        model.addAttribute(
                "lives",
                lives.stream()
                        .filter(l -> all || own.contains(l.species()))
                        .sorted(MOST_LOST)
                        .map(l -> lived(l, say))
                        .toList());
        model.addAttribute("any", !known.pairs().isEmpty() || !lives.isEmpty());
        model.addAttribute("aside", opened.tank().withoutOthers());
        model.addAttribute("shares", rows.shares(keeper.get().id()));
        return "others";
    }

    /** How fish of a species fared. @param inAYear how many of ten are lost within a year */
    record Lived(String who, int keepers, int fish, int lost, String years, String inAYear, String range) {}

    private Lived lived(PooledPairs.Lives l, Words say) {
        return new Lived(
                say.title(name(l.species(), say)),
                l.keepers(),
                l.fish(),
                l.lost(),
                say.number(l.years(), 0),
                ofTen(l.inAYear(), say),
                say.text("page.others.range", Math.round(10 * l.low()), Math.round(10 * l.high())));
    }

    private Line line(PooledPairs.Pooled p, Words say) {
        return new Line(
                say.text(
                        "page.others.against",
                        name(p.seen().aggressor(), say),
                        name(p.seen().target(), say)),
                p.seen().keepers(),
                p.seen().hard(),
                Math.round(p.seen().expected()),
                ofTen(p.chance(), say),
                say.text("page.others.range", Math.round(10 * p.low()), Math.round(10 * p.high())),
                Math.round(100 * p.seen().weight()));
    }

    private static String ofTen(double chance, Words say) {
        long n = Math.round(10 * chance);
        return n == 0
                ? say.text("page.others.lessThanOne")
                : n == 10 ? say.text("page.others.nearlyAll") : say.text("page.others.ofTen", n);
    }

    private String name(String scientific, Words say) {
        return catalogue.get().find(scientific).map(say::of).orElse(scientific);
    }

    @PostMapping("/tanks/{id}/others")
    String count(OwnedTank tank, @RequestParam boolean aside) {
        TankEntity row = tanks.of(tank);
        row.leavesOthersAside(aside);
        tanks.save(row);
        return "redirect:/tanks/" + tank + "/losses/others";
    }

    @GetMapping("/tanks/{id}/losses/calibration")
    String calibration(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        shells.around(
                model, opened, "losses", say.text("page.calibration.title"), say.text("page.calibration.sentence"));
        model.addAttribute("tab", "others");
        model.addAttribute("said", everybody.said(say));
        return "calibration";
    }
}
