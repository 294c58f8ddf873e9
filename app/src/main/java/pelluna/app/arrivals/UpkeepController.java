package pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.arrivals.Dated;
import pelluna.core.capacity.PredatorSalt;
import pelluna.core.capacity.Upkeep;
import pelluna.core.capacity.Waste;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.PlanTime;
import pelluna.core.outlook.Presence;
import pelluna.core.plan.Party;
import pelluna.words.Words;

/** What the plan takes: time, money at the keeper's own prices, food, seaweed, salt. */
@Controller
class UpkeepController {
    private static final double MOST_PRICE = 100_000;

    private final TankPlans plans;
    private final CurrentKeeper keeper;
    private final Shells shells;

    UpkeepController(TankPlans plans, CurrentKeeper keeper, Shells shells) {
        this.plans = plans;
        this.keeper = keeper;
        this.shells = shells;
    }

    /** One line: today, when all are in, when all are grown. */
    record Line(String what, List<String> figures) {}

    @GetMapping("/tanks/{id}/arrivals/upkeep")
    String upkeep(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        Outlook outlook = opened.ahead().outlook();
        Waste waste = Waste.of(opened.plan());
        List<LocalDate> days = List.of(opened.plan().startOn(), outlook.lastArrival(), outlook.fullyGrown());
        List<Upkeep> upkeeps = days.stream()
                .map(d -> Upkeep.of(
                        opened.plan().tank(),
                        outlook.on(d).stream().map(Presence::party).toList(),
                        d,
                        waste))
                .toList();
        KeeperAccount account = keeper.get();
        PlanTime time = PlanTime.of(opened.plan().startOn(), opened.assessment().arrivals());
        shells.around(
                model, opened, "arrivals", opened.say().text("page.arrivals.upkeepAndCost"), sentence(opened, time));
        model.addAttribute("tab", "upkeep");
        model.addAttribute(
                "days",
                List.of(
                        opened.say().text("page.arrivals.todayHead"),
                        opened.say().text("page.arrivals.allIn", days.get(1)),
                        opened.say().text("page.arrivals.allGrown", days.get(2))));
        model.addAttribute("lines", lines(opened, upkeeps, account));
        model.addAttribute("time", time);
        model.addAttribute(
                "weeks",
                new WeeksDrawing(
                                opened.plan(),
                                outlook,
                                opened.assessment().arrivals().steps(),
                                opened.say())
                        .draw());
        model.addAttribute("fish", fish(opened, account));
        model.addAttribute(
                "salt",
                PredatorSalt.comesUp(opened.plan())
                        ? SaltWords.of(
                                PredatorSalt.of(
                                        opened.plan(),
                                        opened.assessment().bestSet().take()),
                                account,
                                opened.say())
                        : List.of());
        model.addAttribute("account", account);
        model.addAttribute(
                "prices",
                List.of(
                        shown(account.foodPrice(), opened.say()),
                        shown(account.sheetPrice(), opened.say()),
                        shown(account.saltPrice(), opened.say())));
        return "upkeep";
    }

    private static String sentence(OpenTank opened, PlanTime time) {
        int n = opened.assessment().arrivals().steps().size();
        return n == 0
                ? opened.say().text("page.arrivals.whatYourFishAskOfYouMonth")
                : opened.say()
                        .text(
                                "page.arrivals.fromTheStartToTheLastRelease",
                                opened.say().text("page.arrivals.weeks", (int) time.weeks()));
    }

