package pelluna.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.Keepers;
import pelluna.app.account.SignedIn;
import pelluna.app.shell.Shells;
import pelluna.words.Words;

/** The page to sign in. The password itself is taken by Spring Security, at the same address. */
@Controller
class SignInController {
    private final CurrentKeeper keeper;
    private final Keepers keepers;
    private final boolean demo;

    SignInController(CurrentKeeper keeper, Keepers keepers, Environment environment) {
        this.keeper = keeper;
        this.keepers = keepers;
        this.demo = environment.acceptsProfiles(Profiles.of("demo"));
    }

    /** @param to the path that was asked for before */
    @GetMapping("/sign-in")
    String page(
            @RequestParam(defaultValue = "/") String to,
            @RequestParam(required = false) String wrong,
            @RequestParam(required = false) String wait,
            @RequestParam(required = false) String out,
            @RequestParam(required = false) String gone,
            HttpServletRequest request,
            Model model) {
        if (SignedIn.id().isPresent()) {
            return "redirect:" + Entrance.safe(to);
        }
        if (!keepers.any()) {
            return "redirect:/first";
        }
        Words say = keeper.words();
        Shells.bare(model, say.text("page.signIn.title"), say);
        model.addAttribute("to", Entrance.safe(to));
        model.addAttribute(
                "trouble",
                wait != null
                        ? say.of(new SignInRefusal.TooManyGuesses((int) Guesses.WINDOW.toMinutes()))
                        : wrong != null ? say.text("page.signIn.wrong") : "");
        model.addAttribute("out", out != null);
        model.addAttribute("gone", gone != null);
        model.addAttribute("demo", demo);
        model.addAttribute("passkeys", PasskeysOfThisName.canBe(request.getServerName()));
        return "sign-in";
    }
}
