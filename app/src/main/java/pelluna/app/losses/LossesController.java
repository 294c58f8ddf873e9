package pelluna.app.losses;

import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.OwnedTank;
import pelluna.app.chart.SurvivalDrawing;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.odds.OddsAtHand;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.losses.KaplanMeier;
import pelluna.core.losses.Life;
import pelluna.core.losses.Patterns;
import pelluna.core.losses.Share;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** The Losses place: survival, causes, money, patterns, the ledger. */
@Controller
class LossesController {
    /** Places of arrival that have a name of their own. */
    private static final int NAMED = 6;

    private final TankPlans plans;
    private final LedgerView ledger;
    private final LifeBook book;
    private final MissingFish missing;
    private final Individuals fish;
    private final OddsAtHand odds;
    private final Shells shells;

    LossesController(
            TankPlans plans,
            LedgerView ledger,
            LifeBook book,
            MissingFish missing,
            Individuals fish,
            OddsAtHand odds,
            Shells shells) {
        this.plans = plans;
        this.ledger = ledger;
        this.book = book;
        this.missing = missing;
        this.fish = fish;
        this.odds = odds;
        this.shells = shells;
    }

    /** Somebody who is missing. */
    record Missing(long fish, String says) {}

    /** A place in the order of arrival, with how many of those who came there were lost. */
    record Place(String name, String says, int lost, int of) {}

    @GetMapping("/tanks/{id}/losses")
    String losses(
            OwnedTank tank,
            @RequestParam(defaultValue = "tank") String scope,
            @RequestParam(defaultValue = "group") String by,
            Model model) {
        OpenTank opened = plans.open(tank);
        boolean everywhere = scope.equals("all");
        List<OwnedTank> tanks = everywhere ? plans.owned() : List.of(opened.owned());
        SurvivalTable.By parted = Named.find(SurvivalTable.By.class, by).orElse(SurvivalTable.By.GROUP);
        List<LedgerView.Line> lines = ledger.lines(tanks);
        LifeBook.Book lives = book.of(tanks);
        KaplanMeier curve = SurvivalTable.curve(lives.lives());
        shells.around(
                model, opened, "losses", opened.say().text("page.losses.losses"), sentence(lines, curve, opened.say()));
        model.addAttribute("odds", odds.of(opened).orElse(null));
        model.addAttribute("tab", "ledger");
        model.addAttribute("scope", everywhere ? "all" : "tank");
        model.addAttribute("several", plans.tanks().size() > 1);
        model.addAttribute("by", parted.word());
        model.addAttribute("ways", Arrays.asList(SurvivalTable.By.values()));
        model.addAttribute("lost", lines.stream().filter(LedgerView.Line::lost).toList());
        model.addAttribute("elsewhere", lines.stream().filter(l -> !l.lost()).toList());
        model.addAttribute("marksOf", ledger.marks(lines, opened.say()));
        model.addAttribute("money", ledger.money(lines));
        model.addAttribute("corrected", ledger.corrected(tank));
        model.addAttribute("missing", missing(tank));
        model.addAttribute(
                "survival",
                curve.subjects() == 0
                        ? ""
                        : SurvivalDrawing.draw(
                                curve,
                                lives.lives().stream().map(Life::observed).toList(),
                                opened.say()));
        model.addAttribute("says", SurvivalTable.says(curve, opened.say()));
        model.addAttribute("left", leftOut(lives, opened.say()));
        model.addAttribute("rows", SurvivalTable.rows(lives.lives(), parted, plans.words()));
        model.addAttribute("patterns", Patterns.of(lives.lives()));
        model.addAttribute("first", first(lives.lives(), plans.words()));
        model.addAttribute("places", places(lives.lives(), opened.say()));
        return "losses";
    }

    private static String sentence(List<LedgerView.Line> lines, KaplanMeier k, Words say) {
        int lost = lines.stream()
                .filter(LedgerView.Line::lost)
                .mapToInt(LedgerView.Line::count)
                .sum();
        if (lost == 0) {
            return say.text("page.losses.nobodyIsInTheLedgerMayIt");
        }
        double year = k.at(365);
        return Double.isNaN(year) || k.subjects() < 5
                ? say.text("page.losses.lostSoFar", lost)
                : say.text("page.losses.lostSoFarAndAlive", lost, SurvivalTable.share(k, 365, say));
    }

    private List<Missing> missing(OwnedTank tank) {
        List<Fish> all = fish.all(tank);
        return missing.open(List.of(tank)).stream()
                .flatMap(m -> all.stream()
                        .filter(f -> f.id() == m.fishId())
                        .map(f -> new Missing(
                                f.id(),
                                plans.words()
                                        .text(
                                                "page.losses.since",
                                                LedgerView.who(f, m.count(), plans.words()),
                                                m.sinceOn()))))
                .toList();
    }

    private static String leftOut(LifeBook.Book book, Words say) {
        String undated = book.undated() == 0 ? "" : say.text("page.losses.leftOutUndated", book.undated());
        String gone = book.unaccounted() == 0
                ? ""
                : say.text(
                        "page.losses.leftOutTheGroupGrewFewer",
                        say.text("page.losses.fishOfGroupsAre", book.unaccounted()));
        return (undated + gone).strip();
    }

    /** Losses in the first thirty days, of those that could be followed so long or were lost before. */
    private static String first(List<Life> lives, Words say) {
        List<Life> followed = lives.stream()
                .filter(l -> l.lost() || l.days() >= Patterns.FIRST_DAYS)
                .toList();
        int lost = (int) followed.stream()
                .filter(l -> l.lost() && l.days() <= Patterns.FIRST_DAYS)
                .count();
        return followed.isEmpty() ? "" : say.of(Share.of(lost, followed.size()).counted());
    }

    private static List<Place> places(List<Life> lives, Words say) {
        int most = lives.stream().mapToInt(Life::place).max().orElse(0);
        return java.util.stream.IntStream.rangeClosed(1, most)
                .mapToObj(p -> {
                    List<Life> mine = lives.stream().filter(l -> l.place() == p).toList();
                    int lost = (int) mine.stream().filter(Life::lost).count();
                    return new Place(
                            p <= NAMED ? say.text("words.ordinal." + p) : say.text("page.losses.placeNumber", p),
                            say.list(mine.stream()
                                    .map(l -> say.of(l.species()))
                                    .distinct()
                                    .toList()),
                            lost,
                            mine.size());
                })
                .toList();
    }
}
