package pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishFiles;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.SolveTime;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.Schedule;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.outlook.WaterCourse;
import pelluna.core.plan.Party;
import pelluna.core.tension.Tension;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** The Arrivals place: who comes when, in the best order around the keeper's hand, and what the water says to it. */
@Controller
class ArrivalsController {
    private final TankPlans plans;
    private final PlanSteps steps;
    private final Shells shells;
    private final SolveTime time;
    private final CurrentKeeper keeper;

    ArrivalsController(TankPlans plans, PlanSteps steps, Shells shells, SolveTime time, CurrentKeeper keeper) {
        this.keeper = keeper;
        this.plans = plans;
        this.steps = steps;
        this.shells = shells;
        this.time = time;
    }

    /** The price of moving the chosen arrival to another place, against the order as it is. */
    record Move(int place, double price, String says) {}

    /**
     * @param at   a place in the order
     * @param fish a fish of the plan; stands over the place
     */
    @GetMapping("/tanks/{id}/arrivals")
    String arrivals(
            OwnedTank tank,
            @RequestParam(defaultValue = "1") int at,
            @RequestParam(defaultValue = "") String fish,
            Model model) {
        OpenTank opened = plans.open(tank);
        Schedule schedule = opened.assessment().arrivals();
        Dated chosen = chosen(schedule.steps(), at, fish);
        shells.around(
                model,
                opened,
                "arrivals",
                opened.say().text("page.arrivals.arrivals"),
                sentence(schedule, opened.say()) + stopped(opened));
        model.addAttribute("pictures", new FishFiles());
        model.addAttribute("tab", "lanes");
        model.addAttribute("steps", schedule.steps());
        model.addAttribute("chosen", chosen);
        model.addAttribute("chosenFish", chosen == null ? "" : LanesDrawing.ids(chosen));
        model.addAttribute(
                "riskRow",
                chosen == null
                        ? ""
                        : chosen.arrival().parties().stream()
                                .filter(p -> p.hand().risk().taken())
                                .map(p -> opened.wish(p.id()).orElseThrow().id().toString())
                                .findFirst()
                                .orElse(""));
        model.addAttribute(
                "others",
                schedule.steps().stream()
                        .filter(d -> d != chosen)
                        .map(d -> new Other(
                                LanesDrawing.ids(d),
                                plans.words().list(d.arrival().parties())))
                        .toList());
        model.addAttribute("mark", steps.mark(tank));
        model.addAttribute("undo", steps.last(tank).orElse(null));
        boolean byHand = byHand(schedule);
        model.addAttribute("byHand", byHand);
        Scheduler scheduler = scheduler(opened);
        model.addAttribute(
                "handPrice", byHand ? opened.say().of(scheduler.price(schedule).says()) : "");
        OptionalDouble grouping = scheduler.groupingPrice();
        model.addAttribute(
                "groupPrice", grouping.isEmpty() ? "" : grouping(Math.round(grouping.getAsDouble()), opened.say()));
        model.addAttribute("moves", chosen == null ? List.of() : moves(scheduler, schedule, chosen, opened.say()));
        model.addAttribute("tension", pairs(opened));
        model.addAttribute(
                "startOn",
                opened.tank().startOn() == null ? "" : opened.tank().startOn().toString());
        model.addAttribute("planStart", opened.say().date(opened.plan().startOn()));
        model.addAttribute("today", plans.today().toString());
        model.addAttribute("capacity", opened.assessment().capacity());
        model.addAttribute("rulers", LensRulers.draw(opened.assessment().capacity(), opened.plan(), opened.say()));
        model.addAttribute("school", opened.say().of(opened.plan().tank().school()));
        model.addAttribute("tested", !opened.plan().tests().isEmpty());
        water(model, opened, schedule, chosen);
        return "arrivals";
    }

    /** An arrival that another may be joined with. */
    record Other(String fish, String label) {}

    private void water(Model model, OpenTank opened, Schedule schedule, Dated chosen) {
        model.addAttribute("lanes", "");
        model.addAttribute("waterTable", "");
        model.addAttribute("waterSays", List.of());
        model.addAttribute("stepSays", "");
        if (chosen != null) {
            LanesDrawing lanes = new LanesDrawing(
                    opened,
                    chosen,
                    plans.today(),
                    opened.ahead().changes(),
                    keeper.get().currency());
            LocalDate until = lanes.axis().to();
            WaterCourse planned = opened.water(until).planned();
            WaterCourse atOnce = opened.water(until).atOnce();
            StripsDrawing strips = new StripsDrawing(
                    lanes.axis(),
                    opened.plan(),
                    planned.days(),
                    schedule.steps().size() > 1 ? atOnce.days() : List.of(),
                    opened.say());
            model.addAttribute("lanes", lanes.draw(strips));
            model.addAttribute("waterTable", strips.table());
            model.addAttribute(
                    "waterSays", WaterWords.of(opened.plan(), schedule, planned, atOnce, until, opened.say()));
            model.addAttribute("stepSays", WaterWords.step(planned, schedule, chosen, until, opened.say()));
        }
    }

