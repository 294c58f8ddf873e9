package pelluna.app.species;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.catalogue.Species;

/** Two or three fish laid side by side for one tank. */
@Controller
class SideBySideController {
    private final TankPlans plans;
    private final Shells shells;
    private final KeeperCatalogue catalogue;
    private final SideBySide sideBySide;

    SideBySideController(TankPlans plans, Shells shells, KeeperCatalogue catalogue, SideBySide sideBySide) {
        this.plans = plans;
        this.shells = shells;
        this.catalogue = catalogue;
        this.sideBySide = sideBySide;
    }

    @GetMapping("/tanks/{id}/side-by-side")
    String compare(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        List<Species> held = sideBySide.of(tank);
        Comparison c = Comparison.of(held, opened);
        shells.around(
                model,
                opened,
                "species",
                opened.say().text("page.species.sideBySide"),
                held.isEmpty() ? "" : c.sentence());
        model.addAttribute("comparison", c);
        model.addAttribute("beside", held.size());
        return "side-by-side";
    }

    @PostMapping("/tanks/{id}/side-by-side/{path}")
    String keep(OwnedTank tank, @PathVariable String path, @RequestParam(defaultValue = "keep") String act) {
        Species s = catalogue.get().find(Paths.name(path)).orElseThrow(NoSuchTankException::new);
        if (act.equals("let-go")) {
            sideBySide.letGo(tank, s.scientificName());
        } else {
            sideBySide.keep(tank, s);
        }
        return "redirect:/tanks/" + tank + "/side-by-side";
    }
}
