package pelluna.app.species;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.ownword.KeeperCatalogue;
import pelluna.app.planning.Desk;
import pelluna.app.planning.NoSuchTankException;
import pelluna.app.planning.PlanDesk;
import pelluna.app.shell.Shells;
import pelluna.core.catalogue.Species;

/** Two or three fish laid side by side for one tank. */
@Controller
class SideBySideController {
    private final PlanDesk desks;
    private final Shells shells;
    private final KeeperCatalogue catalogue;
    private final SideBySideDesk sideBySide;

    SideBySideController(PlanDesk desks, Shells shells, KeeperCatalogue catalogue, SideBySideDesk sideBySide) {
        this.desks = desks;
        this.shells = shells;
        this.catalogue = catalogue;
        this.sideBySide = sideBySide;
    }

    @GetMapping("/tanks/{id}/side-by-side")
    String compare(@PathVariable long id, Model model) {
        Desk desk = desks.open(id);
        List<Species> held = sideBySide.of(id);
        Comparison c = Comparison.of(held, desk);
        shells.around(model, desk, "species", "Side by side", held.isEmpty() ? "" : c.sentence());
        model.addAttribute("comparison", c);
        model.addAttribute("beside", held.size());
        return "side-by-side";
    }

    @PostMapping("/tanks/{id}/side-by-side/{path}")
    String keep(@PathVariable long id, @PathVariable String path, @RequestParam(defaultValue = "keep") String act) {
        Species s = catalogue.get().find(Paths.name(path)).orElseThrow(NoSuchTankException::new);
        if (act.equals("let-go")) {
            sideBySide.letGo(id, s.scientificName());
        } else {
            sideBySide.keep(id, s);
        }
        return "redirect:/tanks/" + id + "/side-by-side";
    }
}
