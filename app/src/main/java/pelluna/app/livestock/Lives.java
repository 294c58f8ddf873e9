package pelluna.app.livestock;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.core.livestock.LifeCourse;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.livestock.Stage;
import pelluna.core.plan.FishFile;

/**
 * The lives of a tank's fish, from wish to end: the one place that writes where they stand. Callers have looked the
 * tank up with its keeper.
 */
@Service
public class Lives {
    private final LivestockRows rows;
    private final LifeEventRows events;
    private final ApplicationEventPublisher followers;
    private final Clock clock;

    Lives(LivestockRows rows, LifeEventRows events, ApplicationEventPublisher followers, Clock clock) {
        this.rows = rows;
        this.events = events;
        this.followers = followers;
        this.clock = clock;
    }

    /** The wishes and residents of a plan. */
    @Transactional(readOnly = true)
    public PlannedFish planned(OwnedTank tank) {
        return PlannedFish.of(rows.planned(List.of(tank.id())));
    }

    /** The same of several tanks, by tank; those without any are left out. */
    @Transactional(readOnly = true)
    public Map<Long, PlannedFish> planned(Collection<OwnedTank> tanks) {
        return rows.planned(OwnedTank.ids(tanks)).stream()
                .collect(Collectors.groupingBy(
                        LivestockEntity::tankId, Collectors.collectingAndThen(Collectors.toList(), PlannedFish::of)));
    }

    /** Everybody who ever came further than a wish, in the order of their numbers. */
    @Transactional(readOnly = true)
    public List<LivestockEntity> met(Collection<OwnedTank> tanks) {
        return rows.met(OwnedTank.ids(tanks));
    }

    /** Where each of them stands. */
    @Transactional(readOnly = true)
    public List<Standing> standing(OwnedTank tank) {
        return rows.standing(tank.id());
    }

    @Transactional(readOnly = true)
    public Optional<LivestockEntity> one(OwnedTank tank, long life) {
        return rows.findByIdAndTankId(life, tank.id());
    }

    /** What happened in a life, in the order in which it was written. */
    @Transactional(readOnly = true)
    public List<Stood> course(long life) {
        return events.findByLivestockIdOrderById(life).stream()
                .map(e -> new Stood(e.event(), e.onDay(), e.note()))
                .toList();
    }

    /** A new wish at the end of the list. @param accepted the accepted name of its species */
    @Transactional
    public LivestockEntity wish(OwnedTank tank, String accepted, FishFile said) {
        LivestockEntity life = LivestockEntity.wish(tank.id(), accepted, said);
        life.stands(next(tank));
        return begins(life, LifeEvent.WISHED, today());
    }

    /** A fish that was seen in a shop, to sleep on. @param accepted the accepted name of its species */
    @Transactional
    public LivestockEntity sleepOn(OwnedTank tank, String accepted) {
        return begins(new LivestockEntity(tank.id(), accepted, 1), LifeEvent.SLEPT_ON, today());
    }

    /** Those that are slept on, in the order in which they were seen. */
    @Transactional(readOnly = true)
    public List<LivestockEntity> sleptOn(OwnedTank tank) {
        return rows.findByTankIdAndStageOrderById(tank.id(), Stage.SLEPT_ON.word());
    }

    /** One that was slept on goes on the wish list, at its end. */
    @Transactional
    public void wished(OwnedTank tank, LivestockEntity slept) {
        slept.stands(next(tank));
        happens(slept, LifeEvent.WISHED, today());
    }

    /** A new resident at the end of the list. @param accepted the accepted name of its species */
    @Transactional
    public LivestockEntity resident(OwnedTank tank, String accepted, FishFile said) {
        LivestockEntity life = LivestockEntity.resident(tank.id(), accepted, said);
        life.stands(next(tank));
        return begins(life, LifeEvent.CAME, said.since());
    }

    /** A named member of a group. */
    @Transactional
    public LivestockEntity member(LivestockEntity group, String name, String role) {
        LivestockEntity life = new LivestockEntity(group.tankId(), group.species(), 1);
        life.memberOf(group.id());
        life.called(name, role);
        return begins(life, LifeEvent.CAME, group.cameOn());
    }

    /** Some of a wish, or of none, that are kept apart from the tank. @param wish null for none */
    @Transactional
    public LivestockEntity apart(OwnedTank tank, LivestockEntity wish, String species, int count) {
        LivestockEntity life = new LivestockEntity(tank.id(), species, count);
        if (wish != null && wish.wishedOn() != null) {
            begins(life, LifeEvent.WISHED, wish.wishedOn());
        }
        return begins(life, LifeEvent.KEPT_APART, today());
    }

    /** Some that came and went, written down afterwards. */
    @Transactional
    public LivestockEntity remembered(
            OwnedTank tank, String species, int count, LocalDate came, LifeEvent how, LocalDate left) {
        LivestockEntity life = begins(new LivestockEntity(tank.id(), species, count), LifeEvent.CAME, came);
        happens(life, how, left);
        return life;
    }

    /** Saves what was changed of a life but for where it stands. */
    @Transactional
    public void save(LivestockEntity life) {
        rows.saveAndFlush(life);
    }

