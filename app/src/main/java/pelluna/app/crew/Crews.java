package pelluna.app.crew;

import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.core.crew.Attrition;
import pelluna.core.crew.CrewKind;
import pelluna.core.crew.CrewRestock;
import pelluna.core.crew.Suspect;

/** The clean-up crew of a tank: counts, how fast it dwindles, who may be at it, and how to bring it up again. */
@Service
public class Crews {
    private final TankPlans plans;
    private final CrewRows rows;
    private final CrewCountRows counts;

    Crews(TankPlans plans, CrewRows rows, CrewCountRows counts) {
        this.plans = plans;
        this.rows = rows;
        this.counts = counts;
    }

    /**
     * One kind of crew as pages show it.
     *
     * @param there  as many as there are, as far as it was counted
     * @param price  each; null if nobody has said
     * @param counts oldest first
     */
    public record Crew(
            long id,
            CrewKind kind,
            String name,
            double sizeCm,
            int wanted,
            Double price,
            int there,
            List<Attrition.Count> counts,
            List<String> notes,
            Attrition attrition,
            List<Suspect> suspects,
            CrewRestock restock) {
        /** What it costs a year to keep the number up; empty without a price. */
        public Optional<Double> costAYear() {
            return price == null ? Optional.empty() : Optional.of(price * attrition.toReplaceAYear(wanted));
        }

        public LocalDate lastOn() {
            return counts.get(counts.size() - 1).on();
        }
    }

    /** A kind of crew by name alone. */
    public record Named(long id, CrewKind kind, String name, int there, Double price) {}

    /**
     * Those of several tanks, by number; those that are given up too. Callers have looked the tanks up with their
     * keeper.
     */
    @Transactional(readOnly = true)
    public Map<Long, Named> named(Collection<OwnedTank> tanks) {
        List<CrewEntity> all = rows.findByTankIdInOrderById(OwnedTank.ids(tanks));
        Map<Long, List<CrewCountEntity>> by = counts(all);
        return all.stream()
                .collect(Collectors.toMap(
                        CrewEntity::id,
                        c -> new Named(
                                c.id(), c.kind(), c.name(), there(by.getOrDefault(c.id(), List.of())), c.price())));
    }

    /** How fast each kind dwindles, over several tanks. Callers have looked them up with their keeper. */
    @Transactional(readOnly = true)
    public Map<CrewKind, Attrition> figures(Collection<OwnedTank> tanks) {
        List<CrewEntity> all = rows.findByTankIdInOrderById(OwnedTank.ids(tanks));
        Map<Long, List<CrewCountEntity>> by = counts(all);
        Map<CrewKind, Attrition> figures = new EnumMap<>(CrewKind.class);
        all.forEach(c -> figures.merge(
                c.kind(),
                Attrition.of(by.getOrDefault(c.id(), List.of()).stream()
                        .map(CrewCountEntity::count)
                        .toList()),
                Attrition::and));
        return figures;
    }

    /** The crew of a tank, as it was put down. */
    @Transactional(readOnly = true)
    public List<Crew> of(OpenTank opened) {
        List<CrewEntity> all = rows
                .findByTankIdInOrderById(List.of(opened.owned().id()))
                .stream()
                .filter(c -> !c.gone())
                .toList();
        Map<Long, List<CrewCountEntity>> by = counts(all);
        return all.stream()
                .map(c -> of(opened, c, by.getOrDefault(c.id(), List.of())))
                .toList();
    }

    private Crew of(OpenTank opened, CrewEntity c, List<CrewCountEntity> mine) {
        List<Attrition.Count> counted =
                mine.stream().map(CrewCountEntity::count).toList();
        Attrition attrition = Attrition.of(counted);
        List<Suspect> suspects = Suspect.of(opened.plan(), c.kind().life(), c.sizeCm(), plans.today());
        int there = there(mine);
        return new Crew(
                c.id(),
                c.kind(),
                c.name(),
                c.sizeCm(),
                c.wanted(),
                c.price(),
                there,
                counted,
                mine.stream().map(CrewCountEntity::note).toList(),
                attrition,
                suspects,
                CrewRestock.of(c.kind(), c.wanted(), there, c.sizeCm(), attrition, suspects));
    }

