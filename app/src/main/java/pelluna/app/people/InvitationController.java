package pelluna.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.SignedIn;
import pelluna.app.limits.Refused;
import pelluna.app.shell.Shells;
import pelluna.app.signin.Door;
import pelluna.words.Words;

/** The link of an invitation: for who has an account, and for who makes one by it. */
@Controller
class InvitationController {
    private final Invitations invitations;
    private final CurrentKeeper keeper;
    private final Shells shells;
    private final Door door;

    InvitationController(Invitations invitations, CurrentKeeper keeper, Shells shells, Door door) {
        this.invitations = invitations;
        this.keeper = keeper;
        this.shells = shells;
        this.door = door;
    }

    @GetMapping("/invitation/{secret}")
    String page(@PathVariable String secret, Model model) {
        Words say = keeper.words();
        boolean known = SignedIn.id().isPresent();
        if (known) {
            shells.around(model, "invitation", say.text("page.people.invitation"), "");
        } else {
            Shells.bare(model, say.text("page.people.invitation"), say);
        }
        Optional<Invitations.Offer> offer = invitations.look(secret);
        model.addAttribute("offer", offer.orElse(null));
        model.addAttribute("secret", secret);
        model.addAttribute("known", known);
        return "invitation";
    }

    @PostMapping("/invitation/{secret}")
    String accept(
            @PathVariable String secret,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String password,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes to) {
        try {
            if (SignedIn.id().isPresent()) {
                return "redirect:/tanks/" + invitations.accept(secret) + "/today";
            }
            door.letIn(invitations.acceptAnew(secret, name, password), request, response);
            return "redirect:/";
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/invitation/" + secret;
        }
    }
}
