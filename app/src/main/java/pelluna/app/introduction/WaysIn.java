package pelluna.app.introduction;

import java.time.Instant;
import java.time.LocalTime;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.ComesIn;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.livestock.LifeHappened;
import pelluna.app.log.LogBook;
import pelluna.app.log.Observation;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.quarantine.QuarantineBoard;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.Tanks;
import pelluna.core.behaviour.EventType;
import pelluna.core.introduction.Intervention;
import pelluna.core.introduction.Method;
import pelluna.core.introduction.ReleaseCheck;
import pelluna.core.introduction.SeeThroughBox;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.livestock.Stage;

/** What is done with fish on their way in: into the box, out of it, a look, called off. */
@Service
public class WaysIn {

    private final TankPlans plans;
    private final ComesIn comesIn;
    private final Individuals fish;
    private final LogBook log;
    private final Interventions measures;
    private final QuarantineBoard quarantine;
    private final Tanks tanks;
    private final IntroductionRows rows;
    private final ReleaseCheckRows looks;

    WaysIn(
            TankPlans plans,
            ComesIn comesIn,
            Individuals fish,
            LogBook log,
            Interventions measures,
            QuarantineBoard quarantine,
            Tanks tanks,
            IntroductionRows rows,
            ReleaseCheckRows looks) {
        this.plans = plans;
        this.comesIn = comesIn;
        this.fish = fish;
        this.log = log;
        this.measures = measures;
        this.quarantine = quarantine;
        this.tanks = tanks;
        this.rows = rows;
        this.looks = looks;
    }

    /**
     * A way in that is over, written down afterwards.
     *
     * @param box null if its size is not known
     * @return its number
     */
    @Transactional
    public long recorded(
            OwnedTank tank, long fishId, Method method, SeeThroughBox box, Instant boxed, Instant released) {
        fish.one(tank, fishId);
        IntroductionEntity b = new IntroductionEntity(tank.id(), fishId, method);
        b.boxed(boxed, box);
        b.released(released);
        return rows.save(b).id();
    }

    /** A look that was written down afterwards. */
    @Transactional
    public void recordedLook(
            OwnedTank tank, long introduction, ReleaseCheck look, Instant at, boolean[] seen, String note) {
        looks.save(new ReleaseCheckEntity(
                row(tank, introduction).id(), look, at, seen[0], seen[1], seen[2], seen[3], note));
    }

    /** A wish goes into the box, or straight in. @return the number of its way in */
    @Transactional
    public long begin(OwnedTank tank, String party, Method method, SeeThroughBox box) {
        OpenTank opened = plans.open(tank);
        Long wish = opened.wish(party).orElseThrow(NoSuchTankException::new).id();
        boolean straight = method == Method.STRAIGHT_IN || method == Method.ALL_AT_ONCE || method == Method.GROUND_ANEW;
        comesIn.begins(tank, wish, quarantine.goesOn(tank, wish), !straight);
        IntroductionEntity b = new IntroductionEntity(tank.id(), wish, method);
        if (straight) {
            b.released(log.now());
            rows.save(b);
            comesIn.comes(tank, wish);
        } else {
            b.boxed(log.now(), box);
            rows.save(b);
        }
        return b.id();
    }

    /** Out of the box, and in: a wish turns into a resident. */
    @Transactional
    public void release(OwnedTank tank, long introduction) {
        IntroductionEntity b = row(tank, introduction);
        Fish f = fish.one(tank, b.fishId());
        b.released(log.now());
        rows.save(b);
        if (!f.lives()) {
            comesIn.comes(tank, f.id());
        } else {
            fish.happens(tank, f.id(), LifeEvent.BACK);
            measures.endAll(tank, f.id(), Intervention.BACK_THROUGH_BOX);
        }
    }

    /** Somebody who lives here goes back into the box. */
    @Transactional
    public long backIntoTheBox(OwnedTank tank, long fishId, Long boss) {
        measures.begin(tank, Intervention.BACK_THROUGH_BOX, fishId, boss, "", log.now());
        fish.happens(tank, fishId, LifeEvent.BOXED_AGAIN);
        IntroductionEntity b = new IntroductionEntity(tank.id(), fishId, Method.BOX_DAYS);
        b.boxed(log.now(), null);
        return rows.save(b).id();
    }

    /**
     * It is taken out again: the wish stays a wish; one that lived here already goes back to the tank's list until it
     * is taken off it.
     */
    @Transactional
    public void callOff(OwnedTank tank, long introduction, String how) {
        IntroductionEntity b = row(tank, introduction);
        b.ends(log.now(), Ended.CALLED_OFF, how.strip());
        rows.save(b);
        Fish f = fish.one(tank, b.fishId());
        fish.happens(tank, f.id(), f.lives() ? LifeEvent.TIMED_OUT : LifeEvent.CALLED_OFF);
    }

    /** Somebody is here no more: its way in ends, wherever it was on it. */
    @Transactional
    public void leaves(OwnedTank tank, long gone) {
        rows.findByTankIdAndFishId(tank.id(), gone).stream()
                .filter(b -> b.endedAt() == null)
                .forEach(b -> {
                    b.ends(log.now(), Ended.LEFT, "");
                    rows.save(b);
                });
    }

    /** It has not left after all. */
    @Transactional
    public void stays(OwnedTank tank, long there) {
        rows.findByTankIdAndFishId(tank.id(), there).stream()
                .filter(b -> b.ended().equals(Optional.of(Ended.LEFT)))
                .forEach(b -> {
                    b.goesOn();
                    rows.save(b);
                });
    }

    /** A look after release; what it says of eating and being seen goes into the log too. */
    @Transactional
    public void look(
            OwnedTank tank,
            long introduction,
            ReleaseCheck look,
            boolean inSight,
            boolean whole,
            boolean eats,
            boolean chased,
            String note) {
        IntroductionEntity b = row(tank, introduction);
        looks.save(new ReleaseCheckEntity(b.id(), look, log.now(), inSight, whole, eats, chased, note.strip()));
        log.write(
                tank,
                Observation.of(
                        log.now(), eats ? EventType.EATS : inSight ? EventType.SEEN : EventType.HIDES, b.fishId()));
        if (!whole) {
            log.write(tank, Observation.of(log.now(), EventType.TORN_FIN, b.fishId()));
        }
    }

    @Transactional
    public void lit(OwnedTank tank, LocalTime from, LocalTime until) {
        TankEntity t = plans.tank(tank);
        t.lit(from, until);
        tanks.save(t);
    }

    /** Whoever is in the tank by another way is in no box any more. */
    @EventListener
    void follows(LifeHappened life) {
        if (life.now() == Stage.DISPLAY) {
            rows.findByTankIdAndFishId(life.tank(), life.life()).stream()
                    .filter(IntroductionEntity::inTheBox)
                    .forEach(b -> {
                        b.released(log.now());
                        rows.save(b);
                    });
        }
    }

    private IntroductionEntity row(OwnedTank tank, long introduction) {
        return rows.findByIdAndTankId(introduction, tank.id())
                .filter(b -> b.endedAt() == null)
                .orElseThrow(NoSuchTankException::new);
    }
}