    private Map<Long, List<CrewCountEntity>> counts(List<CrewEntity> crews) {
        return counts
                .findByCrewIdInOrderByOnDayAscIdAsc(
                        crews.stream().map(CrewEntity::id).toList())
                .stream()
                .collect(Collectors.groupingBy(CrewCountEntity::crewId));
    }

    private static int there(List<CrewCountEntity> mine) {
        return mine.isEmpty()
                ? 0
                : mine.get(mine.size() - 1).count().count()
                        + mine.get(mine.size() - 1).count().added();
    }

    /** A kind of crew comes in. @param price each; null likewise @return its number */
    @Transactional
    public long comes(
            OwnedTank tank, CrewKind kind, String name, int count, Double sizeCm, Double price, LocalDate on) {
        if (count < 1 || count > 2000 || name.length() > 60 || on.isAfter(plans.today())) {
            throw new Refused(new CrewRefusal.NotSoComing());
        }
        CrewEntity c =
                new CrewEntity(tank.id(), kind, name.isBlank() ? plans.words().of(kind) : name.strip());
        c.keeps(count, sizeCm, price);
        rows.save(c);
        counts.save(new CrewCountEntity(c.id(), on, 0, count, ""));
        return c.id();
    }

    /** A count on a day. @param added how many came then, on top of it */
    @Transactional
    public void counted(OwnedTank tank, long crew, LocalDate on, int count, int added, String note) {
        if (count < 0 || count > 2000 || added < 0 || added > 2000) {
            throw new Refused(new CrewRefusal.OutOfRange());
        }
        CrewEntity c = row(tank, crew);
        List<CrewCountEntity> mine = counts(List.of(c)).getOrDefault(c.id(), List.of());
        if (on.isAfter(plans.today())
                || !mine.isEmpty()
                        && on.isBefore(mine.get(mine.size() - 1).count().on())) {
            throw new Refused(new CrewRefusal.NotOnThatDay());
        }
        counts.save(new CrewCountEntity(crew, on, count, added, note.strip()));
    }

    @Transactional
    public void keeps(OwnedTank tank, long crew, int wanted, Double sizeCm, Double price) {
        if (wanted < 0 || wanted > 2000) {
            throw new Refused(new CrewRefusal.OutOfRange());
        }
        CrewEntity c = row(tank, crew);
        c.keeps(wanted, sizeCm, price);
        rows.save(c);
    }

    /** No longer counted; what was counted stays. */
    @Transactional
    public void givesUp(OwnedTank tank, long crew) {
        CrewEntity c = row(tank, crew);
        c.goes(true);
        rows.save(c);
    }

    /** So many of them are lost: a count of one day that lacks them. */
    @Transactional
    public void lost(OwnedTank tank, long crew, int count, LocalDate on) {
        changed(tank, crew, -count, on, plans.words().text("page.crew.lost", count));
    }

    /** So many of them were not lost after all. */
    @Transactional
    public void found(OwnedTank tank, long crew, int count) {
        changed(tank, crew, count, plans.today(), plans.words().text("page.crew.notLostAfterAll", count));
    }

    private void changed(OwnedTank tank, long crew, int by, LocalDate on, String note) {
        CrewEntity c = row(tank, crew);
        List<CrewCountEntity> mine = counts(List.of(c)).getOrDefault(c.id(), List.of());
        int there = there(mine);
        if (there + by < 0) {
            throw new Refused(new CrewRefusal.OnlySoMany(there));
        }
        LocalDate day =
                mine.isEmpty() || !on.isBefore(mine.get(mine.size() - 1).count().on())
                        ? on
                        : mine.get(mine.size() - 1).count().on();
        counts.save(new CrewCountEntity(crew, day, there + by, 0, note));
    }

    private CrewEntity row(OwnedTank tank, long crew) {
        return rows.findByIdAndTankId(crew, tank.id()).orElseThrow(NoSuchTankException::new);
    }
}
