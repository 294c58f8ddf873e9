package pelluna.app.sharing;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.TankRole;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.rows.ShownOnce;
import pelluna.app.shell.Shells;
import pelluna.app.signin.Site;
import pelluna.words.Words;

/** The links of a tank: made, looked through, ended. */
@Controller
class LinksController {
    private static final List<Integer> DAYS = List.of(7, 30, 90);
    private static final String SHOWN = "shared";

    private final TankPlans plans;
    private final ShareLinks links;
    private final List<SharedPart> parts;
    private final CurrentKeeper keeper;
    private final ShownOnce shown;
    private final Shells shells;
    private final Clock clock;

    LinksController(
            TankPlans plans,
            ShareLinks links,
            List<SharedPart> parts,
            CurrentKeeper keeper,
            ShownOnce shown,
            Shells shells,
            Clock clock) {
        this.plans = plans;
        this.links = links;
        this.parts = parts;
        this.keeper = keeper;
        this.shown = shown;
        this.shells = shells;
        this.clock = clock;
    }

    /** One thing that can be shown. @param value as the form sends it: 'incident-3' */
    record Offer(String value, Shared what, String name) {}

    record Line(long id, Shared what, String name, String until, int opened, String last) {}

    @GetMapping("/tanks/{id}/links")
    String page(OwnedTank tank, @RequestParam(defaultValue = "") String what, Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        shells.around(model, opened, "people", say.text("page.links.title"), say.text("page.links.sentence"));
        List<Offer> offers = offers(tank);
        model.addAttribute("tab", "links");
        model.addAttribute("mayShare", tank.role() == TankRole.OWNER);
        model.addAttribute("offers", offers);
        model.addAttribute("chosen", what.isEmpty() ? "plan-0" : what);
        model.addAttribute("days", DAYS);
        model.addAttribute("link", shown.of(keeper.get().id(), tank.id(), SHOWN).orElse(null));
        model.addAttribute(
                "links",
                tank.role() == TankRole.OWNER
                        ? links.of(tank).stream().map(l -> line(l, offers, say)).toList()
                        : List.of());
        return "links";
    }

    private List<Offer> offers(OwnedTank tank) {
        return parts.stream()
                .sorted(Comparator.comparing(SharedPart::what))
                .flatMap(p -> p.choices(tank).stream()
                        .map(c -> new Offer(p.what().word() + "-" + c.which(), p.what(), c.name())))
                .toList();
    }

    private Line line(ShareLinks.Link l, List<Offer> offers, Words say) {
        String value = l.what().word() + "-" + l.which();
        return new Line(
                l.id(),
                l.what(),
                offers.stream()
                        .filter(o -> o.value().equals(value))
                        .map(Offer::name)
                        .findFirst()
                        .orElse(""),
                l.expires() == null ? "" : day(l.expires(), say),
                l.opened(),
                l.lastOpened() == null ? "" : day(l.lastOpened(), say));
    }

    private String day(Instant at, Words say) {
        return say.shortDate(at.atZone(clock.getZone()).toLocalDate());
    }

    /** The page shows the link for a while. @param what as an offer has it */
    @PostMapping("/tanks/{id}/links")
    String make(
            OwnedTank tank,
            @RequestParam String what,
            @RequestParam int days,
            HttpServletRequest request,
            RedirectAttributes to) {
        try {
            Offer offer = offers(tank).stream()
                    .filter(o -> o.value().equals(what))
                    .findFirst()
                    .filter(o -> DAYS.contains(days))
                    .orElseThrow(() -> new Refused("what", new SharingRefusal.NothingChosen()));
            long which = Long.parseLong(what.substring(what.lastIndexOf('-') + 1));
            String secret = links.make(tank, offer.what(), which, Duration.ofDays(days));
            shown.keep(keeper.get().id(), tank.id(), SHOWN, Site.of(request) + "/shared/" + secret);
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return "redirect:/tanks/" + tank + "/links";
    }

    @PostMapping("/tanks/{id}/links/end")
    String end(OwnedTank tank, @RequestParam long link) {
        links.end(tank, link);
        shown.forget(keeper.get().id(), tank.id(), SHOWN);
        return "redirect:/tanks/" + tank + "/links";
    }
}
