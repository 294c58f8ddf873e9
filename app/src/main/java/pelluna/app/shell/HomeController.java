package pelluna.app.shell;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import pelluna.app.planning.TankPlans;
import pelluna.app.tank.TankEntity;

/** The front door: Today of the first tank, or the form for a first tank. */
@Controller
class HomeController {
    private final TankPlans plans;

    HomeController(TankPlans plans) {
        this.plans = plans;
    }

    @GetMapping("/")
    String home() {
        List<TankEntity> tanks = plans.tanks();
        return tanks.isEmpty()
                ? "redirect:/tanks/new"
                : "redirect:/tanks/" + tanks.get(0).id() + "/today";
    }
}
