package pelluna.app.log;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.limits.Moments;
import pelluna.app.limits.Takes;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.behaviour.EventType;

/** Roll call at a feeding: who came, who ate. */
@Controller
class RollController {
    private final TankPlans plans;
    private final Individuals fish;
    private final LogBook log;
    private final LogFigures figures;
    private final Shells shells;
    private final Clock clock;

    RollController(TankPlans plans, Individuals fish, LogBook log, LogFigures figures, Shells shells, Clock clock) {
        this.plans = plans;
        this.fish = fish;
        this.log = log;
        this.figures = figures;
        this.shells = shells;
        this.clock = clock;
    }

    /** A fish on the roll, with when it was last seen and last ate. */
    record Row(Fish fish, String picture, String seen, String ate, boolean missing) {}

    @GetMapping("/tanks/{id}/log/head-count")
    String roll(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<Fish> all = fish.all(tank);
        LogFigures.LastNotes notes = figures.last(tank);
        LogWords words = new LogWords(all, clock.getZone(), plans.today(), plans.words());
        List<Row> rows = all.stream()
                .filter(Fish::there)
                .map(f -> new Row(
                        f,
                        FishDrawing.img(f.species(), 60),
                        when(words, notes.seen(f.id())),
                        when(words, notes.of(f.id()).get(EventType.EATS)),
                        f.missing()))
                .toList();
        shells.around(
                model,
                opened,
                "log",
                opened.say().text("page.log.rollCall"),
                rows.isEmpty()
                        ? opened.say().text("page.log.nobodyLivesHereYet")
                        : opened.say().text("page.log.atAFeedingWhoCameWhoAte"));
        model.addAttribute("tab", "roll");
        model.addAttribute("rows", rows);
        return "roll";
    }

    private String when(LogWords words, Instant at) {
        return at == null
                ? plans.words().text("page.log.neverNoted")
                : words.day(at.atZone(clock.getZone()).toLocalDate()) + ", " + words.time(at);
    }

    /** What was tapped: {@code f12=eats}; {@code all=eats} for everybody that was not tapped otherwise. */
    @PostMapping("/tanks/{id}/log/head-count")
    String call(OwnedTank tank, @Takes({"all", "food", "at", "*"}) @RequestParam Map<String, String> form) {
        Instant at = Moments.of(form, log.now());
        Map<Fish, EventType> answers = new LinkedHashMap<>();
        for (Fish f : fish.there(tank)) {
            EventType said = doing(
                    form.getOrDefault("f" + f.id(), form.containsKey("all") && !f.missing() ? form.get("all") : ""));
            if (said != null) {
                answers.put(f, said);
            }
        }
        if (!answers.isEmpty()) {
            String food = form.getOrDefault("food", "").strip();
            log.write(
                    tank,
                    new Observation(
                            at,
                            EventType.FED,
                            null,
                            null,
                            null,
                            null,
                            1,
                            1,
                            food.isEmpty() ? plans.words().text("page.log.rollCallFish", answers.size()) : food,
                            null));
            answers.forEach((f, d) -> log.write(tank, Observation.of(at, d, f.id())));
        }
        return "redirect:/tanks/" + tank + "/log/head-count";
    }

    private static EventType doing(String word) {
        return switch (word) {
            case "eats" -> EventType.EATS;
            case "seen" -> EventType.SEEN;
            case "not-eating" -> EventType.NOT_EATING;
            case "absent" -> EventType.ABSENT;
            default -> null;
        };
    }
}
