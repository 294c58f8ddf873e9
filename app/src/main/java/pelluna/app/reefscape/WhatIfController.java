package pelluna.app.reefscape;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.OwnedTank;

/** Opens, keeps and drops a sandbox. */
@Controller
class WhatIfController {
    private final WhatIf whatIf;

    WhatIfController(WhatIf whatIf) {
        this.whatIf = whatIf;
    }

    @PostMapping("/tanks/{id}/what-if")
    String open(OwnedTank tank, @RequestParam(defaultValue = "") String on, RedirectAttributes to) {
        return ReefHandsController.back(whatIf.open(tank), on, "", to);
    }

    @PostMapping("/tanks/{id}/what-if/keep")
    String keep(OwnedTank tank) {
        return "redirect:/tanks/" + whatIf.keep(tank) + "/reefscape";
    }

    @PostMapping("/tanks/{id}/what-if/drop")
    String drop(OwnedTank tank) {
        return "redirect:/tanks/" + whatIf.drop(tank) + "/reefscape";
    }
}
