package pelluna.app.reefscape;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import pelluna.app.account.CurrentKeeper;
import pelluna.app.ownword.KeeperCatalogue;
import pelluna.app.planning.Desk;
import pelluna.app.planning.PlanDesk;
import pelluna.app.planning.PlanSteps;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.outlook.Change;
import pelluna.core.outlook.Changes;
import pelluna.core.outlook.GoodCompany;
import pelluna.core.outlook.Outlook;
import pelluna.core.units.Measures;

/** Opens a tank's outlook; as long as its plan is the same, what was computed once is kept. */
@Service
class ReefscapeDesk {
    /** Tanks whose outlook is kept. */
    private static final int MOST = 64;

    private final PlanDesk desks;
    private final PlanSteps steps;
    private final KeeperCatalogue catalogue;
    private final CurrentKeeper keeper;
    private final Map<Long, Kept> kept = new ConcurrentHashMap<>();

    ReefscapeDesk(PlanDesk desks, PlanSteps steps, KeeperCatalogue catalogue, CurrentKeeper keeper) {
        this.desks = desks;
        this.steps = steps;
        this.catalogue = catalogue;
        this.keeper = keeper;
    }

    /** A tank with its outlook on the days to come. */
    record View(Desk desk, Outlook outlook, List<Change> changes, List<GoodCompany> good) {
        /** The day that was asked for, held within the plan's life. */
        LocalDate day(LocalDate asked) {
            LocalDate start = desk.plan().startOn();
            LocalDate end = end();
            return asked == null ? outlook.lastArrival().isAfter(end) ? end : outlook.lastArrival() : asked.isBefore(start) ? start : asked.isAfter(end) ? end : asked;
        }

        /** When all are fully grown, at least a month after the start. */
        LocalDate end() {
            LocalDate grown = outlook.fullyGrown();
            LocalDate least = desk.plan().startOn().plusMonths(1);
            return grown.isBefore(least) ? least : grown;
        }
    }

    private record Kept(String text, Catalogue catalogue, LocalDate today, Measures say, View view) { }

    @Transactional(readOnly = true)
    View open(long id) {
        String text = steps.text(id) + desks.tests(id);
        Catalogue species = catalogue.get();
        Measures say = keeper.get().measures();
        Kept last = kept.get(id);
        if (last != null && last.text().equals(text) && last.catalogue() == species && last.today().equals(desks.today()) && last.say().equals(say)) {
            return last.view();
        }
        Desk desk = desks.open(id);
        Outlook outlook = new Outlook(desk.plan(), desk.assessment().arrivals(), say);
        View view = new View(desk, outlook, Changes.of(outlook, say), GoodCompany.in(outlook));
        if (kept.size() >= MOST) {
            kept.clear();
        }
        kept.put(id, new Kept(text, species, desks.today(), say, view));
        return view;
    }
}
