package pelluna.app.arrivals;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import pelluna.app.exchange.PlanProblemsException;
import pelluna.app.exchange.Problem;
import pelluna.app.planning.PlanDesk;

/** Logs tests of the water, from which the strips start anew. */
@Controller
class WaterTestController {
    private static final List<String> FIGURES = List.of("nitrate", "ammonia", "nitrite", "pH");

    private final PlanDesk desks;

    WaterTestController(PlanDesk desks) {
        this.desks = desks;
    }

    @PostMapping("/tanks/{id}/arrivals/test")
    String test(@PathVariable long id, @RequestParam Map<String, String> form, RedirectAttributes to) {
        if (form.containsKey("back")) {
            desks.takeBackTest(id);
            return "redirect:/tanks/" + id + "/arrivals";
        }
        String refused = "";
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("on", form.getOrDefault("on", "").isBlank() ? desks.today().toString() : form.get("on"));
        for (String figure : FIGURES) {
            String typed = form.getOrDefault(figure, "").strip().replace(',', '.');
            if (!typed.isEmpty()) {
                try {
                    double value = Double.parseDouble(typed);
                    if (!Double.isFinite(value)) {
                        throw new NumberFormatException(typed);
                    }
                    entry.put(figure, value);
                } catch (NumberFormatException e) {
                    refused = "'" + typed + "' is no figure for " + figure + "; nothing was logged.";
                }
            }
        }
        if (refused.isEmpty() && entry.size() == 1) {
            refused = "Please give at least one figure of the test.";
        }
        if (refused.isEmpty()) {
            try {
                desks.test(id, entry);
            } catch (PlanProblemsException e) {
                Problem p = e.problems().get(0);
                refused = p.found() + " was given; " + p.expected() + " is needed. Nothing was logged.";
            }
        }
        if (!refused.isEmpty()) {
            to.addAttribute("refused", refused);
        }
        return "redirect:/tanks/" + id + "/arrivals";
    }
}
