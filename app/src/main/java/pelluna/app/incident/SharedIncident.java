package pelluna.app.incident;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.sharing.Shared;
import pelluna.app.sharing.SharedPart;

/** An incident for somebody else to look at, with what its keeper wrote about it. */
@Component
class SharedIncident implements SharedPart {
    private final TankPlans plans;
    private final Incidents incidents;
    private final TimeLine lines;

    SharedIncident(TankPlans plans, Incidents incidents, TimeLine lines) {
        this.plans = plans;
        this.incidents = incidents;
        this.lines = lines;
    }

    @Override
    public Shared what() {
        return Shared.INCIDENT;
    }

    @Override
    public List<Choice> choices(OwnedTank tank) {
        return incidents.all(tank).stream()
                .map(i -> new Choice(i.id(), i.title()))
                .toList();
    }

    @Override
    public void show(OwnedTank tank, long which, Model page) {
        OpenTank opened = plans.open(tank);
        IncidentEntity i = incidents.one(tank, which);
        page.addAttribute("title", i.title());
        page.addAttribute("kind", opened.say().title(i.kind()));
        page.addAttribute("on", i.days().on());
        page.addAttribute("what", i.what());
        page.addAttribute("lesson", i.lesson());
        page.addAttribute("page", lines.of(opened, i));
    }
}
