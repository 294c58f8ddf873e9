package pelluna.app.arrivals;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.account.SignedIn;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.sharing.ShareLinks;
import pelluna.app.sharing.Shared;

/** The calendar of a tank, as a file and by a private link that its keeper opens, changes and closes. */
@Service
class Calendars {
    private final Ownership ownership;
    private final TankPlans plans;
    private final ShareLinks links;
    private final LiveDays live;
    private final DayAlarm alarm;
    private final Clock clock;

    Calendars(Ownership ownership, TankPlans plans, ShareLinks links, LiveDays live, DayAlarm alarm, Clock clock) {
        this.ownership = ownership;
        this.plans = plans;
        this.links = links;
        this.live = live;
        this.alarm = alarm;
        this.clock = clock;
    }

    String file(OwnedTank tank) {
        OpenTank opened = plans.open(tank);
        List<Diary> days = new ArrayList<>(Diary.of(opened));
        days.addAll(live.of(opened));
        return CalendarFile.of(
                tank.id(), opened.tank().name() + " · Pelluna", days, alarm.eveningBefore(), clock.instant());
    }

    /** The calendar behind a link; empty if there is no such link, or it was closed. */
    Optional<String> byToken(String token) {
        return links.open(token)
                .filter(l -> l.what() == Shared.CALENDAR)
                .map(l -> SignedIn.as(l.owner(), () -> file(ownership.tank(l.tank()))));
    }

    /** Opens the link of a tank, or changes it, so that the old one answers no more. @return what opens it */
    String open(OwnedTank tank) {
        links.endAll(tank, Shared.CALENDAR);
        return links.make(tank, Shared.CALENDAR, 0, null);
    }

    void close(OwnedTank tank) {
        links.endAll(tank, Shared.CALENDAR);
    }

    /** Its link; empty without one. */
    Optional<ShareLinks.Link> link(OwnedTank tank) {
        return links.of(tank).stream().filter(l -> l.what() == Shared.CALENDAR).findFirst();
    }
}
