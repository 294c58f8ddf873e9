package pelluna.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Ownership;
import pelluna.app.limits.Refused;
import pelluna.app.shell.Shells;
import pelluna.words.Words;

/** The keeper's own account: name, address, password, passkeys, and where it is signed in. */
@Controller
class AccountController {
    private static final String PAGE = "redirect:/account";
    /** As the time zone database names places; without its abbreviations and offsets. */
    private static final List<String> ZONES = ZoneId.getAvailableZoneIds().stream()
            .filter(z -> z.contains("/") && !z.startsWith("Etc/") && !z.startsWith("SystemV/"))
            .sorted()
            .toList();

    private final CurrentKeeper keeper;
    private final Account account;
    private final EndOfAccount end;
    private final Ownership ownership;
    private final Recently recently;
    private final Shells shells;
    private final Clock clock;

    AccountController(
            CurrentKeeper keeper,
            Account account,
            EndOfAccount end,
            Ownership ownership,
            Recently recently,
            Shells shells,
            Clock clock) {
        this.keeper = keeper;
        this.account = account;
        this.end = end;
        this.ownership = ownership;
        this.recently = recently;
        this.shells = shells;
        this.clock = clock;
    }

    /** A sign-in in a line. @param here whether it is this one */
    record PlaceLine(String device, String since, String last, boolean here) {}

    /** A passkey in a line. */
    record PasskeyLine(String id, String label, String made) {}

    @GetMapping("/account")
    String page(@RequestParam(required = false) String done, HttpServletRequest request, Model model) {
        Words say = keeper.words();
        KeeperAccount own = keeper.get();
        shells.around(model, "account", say.text("page.account.title"), say.text("page.account.sentence"));
        model.addAttribute("done", done == null ? "" : done(done, say));
        model.addAttribute("own", own);
        model.addAttribute("canPasskey", PasskeysOfThisName.canBe(request.getServerName()));
        model.addAttribute("recently", recently.is(request));
        model.addAttribute(
                "passkeys",
                account.passkeys().stream()
                        .map(p -> new PasskeyLine(p.id(), p.label(), day(p.made(), say)))
                        .toList());
        List<PlaceLine> places = account.places(request.getSession().getId()).stream()
                .map(p -> new PlaceLine(Browsers.name(p.device()), day(p.since(), say), day(p.last(), say), p.here()))
                .toList();
        model.addAttribute("places", places);
        model.addAttribute("zone", own.zone().map(ZoneId::getId).orElse(""));
        model.addAttribute("zones", ZONES);
        return "account";
    }

    private static String done(String what, Words say) {
        return switch (what) {
            case "password" -> say.text("page.account.passwordChanged");
            case "written" -> say.text("page.account.written");
            case "moved" -> say.text("page.account.moved");
            case "elsewhere" -> say.text("page.account.endedElsewhere");
            default -> "";
        };
    }

    private String day(Instant at, Words say) {
        return say.shortDate(at.atZone(clock.getZone()).toLocalDate());
    }

    @PostMapping("/account/name")
    String rename(@RequestParam String name, RedirectAttributes to) {
        return told(to, PAGE, () -> account.rename(name));
    }

    @PostMapping("/account/zone")
    String zone(@RequestParam String zone, RedirectAttributes to) {
        return told(to, PAGE, () -> account.livesIn(zone));
    }

    @PostMapping("/account/password")
    String changePassword(
            @RequestParam(defaultValue = "") String current,
            @RequestParam String password,
            HttpServletRequest request,
            RedirectAttributes to) {
        String session = request.getSession().getId();
        return told(to, PAGE + "?done=password", () -> {
            account.changePassword(current, password, request.getRemoteAddr(), session);
            recently.shown(request);
        });
    }

    @PostMapping("/account/confirm")
    String confirm(@RequestParam String current, HttpServletRequest request, RedirectAttributes to) {
        return told(to, PAGE, () -> {
            account.confirmed(current, request.getRemoteAddr());
            recently.shown(request);
        });
    }

    @PostMapping("/account/address")
    String asksToMove(
            @RequestParam String email,
            @RequestParam(defaultValue = "") String current,
            HttpServletRequest request,
            RedirectAttributes to) {
        return told(
                to,
                PAGE + "?done=written",
                () -> account.asksToMove(email, current, request.getRemoteAddr(), Site.of(request)));
    }

    @GetMapping("/account/address/{secret}")
    String address(@PathVariable String secret, Model model) {
        Words say = keeper.words();
        shells.around(model, "account", say.text("page.account.newAddress"), "");
        model.addAttribute("secret", secret);
        return "account-address";
    }

    @PostMapping("/account/address/{secret}")
    String moves(@PathVariable String secret, RedirectAttributes to) {
        return told(to, PAGE + "?done=moved", () -> account.moves(secret));
    }

    @PostMapping("/account/passkeys/{passkey}/remove")
    String removePasskey(@PathVariable String passkey) {
        account.removePasskey(passkey);
        return PAGE;
    }

    @PostMapping("/account/elsewhere")
    String showOutElsewhere(HttpServletRequest request) {
        account.showOutElsewhere(request.getSession().getId());
        return PAGE + "?done=elsewhere";
    }

    /** The second question, with what would be gone. */
    @GetMapping("/account/delete")
    String ask(Model model) {
        Words say = keeper.words();
        shells.around(model, "account", say.text("page.account.delete"), say.text("page.account.deleteSentence"));
        model.addAttribute("own", keeper.get());
        model.addAttribute("tanks", ownership.own().size());
        return "account-delete";
    }

    @PostMapping("/account/delete")
    String delete(
            @RequestParam(defaultValue = "") String current,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes to) {
        try {
            end.delete(current, request.getRemoteAddr());
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/account/delete";
        }
        request.getSession().invalidate();
        SecurityContextHolder.clearContext();
        response.setHeader("Clear-Site-Data", "\"storage\"");
        return "redirect:/sign-in?gone";
    }

    private static String told(RedirectAttributes to, String then, Runnable what) {
        try {
            what.run();
        } catch (Refused e) {
            Refused.tell(to, e);
            return PAGE;
        }
        return then;
    }
}