    /** Takes what a checked plan file says of a wish; the species stays. */
    @Transactional
    public void wishes(LivestockEntity wish, FishFile said) {
        wish.wishedFor(wish.species(), said);
        rows.saveAndFlush(wish);
    }

    private LivestockEntity begins(LivestockEntity life, LifeEvent event, LocalDate on) {
        rows.saveAndFlush(life);
        happens(life, event, on);
        return life;
    }

    /**
     * Something happens in a life; its named members go and come back with it.
     *
     * @param on null if nobody knows the day
     */
    @Transactional
    public void happens(LivestockEntity life, LifeEvent event, LocalDate on) {
        Stage was = life.stage();
        events.saveAndFlush(new LifeEventEntity(life.id(), event, on, clock.instant()));
        Stage now = event.to()
                .orElseGet(() -> LifeCourse.of(events.findByLivestockIdOrderById(life.id()).stream()
                        .map(LifeEventEntity::event)
                        .toList()));
        life.happened(event, on, now);
        rows.saveAndFlush(life);
        if (was.resident() != now.resident()) {
            rows.findByPartOfOrderById(life.id()).forEach(member -> withItsGroup(member, now));
        }
        followers.publishEvent(new LifeHappened(life.tankId(), life.id(), event, now));
    }

    /** One that went by itself stays away. */
    private void withItsGroup(LivestockEntity member, Stage group) {
        if (!group.resident() && !member.stage().over()) {
            happens(member, LifeEvent.TAKEN_OFF, today());
        } else if (group.resident() && member.stage() == Stage.DROPPED) {
            happens(member, LifeEvent.PUT_BACK, today());
        }
    }

    /**
     * A wish is lost before it came in: as long as nobody takes it off the plan, it is wished for once more. @return
     * the new wish
     */
    @Transactional
    public LivestockEntity wishAgain(OwnedTank tank, LivestockEntity lost) {
        LivestockEntity wish = wish(tank, lost.species(), lost.wishFile());
        wish.insteadOf(lost.id());
        wish.stands(lost.ordinal());
        rows.saveAndFlush(wish);
        return wish;
    }

    /** What was lost is not lost after all: it needs nobody in its place. */
    @Transactional
    public void notLost(LivestockEntity back) {
        rows.findFirstByAgainOfOrderByIdDesc(back.id())
                .filter(wish -> wish.stage() == Stage.WISHED)
                .ifPresent(wish -> happens(wish, LifeEvent.TAKEN_OFF, today()));
    }

    /**
     * Makes the lists of a plan what they are to be. A fish with the number of a life is that life, one without begins
     * its own; who is in no list any more is taken off the plan.
     *
     * @param accepted from a name of a species to its accepted one
     */
    @Transactional
    public void lay(OwnedTank tank, List<FishFile> residents, List<FishFile> wishes, UnaryOperator<String> accepted) {
        Map<Long, LivestockEntity> known = new HashMap<>();
        rows.findByTankIdOrderById(tank.id()).stream()
                .filter(l -> l.partOf() == null && l.stage() != Stage.GONE)
                .forEach(l -> known.put(l.id(), l));
        List<LivestockEntity> laid = new ArrayList<>();
        residents.forEach(f -> laid.add(laidResident(tank, known, f, accepted.apply(f.species()))));
        wishes.forEach(f -> laid.add(laidWish(tank, known, f, accepted.apply(f.species()))));
        known.values().stream()
                .filter(l -> l.stage().wish() || l.stage().resident())
                .forEach(l -> happens(l, LifeEvent.TAKEN_OFF, today()));
        for (int i = 0; i < laid.size(); i++) {
            laid.get(i).stands(i);
        }
        rows.saveAllAndFlush(laid);
    }

    private LivestockEntity laidResident(
            OwnedTank tank, Map<Long, LivestockEntity> known, FishFile said, String accepted) {
        LivestockEntity life = said.row() == null ? null : known.remove(said.row());
        if (life == null) {
            return resident(tank, accepted, said);
        }
        if (life.stage().over()) {
            happens(life, LifeEvent.PUT_BACK, today());
        }
        if (!life.stage().resident()) {
            happens(life, LifeEvent.CAME, said.since());
        }
        life.lives(accepted, said);
        return life;
    }

    private LivestockEntity laidWish(OwnedTank tank, Map<Long, LivestockEntity> known, FishFile said, String accepted) {
        LivestockEntity life = said.row() == null ? null : known.remove(said.row());
        if (life == null) {
            return wish(tank, accepted, said);
        }
        if (life.stage().over()) {
            happens(life, LifeEvent.PUT_BACK, today());
        }
        if (!life.stage().wish()) {
            happens(life, LifeEvent.ARRIVAL_UNDONE, today());
        }
        life.wishedFor(accepted, said);
        return life;
    }

    private int next(OwnedTank tank) {
        return rows.planned(List.of(tank.id())).stream()
                        .mapToInt(LivestockEntity::ordinal)
                        .max()
                        .orElse(-1)
                + 1;
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }
}
