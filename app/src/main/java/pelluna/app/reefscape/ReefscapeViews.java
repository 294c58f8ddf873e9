package pelluna.app.reefscape;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import pelluna.app.account.OwnedTank;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.core.outlook.Change;
import pelluna.core.outlook.GoodCompany;
import pelluna.core.outlook.Outlook;

/** Opens a tank's outlook. */
@Service
class ReefscapeViews {
    private final TankPlans plans;

    ReefscapeViews(TankPlans plans) {
        this.plans = plans;
    }

    /** A tank with its outlook on the days to come. */
    record View(OpenTank opened, Outlook outlook, List<Change> changes, List<GoodCompany> good) {
        /** The day that was asked for, held within the plan's life. */
        LocalDate day(LocalDate asked) {
            LocalDate start = opened.plan().startOn();
            LocalDate end = end();
            return asked == null
                    ? outlook.lastArrival().isAfter(end) ? end : outlook.lastArrival()
                    : asked.isBefore(start) ? start : asked.isAfter(end) ? end : asked;
        }

        /** When all are fully grown, at least a month after the start. */
        LocalDate end() {
            LocalDate grown = outlook.fullyGrown();
            LocalDate least = opened.plan().startOn().plusMonths(1);
            return grown.isBefore(least) ? least : grown;
        }
    }

    View open(OwnedTank tank) {
        OpenTank opened = plans.open(tank);
        return new View(
                opened,
                opened.ahead().outlook(),
                opened.ahead().changes(),
                opened.ahead().good());
    }
}
