package pelluna.app.arrivals;

import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.planning.PlanDesk;
import pelluna.app.planning.WaterTestForm;

/** Logs tests of the water, from which the strips start anew. */
@Controller
class WaterTestController {
    private final PlanDesk desks;
    private final WaterTestForm form;

    WaterTestController(PlanDesk desks, WaterTestForm form) {
        this.desks = desks;
        this.form = form;
    }

    @PostMapping("/tanks/{id}/arrivals/test")
    String test(@PathVariable long id, @RequestParam Map<String, String> typed, RedirectAttributes to) {
        if (typed.containsKey("back")) {
            desks.takeBackTest(id);
            return "redirect:/tanks/" + id + "/arrivals";
        }
        String refused = form.log(id, typed);
        if (!refused.isEmpty()) {
            to.addAttribute("refused", refused);
        }
        return "redirect:/tanks/" + id + "/arrivals";
    }
}
