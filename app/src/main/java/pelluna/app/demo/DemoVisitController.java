package pelluna.app.demo;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.Keepers;
import pelluna.app.mail.Outbox;
import pelluna.app.shell.Shells;
import pelluna.app.signin.Door;
import pelluna.app.signin.Entrance;
import pelluna.words.Words;

/** What only the demo has: one click to come in as its keeper, and the letters that would have gone out. */
class DemoVisitController implements OnlyInADemo {
    private final CurrentKeeper keeper;
    private final Keepers keepers;
    private final Door door;
    private final Outbox outbox;

    DemoVisitController(CurrentKeeper keeper, Keepers keepers, Door door, Outbox outbox) {
        this.keeper = keeper;
        this.keepers = keepers;
        this.door = door;
        this.outbox = outbox;
    }

    @PostMapping("/sign-in/demo")
    String in(@RequestParam(defaultValue = "/") String to, HttpServletRequest request, HttpServletResponse response) {
        door.letIn(keepers.byEmail(DemoData.ADDRESS).orElseThrow(), request, response);
        return "redirect:" + Entrance.safe(to);
    }

    @GetMapping("/sign-in/mail")
    String mail(Model model) {
        Words say = keeper.words();
        Shells.bare(model, say.text("page.mail.title"), say);
        model.addAttribute("letters", outbox.letters());
        return "mail";
    }
}