    /** The price of an arrival at another place, in words; asked for while a lane is dragged. */
    @GetMapping("/tanks/{id}/arrivals/price")
    @ResponseBody
    String price(OwnedTank tank, @RequestParam String fish, @RequestParam int place) {
        OpenTank opened = plans.open(tank);
        Schedule schedule = opened.assessment().arrivals();
        Dated chosen = chosen(schedule.steps(), 1, fish.split(",")[0]);
        return chosen == null
                ? ""
                : moves(scheduler(opened), schedule, chosen, opened.say()).stream()
                        .filter(m -> m.place() == place)
                        .map(m -> opened.say().text("page.arrivals.place", place, m.says()))
                        .findFirst()
                        .orElse(opened.say().text("page.arrivals.place2", place));
    }

    private static String grouping(long points, Words say) {
        return points == 0
                ? say.text("page.arrivals.groupingAsCalm")
                : points > 0
                        ? say.text("page.arrivals.groupingCostsMore", (int) points)
                        : say.text("page.arrivals.groupingCostsLess", (int) -points);
    }

    private Scheduler scheduler(OpenTank opened) {
        return new Scheduler(opened.plan(), opened.assessment().bestSet().take(), time.begins());
    }

    private static boolean byHand(Schedule s) {
        return s.steps().stream()
                .anyMatch(d -> d.arrival().place() > 0 || d.arrival().on().isPresent());
    }

    private static Dated chosen(List<Dated> steps, int at, String fish) {
        return steps.stream()
                .filter(d -> d.arrival().parties().stream().anyMatch(p -> p.id().equals(fish)))
                .findFirst()
                .orElse(steps.isEmpty() ? null : steps.get(Math.max(0, Math.min(steps.size() - 1, at - 1))));
    }

    /** The pairs that live together once all have come, from Ripple on, hardest first. */
    private static List<Tension> pairs(OpenTank opened) {
        Set<String> living = Stream.concat(
                        opened.plan().residents().stream(), opened.assessment().bestSet().take().stream())
                .map(Party::id)
                .collect(Collectors.toSet());
        return opened.assessment().tension().stream()
                .filter(t -> t.step() != Step.CALM)
                .filter(t -> living.contains(t.aggressor().id())
                        && living.contains(t.target().id()))
                .sorted(Comparator.comparingDouble((Tension t) -> t.index()).reversed())
                .toList();
    }

    private static String stopped(OpenTank opened) {
        return opened.assessment().stopped().map(s -> " " + opened.say().of(s)).orElse("");
    }

    private static String sentence(Schedule s, Words say) {
        if (s.steps().isEmpty()) {
            return say.text("page.arrivals.nobodyIsOnTheWayYet");
        }
        LocalDate last = s.steps().get(s.steps().size() - 1).releaseOn();
        int n = s.steps().size();
        String order = n == 1
                ? ""
                : byHand(s)
                        ? (s.exact()
                                ? say.text("page.arrivals.theOrderIsByYourHandThe")
                                : say.text("page.arrivals.theOrderIsByYourHand"))
                        : s.exact()
                                ? say.text("page.arrivals.theCalmestOrderOf", orders(n, say))
                                : say.text(
                                        "page.arrivals.aCalmOrderNoOrderCouldSave", Math.round(s.cost() - s.bound()));
        return say.text("page.arrivals.doneBy", say.text("page.arrivals.arrivals2", n), last, order);
    }

    private static String orders(int n, Words say) {
        double orders = 1;
        for (int i = 2; i <= n; i++) {
            orders *= i;
        }
        return orders < 1e6
                ? say.grouped(Math.round(orders))
                : orders < 1e9
                        ? say.text("page.arrivals.million", Math.round(orders / 1e6))
                        : say.text("page.arrivals.moreThanABillion");
    }

    private static List<Move> moves(Scheduler scheduler, Schedule now, Dated chosen, Words say) {
        List<String> ids =
                now.steps().stream().map(d -> d.arrival().parties().get(0).id()).toList();
        List<Move> moves = new ArrayList<>();
        for (int place = 1; place <= ids.size(); place++) {
            if (place != chosen.position()) {
                List<String> order = new ArrayList<>(ids);
                String me = order.remove(chosen.position() - 1);
                order.add(place - 1, me);
                double price = scheduler.byHand(order).cost() - now.cost();
                moves.add(new Move(
                        place,
                        price,
                        place < chosen.position()
                                ? say.text("page.arrivals.pointsEarlier", points(price))
                                : say.text("page.arrivals.pointsLater", points(price))));
            }
        }
        return moves;
    }

    private static String points(double price) {
        return (price >= 0 ? "+" : "−") + Math.round(Math.abs(price));
    }
}
