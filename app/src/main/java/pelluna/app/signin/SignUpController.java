package pelluna.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.limits.Refused;
import pelluna.app.shell.Shells;
import pelluna.words.Words;

/** A new account: an address, the link that was sent to it, then a name and a password. */
@Controller
class SignUpController {
    private final CurrentKeeper keeper;
    private final SignUp signUp;
    private final Door door;

    SignUpController(CurrentKeeper keeper, SignUp signUp, Door door) {
        this.keeper = keeper;
        this.signUp = signUp;
        this.door = door;
    }

    @GetMapping("/sign-up")
    String page(@RequestParam(required = false) String sent, Model model) {
        Words say = keeper.words();
        Shells.bare(model, say.text("page.signUp.title"), say);
        model.addAttribute("sent", sent != null);
        model.addAttribute("open", signUp.open());
        model.addAttribute("demo", signUp.demo());
        return "sign-up";
    }

    /** The answer is the same whether the address has an account or not. */
    @PostMapping("/sign-up")
    String ask(@RequestParam String email, HttpServletRequest request, RedirectAttributes to) {
        try {
            signUp.ask(email, Site.of(request), keeper.words());
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/sign-up";
        }
        return "redirect:/sign-up?sent";
    }

    @GetMapping("/sign-up/{secret}")
    String link(@PathVariable String secret, Model model) {
        Words say = keeper.words();
        Shells.bare(model, say.text("page.signUp.title"), say);
        model.addAttribute("secret", secret);
        model.addAttribute("email", signUp.sentTo(secret).orElse(null));
        return "sign-up-link";
    }

    @PostMapping("/sign-up/{secret}")
    String make(
            @PathVariable String secret,
            @RequestParam String name,
            @RequestParam String password,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes to) {
        try {
            door.letIn(signUp.make(secret, name, password), request, response);
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/sign-up/" + secret;
        }
        return "redirect:/";
    }
}
