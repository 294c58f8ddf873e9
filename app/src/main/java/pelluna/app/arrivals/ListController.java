package pelluna.app.arrivals;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.reefscape.TankNow;
import pelluna.app.rows.ShownOnce;
import pelluna.app.shell.Shells;
import pelluna.app.signin.Site;
import pelluna.core.arrivals.Dated;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.introduction.AtTheShop;
import pelluna.core.plan.Party;

/** What to buy in which order, on one printed page; and the calendar, as a file and by a private link. */
@Controller
class ListController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);
    private static final int MOST_DAYS = 60;
    private static final String SHOWN = "calendar";

    private final TankPlans plans;
    private final PlanSteps steps;
    private final Calendars calendars;
    private final CurrentKeeper keeper;
    private final KeeperCatalogue catalogue;
    private final ShownOnce shown;
    private final Shells shells;
    private final TankNow now;

    ListController(
            TankPlans plans,
            PlanSteps steps,
            Calendars calendars,
            CurrentKeeper keeper,
            KeeperCatalogue catalogue,
            ShownOnce shown,
            Shells shells,
            TankNow now) {
        this.plans = plans;
        this.steps = steps;
        this.calendars = calendars;
        this.keeper = keeper;
        this.catalogue = catalogue;
        this.shown = shown;
        this.shells = shells;
        this.now = now;
    }

    /** One line of the shop list. */
    record Item(
            String fish,
            String drawing,
            LocalDate buyOn,
            LocalDate releaseOn,
            String label,
            String length,
            List<String> look,
            String price) {}

    @GetMapping("/tanks/{id}/arrivals/list")
    String list(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<Item> items = items(opened, catalogue.get());
        shells.around(
                model,
                opened,
                "arrivals",
                opened.say().text("page.arrivals.shopListAndCalendar"),
                items.isEmpty()
                        ? opened.say().text("page.arrivals.nothingToBuyYet")
                        : opened.say()
                                .text(
                                        "page.arrivals.theNextOn",
                                        opened.say().text("page.arrivals.purchases", items.size()),
                                        items.get(0).buyOn()));
        List<Diary> days = Diary.of(opened).stream()
                .filter(d -> !d.on().isBefore(plans.today()))
                .limit(MOST_DAYS)
                .toList();
        LocalDate in = opened.ahead().outlook().lastArrival();
        String seen = opened.say().text("page.arrivals.allIn", in);
        model.addAttribute("seen", seen);
        model.addAttribute("whole", now.draw(opened, in, seen));
        model.addAttribute("tab", "list");
        model.addAttribute("items", items);
        model.addAttribute("days", days);
        model.addAttribute("currency", keeper.get().currency());
        model.addAttribute("mark", steps.mark(tank));
        model.addAttribute("link", shown.of(keeper.get().id(), tank.id(), SHOWN).orElse(null));
        model.addAttribute("open", calendars.link(tank).orElse(null));
        return "shop-list";
    }

    static List<Item> items(OpenTank opened, Catalogue catalogue) {
        List<Item> items = new ArrayList<>();
        for (Dated d : opened.assessment().arrivals().steps()) {
            for (Party p : d.arrival().parties()) {
                items.add(new Item(
                        p.id(),
                        FishDrawing.alone(p.species().lookAt(p.lengthCm()), "", 60, "s" + p.id()),
                        d.quarantineFrom().orElse(d.boxFrom()),
                        d.releaseOn(),
                        opened.say().of(p),
                        opened.say().length(p.lengthCm()),
                        AtTheShop.of(p.species(), catalogue).look().stream()
                                .map(l -> opened.say().of(l.says()))
                                .limit(2)
                                .toList(),
                        p.hand().price().isPresent()
                                ? opened.say().number(p.hand().price().getAsDouble())
                                : ""));
            }
        }
        return items;
    }

    @PostMapping("/tanks/{id}/calendar/open")
    String open(OwnedTank tank, HttpServletRequest request) {
        String link = Site.of(request) + "/calendar/" + calendars.open(tank) + ".ics";
        shown.keep(keeper.get().id(), tank.id(), SHOWN, link);
        return "redirect:/tanks/" + tank + "/arrivals/list";
    }

    @PostMapping("/tanks/{id}/calendar/close")
    String close(OwnedTank tank) {
        calendars.close(tank);
        shown.forget(keeper.get().id(), tank.id(), SHOWN);
        return "redirect:/tanks/" + tank + "/arrivals/list";
    }

    @GetMapping("/tanks/{id}/calendar.ics")
    ResponseEntity<String> file(OwnedTank tank) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"pelluna-" + tank + ".ics\"")
                .body(calendars.file(tank));
    }

    /** The subscription: nobody else's business, so it is not kept by caches and not found by guessing. */
    @GetMapping("/calendar/{token}.ics")
    ResponseEntity<String> subscribed(@PathVariable String token) {
        return calendars
                .byToken(token)
                .map(text -> ResponseEntity.ok()
                        .contentType(CALENDAR)
                        .header(HttpHeaders.CACHE_CONTROL, "private, no-cache")
                        .body(text))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }
}
