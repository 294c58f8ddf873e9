package pelluna.app.today;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishFiles;
import pelluna.app.fish.Fish;
import pelluna.app.log.Feedings;
import pelluna.app.reefscape.TankNow;
import pelluna.app.shell.Shells;
import pelluna.core.catalogue.Pace;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.Tank;
import pelluna.words.Words;

/** One page for whoever minds the tank while its keeper is away: what to feed, whom to count, whom to call. */
@Controller
class AwayController {
    private static final int LATELY_DAYS = 21;
    private static final int FOODS = 4;
    private static final int WATCHED = 4;

    private final TodayLists lists;
    private final Feedings feedings;
    private final Shells shells;
    private final TankNow now;

    AwayController(TodayLists lists, Feedings feedings, Shells shells, TankNow now) {
        this.lists = lists;
        this.feedings = feedings;
        this.shells = shells;
        this.now = now;
    }

    /** Somebody to count. */
    record Head(Species species, String name, int count) {}

    @GetMapping("/tanks/{id}/today/away")
    String away(OwnedTank tank, Model model) {
        TodayLists.Lists today = lists.of(tank);
        Words say = today.opened().say();
        shells.around(model, today.opened(), "today", say.text("page.away.title"), say.text("page.away.sentence"));
        List<Fish> heads = today.there().stream()
                .filter(f -> f.partOf() == null)
                .sorted(Comparator.comparing(Fish::id))
                .toList();
        int fish = heads.stream().mapToInt(Fish::count).sum();
        model.addAttribute(
                "now",
                now.draw(today.opened(), today.opened().plan().startOn(), say.text("page.today.fishInTheTank", fish)));
        model.addAttribute("fish", fish);
        model.addAttribute(
                "heads",
                heads.stream()
                        .map(f -> new Head(f.species(), say.title(f.label(say)), f.count()))
                        .toList());
        model.addAttribute("feed", feed(today.opened().plan().tank(), foods(tank), heads, say));
        model.addAttribute("hurts", names(heads, s -> !s.hazards().isEmpty(), say));
        model.addAttribute(
                "watched", today.watch().stream().limit(WATCHED).map(Item::says).toList());
        model.addAttribute("warm", say.temperature(today.opened().plan().tank().temperatureC()));
        model.addAttribute("pictures", new FishFiles());
        return "away";
    }

    /** What was given lately, the newest first, each once. */
    private List<String> foods(OwnedTank tank) {
        List<String> all = new ArrayList<>();
        feedings.meals(tank, LATELY_DAYS).stream()
                .filter(m -> !m.seaweed() && !m.note().isBlank())
                .map(Feedings.Meal::note)
                .forEach(n -> {
                    all.remove(n);
                    all.add(0, n);
                });
        return all.stream().limit(FOODS).toList();
    }

    private static List<String> feed(Tank tank, List<String> foods, List<Fish> heads, Words say) {
        List<String> slow =
                names(heads, s -> s.diet().pace() == Pace.SLOW || s.diet().hard() >= 4, say);
        return Stream.of(
                        say.text("page.away.meals", tank.mealsADay()),
                        foods.isEmpty() ? "" : say.text("page.away.foods", String.join(", ", foods)),
                        tank.seaweed() ? say.text("page.away.seaweed") : "",
                        slow.isEmpty() ? "" : say.text("page.away.slow", say.list(slow)),
                        say.text("page.away.less"))
                .filter(s -> !s.isEmpty())
                .toList();
    }

    private static List<String> names(List<Fish> heads, Predicate<Species> which, Words say) {
        return heads.stream()
                .map(Fish::species)
                .filter(which)
                .distinct()
                .map(say::of)
                .toList();
    }
}
