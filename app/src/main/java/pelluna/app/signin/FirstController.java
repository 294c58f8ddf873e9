package pelluna.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.Keepers;
import pelluna.app.limits.Refused;
import pelluna.app.shell.Shells;
import pelluna.words.Words;

/** The first visit to a server: the account of who runs it. */
@Controller
class FirstController {
    private final CurrentKeeper keeper;
    private final Keepers keepers;
    private final FirstAccount first;
    private final Door door;

    FirstController(CurrentKeeper keeper, Keepers keepers, FirstAccount first, Door door) {
        this.keeper = keeper;
        this.keepers = keepers;
        this.first = first;
        this.door = door;
    }

    @GetMapping("/first")
    String page(Model model) {
        if (keepers.any()) {
            return "redirect:/";
        }
        Words say = keeper.words();
        Shells.bare(model, say.text("page.first.title"), say);
        return "first";
    }

    @PostMapping("/first")
    String make(
            @RequestParam String code,
            @RequestParam String name,
            @RequestParam String email,
            @RequestParam String password,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes to) {
        try {
            door.letIn(first.make(code, name, email, password, request.getRemoteAddr()), request, response);
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/first";
        }
        return "redirect:/";
    }
}