    private static List<Line> lines(OpenTank opened, List<Upkeep> upkeeps, KeeperAccount account) {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(
                opened.say().text("page.arrivals.dryFoodAMonth"),
                upkeeps.stream().map(u -> opened.say().mass(u.foodGrams())).toList()));
        lines.add(new Line(
                opened.say().text("page.arrivals.seaweedSheetsAWeek"),
                upkeeps.stream().map(u -> opened.say().number(u.sheets(), 1)).toList()));
        lines.add(new Line(
                opened.say().text("page.arrivals.mealsADay"),
                upkeeps.stream().map(u -> Integer.toString(u.meals())).toList()));
        lines.add(new Line(
                opened.say().text("page.arrivals.feedingPlaces"),
                upkeeps.stream().map(u -> Integer.toString(u.places())).toList()));
        lines.add(new Line(
                opened.say().text("page.arrivals.newSaltWaterAMonth"),
                upkeeps.stream().map(u -> opened.say().volume(u.changeLitres())).toList()));
        lines.add(new Line(
                opened.say().text("page.arrivals.saltMixAMonth"),
                upkeeps.stream().map(u -> opened.say().mass(1000 * u.saltKg())).toList()));
        lines.add(new Line(
                opened.say().text("page.arrivals.changeThatWouldHoldYourNitrate"),
                upkeeps.stream()
                        .map(u -> u.holdsCeiling() > 0.5
                                ? opened.say().text("page.arrivals.waterAloneWillNotDo")
                                : u.holdsCeiling() == 0
                                        ? opened.say().text("page.arrivals.noneNeeded")
                                        : opened.say()
                                                .text(
                                                        "page.arrivals.everyDays",
                                                        Math.round(100 * u.holdsCeiling()),
                                                        opened.say()
                                                                .number(opened.plan()
                                                                        .tank()
                                                                        .waterChangeEveryDays())))
                        .toList()));
        lines.add(new Line(
                opened.say().text("page.arrivals.moneyAMonth"),
                upkeeps.stream().map(u -> monthly(u, account, opened.say())).toList()));
        return lines;
    }

    private static String monthly(Upkeep u, KeeperAccount a, Words say) {
        double sum = 0;
        List<String> open = new ArrayList<>();
        sum += priced(a.foodPrice(), u.foodGrams() / 100, say.text("page.arrivals.priceOfFood"), open);
        sum += priced(a.sheetPrice(), u.sheets() * 52 / 12, say.text("page.arrivals.priceOfSeaweed"), open);
        sum += priced(a.saltPrice(), u.saltKg(), say.text("page.arrivals.priceOfSalt"), open);
        return open.size() == 3
                ? say.text("page.arrivals.needsYourPrices")
                : (open.isEmpty()
                        ? say.number(sum, 2) + (a.currency().isEmpty() ? "" : " " + a.currency())
                        : say.text(
                                "page.arrivals.without",
                                say.number(sum, 2),
                                (a.currency().isEmpty() ? "" : " " + a.currency()),
                                say.list(open)));
    }

    private static double priced(Double price, double amount, String what, List<String> open) {
        if (price == null && amount > 0) {
            open.add(what);
        }
        return price == null ? 0 : price * amount;
    }

    private static String fish(OpenTank opened, KeeperAccount account) {
        List<Party> all = opened.assessment().arrivals().steps().stream()
                .map(Dated::arrival)
                .flatMap(a -> a.parties().stream())
                .toList();
        List<OptionalDouble> prices = all.stream().map(p -> p.hand().price()).toList();
        long open = prices.stream().filter(OptionalDouble::isEmpty).count();
        double sum = prices.stream()
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .sum();
        String money = opened.say().number(sum, 2) + (account.currency().isEmpty() ? "" : " " + account.currency());
        return all.isEmpty()
                ? ""
                : open == all.size()
                        ? opened.say().text("page.arrivals.noPriceOfAFishIsKnown")
                        : open == 0
                                ? opened.say().text("page.arrivals.theFishCost", money)
                                : opened.say().text("page.arrivals.theFishCostWithout", money, (int) open);
    }

    private static String shown(Double price, Words say) {
        return price == null ? "" : say.number(price);
    }

    @PostMapping("/tanks/{id}/arrivals/prices")
    String prices(
            OwnedTank tank,
            @RequestParam(defaultValue = "") String currency,
            @RequestParam(defaultValue = "") String food,
            @RequestParam(defaultValue = "") String sheet,
            @RequestParam(defaultValue = "") String salt,
            RedirectAttributes to) {
        plans.tank(tank);
        try {
            keeper.pays(currency.strip(), price(food), price(sheet), price(salt));
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return "redirect:/tanks/" + tank + "/arrivals/upkeep";
    }

    private static Double price(String typed) {
        String figure = typed.strip().replace(',', '.');
        if (figure.isEmpty()) {
            return null;
        }
        if (!figure.matches("\\d{1,6}(\\.\\d{1,4})?") || Double.parseDouble(figure) > MOST_PRICE) {
            throw new Refused(new ArrivalRefusal.NoPrice(typed));
        }
        return Double.valueOf(figure);
    }
}
