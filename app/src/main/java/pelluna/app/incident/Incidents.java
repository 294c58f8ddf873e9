package pelluna.app.incident;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Individuals;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.losses.Deaths;
import pelluna.app.planning.TankPlans;
import pelluna.core.losses.Cause;
import pelluna.core.losses.IncidentKind;

/** Opens, words and closes what a keeper looks back on. */
@Service
public class Incidents {
    private static final int BEFORE_DAYS = 14;
    private static final int BEFORE_ILLNESS = 28;
    private static final int AFTER_DAYS = 7;
    private static final int AFTER_ILLNESS = 21;
    private static final int MOST_TITLE = 80;
    private static final int MOST_TEXT = 2000;

    private final TankPlans plans;
    private final IncidentRows rows;
    private final Deaths deaths;
    private final Individuals fish;

    Incidents(TankPlans plans, IncidentRows rows, Deaths deaths, Individuals fish) {
        this.plans = plans;
        this.rows = rows;
        this.deaths = deaths;
        this.fish = fish;
    }

    /** Newest first. */
    @Transactional(readOnly = true)
    List<IncidentEntity> all(OwnedTank tank) {
        return rows.findByTankIdOrderByOnDayDescIdDesc(tank.id());
    }

    @Transactional(readOnly = true)
    IncidentEntity one(OwnedTank tank, long number) {
        return rows.findByIdAndTankId(number, tank.id()).orElseThrow(NoSuchTankException::new);
    }

    /** Looks back on one loss; the same loss twice is one incident. @return its number */
    @Transactional
    public long ofLoss(OwnedTank tank, long loss) {
        Deaths.Death d = deaths.of(List.of(tank)).stream()
                .filter(x -> x.id() == loss)
                .findFirst()
                .orElseThrow(NoSuchTankException::new);
        String who = d.fish() == null
                ? plans.words().text("page.incident.animalsOfTheCrew", d.count())
                : plans.words().of(fish.one(tank, d.fish()).said());
        String title = plans.words().title(who)
                + (d.cause() == Cause.UNKNOWN ? "" : ", " + plans.words().of(d.cause()));
        return rows.findByTankIdOrderByOnDayDescIdDesc(tank.id()).stream()
                .filter(i -> i.days().on().equals(d.on()) && i.title().equals(cut(title)))
                .findFirst()
                .map(IncidentEntity::id)
                .orElseGet(() -> open(tank, title, IncidentKind.of(d.cause()), d.on(), d.fish()));
    }

    /** @param about the fish that it is about; null if several or none; @return its number */
    @Transactional
    public long open(OwnedTank tank, String title, IncidentKind kind, LocalDate on, Long about) {
        if (title.isBlank()) {
            throw new Refused(new IncidentRefusal.NoName());
        }
        if (on.isAfter(plans.today())) {
            throw new Refused(new IncidentRefusal.StillToCome());
        }
        boolean ill = kind == IncidentKind.OUTBREAK;
        LocalDate last = on.plusDays(ill ? AFTER_ILLNESS : AFTER_DAYS);
        Long known = about == null ? null : fish.one(tank, about).id();
        return rows.save(new IncidentEntity(
                        tank.id(),
                        cut(title),
                        kind,
                        new IncidentEntity.Days(
                                on,
                                first(on.minusDays(ill ? BEFORE_ILLNESS : BEFORE_DAYS)),
                                last.isAfter(plans.today()) ? plans.today() : last),
                        known))
                .id();
    }

    private static LocalDate first(LocalDate day) {
        return day.isBefore(Days.FIRST) ? Days.FIRST : day;
    }

    private static String cut(String title) {
        String t = title.strip();
        return t.length() > MOST_TITLE ? t.substring(0, MOST_TITLE) : t;
    }

    /** What its keeper makes of it. */
    @Transactional
    public void told(OwnedTank tank, long number, String what, String lesson) {
        if (what.length() > MOST_TEXT || lesson.length() > MOST_TEXT) {
            throw new Refused(new IncidentRefusal.TooLong(MOST_TEXT));
        }
        IncidentEntity i = one(tank, number);
        i.told(what.strip(), lesson.strip());
        rows.save(i);
    }

    /** Another name, kind or days. */
    @Transactional
    void is(OwnedTank tank, long number, String title, IncidentKind kind, IncidentEntity.Days days) {
        if (title.isBlank()) {
            throw new Refused(new IncidentRefusal.NameGone());
        }
        IncidentEntity i = one(tank, number);
        i.is(cut(title), kind, days);
        rows.save(i);
    }

    /** What it gathered stays where it was. */
    @Transactional
    void close(OwnedTank tank, long number) {
        rows.delete(one(tank, number));
    }
}
