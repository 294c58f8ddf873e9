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

/** A password that was forgotten: a link by mail, then a new one. */
@Controller
class ResetController {
    private final CurrentKeeper keeper;
    private final PasswordReset reset;
    private final SignUp signUp;
    private final Door door;

    ResetController(CurrentKeeper keeper, PasswordReset reset, SignUp signUp, Door door) {
        this.keeper = keeper;
        this.reset = reset;
        this.signUp = signUp;
        this.door = door;
    }

    @GetMapping("/forgot")
    String page(@RequestParam(required = false) String sent, Model model) {
        Words say = keeper.words();
        Shells.bare(model, say.text("page.forgot.title"), say);
        model.addAttribute("sent", sent != null);
        model.addAttribute("demo", signUp.demo());
        return "forgot";
    }

    /** The answer is the same whether the address has an account or not. */
    @PostMapping("/forgot")
    String ask(@RequestParam String email, HttpServletRequest request, RedirectAttributes to) {
        try {
            reset.ask(email, Site.of(request), keeper.words());
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/forgot";
        }
        return "redirect:/forgot?sent";
    }

    @GetMapping("/reset/{secret}")
    String link(@PathVariable String secret, Model model) {
        Words say = keeper.words();
        Shells.bare(model, say.text("page.forgot.newOne"), say);
        model.addAttribute("secret", secret);
        model.addAttribute("good", reset.good(secret));
        return "reset";
    }

    /** Every sign-in ends, wherever it is, and a new one begins here. */
    @PostMapping("/reset/{secret}")
    String change(
            @PathVariable String secret,
            @RequestParam String password,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes to) {
        try {
            door.letIn(reset.change(secret, password, keeper.words()), request, response);
        } catch (Refused e) {
            Refused.tell(to, e);
            return "redirect:/reset/" + secret;
        }
        return "redirect:/";
    }
}
