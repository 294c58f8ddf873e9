package pelluna.app.reefscape;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import pelluna.app.planning.Desk;
import pelluna.app.planning.PlanDesk;
import pelluna.core.outlook.Change;
import pelluna.core.outlook.GoodCompany;
import pelluna.core.outlook.Outlook;

/** Opens a tank's outlook. */
@Service
class ReefscapeDesk {
    private final PlanDesk desks;

    ReefscapeDesk(PlanDesk desks) {
        this.desks = desks;
    }

    /** A tank with its outlook on the days to come. */
    record View(Desk desk, Outlook outlook, List<Change> changes, List<GoodCompany> good) {
        /** The day that was asked for, held within the plan's life. */
        LocalDate day(LocalDate asked) {
            LocalDate start = desk.plan().startOn();
            LocalDate end = end();
            return asked == null
                    ? outlook.lastArrival().isAfter(end) ? end : outlook.lastArrival()
                    : asked.isBefore(start) ? start : asked.isAfter(end) ? end : asked;
        }

        /** When all are fully grown, at least a month after the start. */
        LocalDate end() {
            LocalDate grown = outlook.fullyGrown();
            LocalDate least = desk.plan().startOn().plusMonths(1);
            return grown.isBefore(least) ? least : grown;
        }
    }

    View open(long id) {
        Desk desk = desks.open(id);
        return new View(
                desk,
                desk.ahead().outlook(),
                desk.ahead().changes(),
                desk.ahead().good());
    }
}
