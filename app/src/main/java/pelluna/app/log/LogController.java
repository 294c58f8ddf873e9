package pelluna.app.log;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.scenery.Sceneries;
import pelluna.app.shell.Shells;

/** The Log place: a sentence from four taps, a watch, the stream. */
@Controller
class LogController {
    private static final int SHOWN = 40;

    private final TankPlans plans;
    private final Individuals fish;
    private final LogBook log;
    private final Sentences sentences;
    private final WatchView watches;
    private final BesideTheLog beside;
    private final Authors authors;
    private final Shells shells;
    private final Clock clock;
    private final Sceneries sceneries;

    LogController(
            TankPlans plans,
            Individuals fish,
            LogBook log,
            Sentences sentences,
            WatchView watches,
            BesideTheLog beside,
            Authors authors,
            Shells shells,
            Clock clock,
            Sceneries sceneries) {
        this.plans = plans;
        this.fish = fish;
        this.log = log;
        this.sentences = sentences;
        this.watches = watches;
        this.beside = beside;
        this.authors = authors;
        this.shells = shells;
        this.clock = clock;
        this.sceneries = sceneries;
    }

    /** @param after number of a line; only those that stand below it */
    @GetMapping("/tanks/{id}/log")
    String log(
            OwnedTank tank,
            @RequestParam(required = false) Long after,
            @RequestParam(defaultValue = "") String typed,
            Model model) {
        OpenTank opened = plans.open(tank);
        List<Fish> all = fish.all(tank);
        List<Fish> there = all.stream().filter(Fish::there).toList();
        LogWords words = new LogWords(all, clock.getZone(), plans.today(), plans.words());
        WatchView.Seen watch = watches.of(opened, all);
        shells.around(model, opened, "log", opened.say().text("page.log.log"), watch.sentence());
        model.addAttribute("tab", "log");
        model.addAttribute("chips", Chips.fish(there, opened.say()));
        model.addAttribute("doings", Chips.doings(there.stream().anyMatch(Fish::boxed), opened.say()));
        model.addAttribute("reef", tapped(tank, opened));
        model.addAttribute("watch", watch);
        model.addAttribute("beside", beside.of(opened, all));
        List<ObservationEntity> rows = log.stream(tank, after, SHOWN + 1);
        Function<ObservationEntity, String> by = authors.of(tank, rows);
        model.addAttribute(
                "stream",
                rows.stream()
                        .limit(SHOWN)
                        .map(e -> words.line(e, by.apply(e)))
                        .collect(Collectors.groupingBy(LogWords.Line::day, LinkedHashMap::new, Collectors.toList())));
        model.addAttribute("older", rows.size() > SHOWN ? rows.get(SHOWN - 1).id() : null);
        model.addAttribute("typed", typed.length() > 200 ? typed.substring(0, 200) : typed);
        return "log";
    }

    /** How a sentence that is typed may go on. */
    record Offers(List<String> offers) {}

    @GetMapping("/tanks/{id}/log/complete")
    @ResponseBody
    Offers complete(OwnedTank tank, @RequestParam(defaultValue = "") String text) {
        return new Offers(sentences
                .reader(plans.open(tank), fish.there(tank))
                .completions(text.length() > 200 ? text.substring(0, 200) : text));
    }

    /** The tank from the front, small, to tap on. */
    private String tapped(OwnedTank tank, OpenTank opened) {
        String label = opened.say().text("page.log.theTankFromTheFrontTapWhere");
        return sceneries.framed(tank.id(), opened.plan().tank(), opened.say(), "reef tap-reef", label, "");
    }
}
