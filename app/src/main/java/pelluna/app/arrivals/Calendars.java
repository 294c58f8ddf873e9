package pelluna.app.arrivals;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.account.SignedIn;
import pelluna.app.database.AskedFor;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.Tanks;

/** The calendar of a tank, as a file and by a private link that its keeper opens, changes and closes. */
@Service
class Calendars {
    private static final int TOKEN_BYTES = 24;

    private final Ownership ownership;
    private final TankPlans plans;
    private final Tanks tanks;
    private final LiveDays live;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    Calendars(Ownership ownership, TankPlans plans, Tanks tanks, LiveDays live, Clock clock) {
        this.ownership = ownership;
        this.plans = plans;
        this.tanks = tanks;
        this.live = live;
        this.clock = clock;
    }

    String file(OwnedTank tank) {
        OpenTank opened = plans.open(tank);
        List<Diary> days = new ArrayList<>(Diary.of(opened));
        days.addAll(live.of(opened));
        return CalendarFile.of(tank.id(), opened.tank().name() + " · Pelluna", days, clock.instant());
    }

    /** The calendar behind a link; empty if there is no such link, or it was closed. */
    Optional<String> byToken(String token) {
        return AskedFor.all(() -> tanks.byCalendarToken(token))
                .map(t -> SignedIn.as(t.keeperId(), () -> file(ownership.tank(t.id()))));
    }

    /** Opens the link of a tank, or changes it, so that the old one answers no more. */
    @Transactional
    void open(OwnedTank tank) {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        TankEntity row = plans.tank(tank);
        row.calendarBy(Base64.getUrlEncoder().withoutPadding().encodeToString(bytes));
        tanks.save(row);
    }

    @Transactional
    void close(OwnedTank tank) {
        TankEntity row = plans.tank(tank);
        row.calendarBy(null);
        tanks.save(row);
    }
}
