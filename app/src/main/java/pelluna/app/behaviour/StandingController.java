package pelluna.app.behaviour;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.OwnedTank;
import pelluna.app.chart.CourseDrawing;
import pelluna.app.drawing.HotSpots;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.introduction.Interventions;
import pelluna.app.log.LogFigures;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.scenery.Sceneries;
import pelluna.app.shell.Shells;
import pelluna.core.behaviour.Contests;
import pelluna.core.behaviour.Elo;
import pelluna.core.behaviour.Standing;
import pelluna.core.units.Hours;
import pelluna.core.units.Rounding;
import pelluna.words.Words;

/** Standing, pressure, hot spots, did it help, and what Pelluna has learned of each fish. */
@Controller
class StandingController {
    /** Days over which hot spots are counted. */
    private static final int HOT_DAYS = 14;

    private final TankPlans plans;
    private final Individuals fish;
    private final Behaviours behaviour;
    private final Interventions measures;
    private final LogFigures log;
    private final Shells shells;
    private final Clock clock;
    private final Sceneries sceneries;

    StandingController(
            TankPlans plans,
            Individuals fish,
            Behaviours behaviour,
            Interventions measures,
            LogFigures log,
            Shells shells,
            Clock clock,
            Sceneries sceneries) {
        this.plans = plans;
        this.fish = fish;
        this.behaviour = behaviour;
        this.measures = measures;
        this.log = log;
        this.shells = shells;
        this.clock = clock;
        this.sceneries = sceneries;
    }

    /** What was done, as the page shows it. */
    record Done(String title, String when, String says, String figures, String test) {}

    @GetMapping("/tanks/{id}/log/pecking-order")
    String standing(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<Fish> all = fish.all(tank);
        List<Fish> there = all.stream().filter(Fish::there).toList();
        Standing standing = behaviour.standing(tank, there);
        Map<String, Fish> byId = Behaviours.byId(all);
        List<Interventions.Told> told = measures.told(tank, null);
        shells.around(
                model,
                opened,
                "log",
                opened.say().text("page.behaviour.standingAndPressure"),
                opened.say().of(standing.order()));
        model.addAttribute("tab", "standing");
        model.addAttribute("standing", standing);
        model.addAttribute("ladder", Beside.ladder(standing, byId, opened.say()));
        model.addAttribute(
                "figures",
                opened.say()
                        .text(
                                "page.behaviour.steepness",
                                Rounding.to(2, standing.steepness()),
                                Rounding.to(2, standing.linearity()),
                                Rounding.to(1, 100 * standing.chance())));
        model.addAttribute("pressed", behaviour.pressed(tank, there));
        model.addAttribute("settling", behaviour.settling(tank));
        model.addAttribute("learned", behaviour.learned(opened, all));
        model.addAttribute(
                "watched",
                opened.say()
                        .of(new Hours(log.watches(tank).stream()
                                .mapToDouble(w -> w.hours())
                                .sum())));
        course(model, opened, byId, told);
        hot(model, opened, tank);
        model.addAttribute(
                "done", told.stream().map(t -> done(t, byId, opened.say())).toList());
        return "standing";
    }

    private void course(Model model, OpenTank opened, Map<String, Fish> byId, List<Interventions.Told> told) {
        LogFigures.Course course = log.course(opened.owned());
        List<Contests.Won> won = course.won();
        Map<String, String> names = new LinkedHashMap<>();
        won.forEach(w -> List.of(w.winner(), w.loser())
                .forEach(one -> names.computeIfAbsent(
                        one,
                        f -> byId.containsKey(f)
                                ? opened.say().title(byId.get(f).kind(opened.say()))
                                : opened.say().text("page.behaviour.gone"))));
        Map<LocalDate, String> marks = new TreeMap<>();
        told.forEach(t -> marks.merge(
                t.taken().began().atZone(clock.getZone()).toLocalDate(),
                opened.say().title(t.taken().measure()),
                (a, b) -> a + "; " + b));
        model.addAttribute(
                "course",
                CourseDrawing.draw(Elo.course(won), course.moments(), names, marks, clock.getZone(), opened.say()));
        model.addAttribute(
                "doneOn",
                marks.entrySet().stream()
                        .map(e -> opened.say().shortDate(e.getKey()) + ": " + e.getValue())
                        .collect(Collectors.joining(" · ")));
    }

    private void hot(Model model, OpenTank opened, OwnedTank tank) {
        List<LogFigures.Place> places = log.places(tank, HOT_DAYS);
        String over = HotSpots.over(
                opened.plan().tank(),
                places.stream().map(LogFigures.Place::at).toList(),
                places.stream().map(LogFigures.Place::times).toList());
        model.addAttribute(
                "hot",
                sceneries.framed(
                        tank.id(),
                        opened.plan().tank(),
                        opened.say(),
                        "reef",
                        opened.say().text("page.behaviour.hotSpotsOfTheLastDaysOn", HOT_DAYS),
                        over));
        model.addAttribute(
                "hotActs", places.stream().mapToInt(LogFigures.Place::times).sum());
    }

    private Done done(Interventions.Told t, Map<String, Fish> byId, Words say) {
        Fish f = byId.get(String.valueOf(t.forFish()));
        Fish by = byId.get(String.valueOf(t.byFish()));
        String when = say.shortDate(t.taken().began().atZone(clock.getZone()).toLocalDate())
                + t.taken()
                        .ended()
                        .map(e -> say.text(
                                "page.behaviour.to", e.atZone(clock.getZone()).toLocalDate()))
                        .orElse(say.text("page.behaviour.goesOn"));
        return new Done(
                say.title(t.taken().measure())
                        + (f == null ? "" : say.text("page.behaviour.forFish", f.said()))
                        + (by == null ? "" : say.text("page.behaviour.againstFish", by.said())),
                when,
                t.says(say),
                say.of(t.taken().did().counts()),
                t.taken().did().inFigures().map(say::of).orElse(""));
    }

    @PostMapping("/tanks/{id}/log/pecking-order/aside")
    String aside(OwnedTank tank, @RequestParam("fish") long which, @RequestParam boolean aside) {
        fish.setsAside(tank, which, aside);
        return "redirect:/tanks/" + tank + "/log/pecking-order";
    }
}
