package pelluna.app.arrivals;

import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Takes;
import pelluna.app.planning.TankPlans;
import pelluna.app.planning.WaterTestForm;

/** Logs tests of the water, from which the strips start anew. */
@Controller
class WaterTestController {
    private final TankPlans plans;
    private final WaterTestForm form;

    WaterTestController(TankPlans plans, WaterTestForm form) {
        this.plans = plans;
        this.form = form;
    }

    @PostMapping("/tanks/{id}/arrivals/test")
    String test(
            OwnedTank tank,
            @Takes({"on", "nitrate", "phosphate", "ammonia", "nitrite", "pH", "salinity", "temperatureC", "back"})
                    @RequestParam
                    Map<String, String> typed,
            RedirectAttributes to) {
        if (typed.containsKey("back")) {
            plans.takeBackTest(tank);
            return "redirect:/tanks/" + tank + "/arrivals";
        }
        try {
            form.log(tank, typed);
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return "redirect:/tanks/" + tank + "/arrivals";
    }
}
