package pelluna.app.reefscape;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Opens, keeps and drops a sandbox. */
@Controller
class WhatIfController {
    private final WhatIf whatIf;

    WhatIfController(WhatIf whatIf) {
        this.whatIf = whatIf;
    }

    @PostMapping("/tanks/{id}/what-if")
    String open(@PathVariable long id, @RequestParam(defaultValue = "") String on, RedirectAttributes to) {
        return ReefHandsController.back(whatIf.open(id), on, "", to);
    }

    @PostMapping("/tanks/{id}/what-if/keep")
    String keep(@PathVariable long id) {
        return "redirect:/tanks/" + whatIf.keep(id) + "/reefscape";
    }

    @PostMapping("/tanks/{id}/what-if/drop")
    String drop(@PathVariable long id) {
        return "redirect:/tanks/" + whatIf.drop(id) + "/reefscape";
    }
}
