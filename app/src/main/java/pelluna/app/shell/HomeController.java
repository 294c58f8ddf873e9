package pelluna.app.shell;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.account.TankRole;

/** The front door: Today of the only or first own tank, all tanks of who looks after others', or a first tank. */
@Controller
class HomeController {
    private final Ownership ownership;

    HomeController(Ownership ownership) {
        this.ownership = ownership;
    }

    @GetMapping("/")
    String home() {
        List<OwnedTank> tanks = ownership.entered().stream()
                .map(Ownership.Entered::tank)
                .filter(t -> !t.archived())
                .toList();
        if (tanks.isEmpty()) {
            return "redirect:/begin";
        }
        boolean own = tanks.get(0).role() == TankRole.OWNER;
        return tanks.size() == 1 || own ? "redirect:/tanks/" + tanks.get(0) + "/today" : "redirect:/tanks";
    }
}
