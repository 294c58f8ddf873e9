package pelluna.app.tokens;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.limits.Refused;
import pelluna.app.rows.ShownOnce;
import pelluna.app.shell.Shells;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** The keeper's programs: what each may do, and since when. */
@Controller
class TokenController {
    private static final String PAGE = "redirect:/account/programs";
    private static final List<Integer> DAYS = List.of(30, 90, 365);
    private static final String SHOWN = "token";
    private static final long NO_TANK = 0;

    private final Tokens tokens;
    private final CurrentKeeper keeper;
    private final ShownOnce shown;
    private final Shells shells;
    private final Clock clock;

    TokenController(Tokens tokens, CurrentKeeper keeper, ShownOnce shown, Shells shells, Clock clock) {
        this.tokens = tokens;
        this.keeper = keeper;
        this.shown = shown;
        this.shells = shells;
        this.clock = clock;
    }

    /** A token in a line. @param used a day; empty if never */
    record Line(long id, String name, Scope scope, String until, String used) {}

    @GetMapping("/account/programs")
    String page(Model model) {
        Words say = keeper.words();
        shells.around(model, "account", say.text("page.programs.title"), say.text("page.programs.sentence"));
        model.addAttribute("scopes", Scope.values());
        model.addAttribute("days", DAYS);
        model.addAttribute("secret", shown.of(keeper.get().id(), NO_TANK, SHOWN).orElse(null));
        model.addAttribute(
                "tokens",
                tokens.own().stream()
                        .map(t -> new Line(
                                t.id(),
                                t.name(),
                                t.scope(),
                                day(t.until(), say),
                                t.used() == null ? "" : say.shortDate(t.used())))
                        .toList());
        return "account-programs";
    }

    private String day(Instant at, Words say) {
        return say.shortDate(at.atZone(clock.getZone()).toLocalDate());
    }

    /** The page shows the token for a while. */
    @PostMapping("/account/programs")
    String make(@RequestParam String name, @RequestParam String scope, @RequestParam int days, RedirectAttributes to) {
        try {
            Scope may = Named.find(Scope.class, scope)
                    .filter(s -> DAYS.contains(days))
                    .orElseThrow(() -> new Refused("scope", new TokenRefusal.NoScope()));
            shown.keep(keeper.get().id(), NO_TANK, SHOWN, tokens.make(name, may, Duration.ofDays(days)));
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return PAGE;
    }

    @PostMapping("/account/programs/{token}/end")
    String end(@PathVariable long token) {
        tokens.end(token);
        shown.forget(keeper.get().id(), NO_TANK, SHOWN);
        return PAGE;
    }
}
