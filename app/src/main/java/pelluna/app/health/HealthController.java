package pelluna.app.health;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.HotSpots;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.limits.Moments;
import pelluna.app.limits.Takes;
import pelluna.app.log.Feedings;
import pelluna.app.log.LogBook;
import pelluna.app.log.Observation;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.scenery.Sceneries;
import pelluna.app.shell.Shells;
import pelluna.core.behaviour.EventType;
import pelluna.core.capacity.Upkeep;
import pelluna.core.capacity.Waste;
import pelluna.core.health.Sign;
import pelluna.core.sighting.Sighting;

/** Health and food: signs and what they may mean, meals, feeding places, seaweed. */
@Controller
class HealthController {
    private static final int DAYS = 14;
    private static final int SHOWN = 12;

    private final TankPlans plans;
    private final Individuals fish;
    private final HealthBoard health;
    private final Feedings feedings;
    private final LogBook log;
    private final Shells shells;
    private final Sceneries sceneries;

    HealthController(
            TankPlans plans,
            Individuals fish,
            HealthBoard health,
            Feedings feedings,
            LogBook log,
            Shells shells,
            Sceneries sceneries) {
        this.plans = plans;
        this.fish = fish;
        this.health = health;
        this.feedings = feedings;
        this.log = log;
        this.shells = shells;
        this.sceneries = sceneries;
    }

    @GetMapping("/tanks/{id}/log/health")
    String health(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<Fish> there = fish.there(tank);
        HealthBoard.All all = health.of(tank, there);
        List<HealthBoard.Mind> minds = new ArrayList<>(all.fasting());
        minds.addAll(all.signs());
        List<Feedings.Meal> meals = feedings.meals(tank, DAYS);
        shells.around(
                model,
                opened,
                "log",
                opened.say().text("page.health.healthAndFood"),
                minds.isEmpty()
                        ? opened.say().text("page.health.noSignOfAnythingWrongHasBeen")
                        : opened.say()
                                .text("page.health.toMind2", opened.say().text("page.health.things", minds.size())));
        model.addAttribute("tab", "health");
        model.addAttribute("minds", minds);
        model.addAttribute("unseen", all.unseen());
        model.addAttribute("vet", plans.words().of(new Sign.AskAVet()));
        model.addAttribute("mealSays", mealSays(opened, meals));
        model.addAttribute("seaweedSays", seaweedSays(opened, meals));
        model.addAttribute("places", placesSays(opened, meals));
        model.addAttribute("reef", reef(tank, opened, meals));
        List<Feedings.Meal> newest = new ArrayList<>(meals.subList(Math.max(0, meals.size() - SHOWN), meals.size()));
        Collections.reverse(newest);
        model.addAttribute("meals", newest);
        return "health";
    }

    /** Meals a day as logged against what the fish ask for. */
    private String mealSays(OpenTank opened, List<Feedings.Meal> meals) {
        long fed = meals.stream().filter(m -> !m.seaweed()).count();
        if (fed == 0) {
            return opened.say().text("page.health.noMealHasBeenLoggedInDays", DAYS);
        }
        LocalDate first = meals.stream()
                .filter(m -> !m.seaweed())
                .map(Feedings.Meal::on)
                .findFirst()
                .orElse(plans.today());
        long days = Math.max(1, ChronoUnit.DAYS.between(first, plans.today()) + 1);
        int asked = Upkeep.of(
                        opened.plan().tank(),
                        opened.plan().residents(),
                        opened.plan().startOn(),
                        Waste.of(opened.plan()))
                .meals();
        return opened.say()
                .text(
                        "page.health.inDaysADayAsLoggedYour",
                        opened.say().text("page.health.meals2", (int) fed),
                        (int) days,
                        opened.say().number((double) fed / days, 1),
                        asked);
    }

    private String seaweedSays(OpenTank opened, List<Feedings.Meal> meals) {
        List<String> grazers = opened.plan().residents().stream()
                .filter(p -> p.species().diet().algaeDaily())
                .map(opened.say()::of)
                .toList();
        Optional<Feedings.Meal> last =
                meals.stream().filter(Feedings.Meal::seaweed).reduce((a, b) -> b);
        if (grazers.isEmpty() && last.isEmpty()) {
            return "";
        }
        String who = grazers.isEmpty()
                ? ""
                : opened.say()
                        .text(
                                "page.health.forDailyOrEverySecondDay",
                                opened.say().list(grazers));
        return last.map(m -> m.on().equals(plans.today())
                        ? opened.say().text("page.health.seaweedLastToday", who)
                        : opened.say().text("page.health.seaweedLast", who, m.on()))
                .orElse(opened.say().text("page.health.seaweedNoneLoggedInDays", who, DAYS));
    }

    /** Whether all is given in one place. */
    private static String placesSays(OpenTank opened, List<Feedings.Meal> meals) {
        List<Double> xs = meals.stream()
                .flatMap(m -> m.at().stream())
                .map(Sighting.Spot::x)
                .toList();
        if (xs.isEmpty()) {
            return opened.say().text("page.health.tapTheTankWhenYouLogA");
        }
        double spread = xs.stream().mapToDouble(x -> x).max().orElse(0)
                - xs.stream().mapToDouble(x -> x).min().orElse(0);
        return spread < 0.3
                ? opened.say().text("page.health.allOfItInPlaceTwoPlaces")
                : opened.say()
                        .text(
                                "page.health.givenAtPlacesApart",
                                opened.say()
                                        .length(spread * opened.plan().tank().lengthCm()));
    }

    private String reef(OwnedTank tank, OpenTank opened, List<Feedings.Meal> meals) {
        List<Sighting.Spot> at = meals.stream().flatMap(m -> m.at().stream()).toList();
        return sceneries.framed(
                tank.id(),
                opened.plan().tank(),
                opened.say(),
                "reef tap-feed",
                opened.say().text("page.health.theTankFromTheFrontWithIts"),
                HotSpots.over(opened.plan().tank(), at, at.stream().map(s -> 1).toList()));
    }

    @PostMapping("/tanks/{id}/log/feed")
    String feed(
            OwnedTank tank,
            @RequestParam(defaultValue = "fed") String what,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(required = false) Double x,
            @RequestParam(required = false) Double y,
            @Takes({"at"}) @RequestParam Map<String, String> form) {
        boolean placed = x != null && y != null && x >= 0 && x <= 1 && y >= 0 && y <= 1;
        log.write(
                tank,
                new Observation(
                        Moments.of(form, log.now()),
                        what.equals("seaweed") ? EventType.SEAWEED : EventType.FED,
                        null,
                        null,
                        placed ? x : null,
                        placed ? y : null,
                        1,
                        1,
                        note,
                        null));
        return "redirect:/tanks/" + tank + "/log/health";
    }
}
