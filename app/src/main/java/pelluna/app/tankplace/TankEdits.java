package pelluna.app.tankplace;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Days;
import pelluna.app.livestock.Lives;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.livestock.PlannedFish;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planfile.Problem;
import pelluna.app.planning.TankPlans;
import pelluna.app.tank.FlatFigures;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.TankFigures;
import pelluna.app.tank.Tanks;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.plan.PlanFile;
import pelluna.words.Words;

/**
 * Saves what is typed about a tank, one field at a time. A window sends what it saw before with what was typed; if the
 * field has changed since in another window, nothing is overwritten and both values are shown.
 */
@Service
public class TankEdits {
    private final Tanks tanks;
    private final Lives lives;
    private final TankPlans plans;
    private final PlanFiles files;
    private final Clock clock;

    TankEdits(Tanks tanks, Lives lives, TankPlans plans, PlanFiles files, Clock clock) {
        this.tanks = tanks;
        this.lives = lives;
        this.plans = plans;
        this.files = files;
        this.clock = clock;
    }

    /** Creates a tank from its name and figures, typed in the keeper's units. */
    Long create(String name, FlatFigures figures) {
        PlanFile empty = PlanFile.of(name.trim(), null);
        return plans.bringIn(files.typed(empty, "tank", figures.nested())).id();
    }

    /**
     * Saves typed fields.
     *
     * @param typed what the fields hold now, by key
     * @param was   what this window had read before, by key
     * @return what was refused, by key, in plain words; everything else is saved
     */
    @Transactional
    public Map<String, String> save(
            OwnedTank tank, Map<TankField, List<String>> typed, Map<String, String> was, Words say) {
        TankEntity row = plans.tank(tank);
        Map<String, String> refused = new LinkedHashMap<>();
        typed.forEach((field, texts) -> {
            try {
                FlatFigures flat = row.figures().flat();
                Object value = Typed.parse(field, texts, say);
                String stored = shown(field, flat.get(field.key()), say);
                if (sameAs(value, flat.get(field.key()))
                        || shown(field, value, say).equals(stored)) {
                    return;
                }
                if (was.containsKey(field.key()) && !was.get(field.key()).equals(stored)) {
                    refused.put(
                            field.key(),
                            stored.isEmpty()
                                    ? say.text("page.tankplace.anotherWindowChangedThisTo")
                                    : say.text("page.tankplace.anotherWindowChangedThisTo2", stored));
                    return;
                }
                apply(tank, row, flat.with(field.key(), value));
            } catch (Typed.NotANumberException e) {
                refused.put(field.key(), say.text("page.tankplace.notANumberNotSaved", texts.get(texts.size() - 1)));
            } catch (PlanProblemsException e) {
                refused.put(field.key(), plain(field, e.problems(), say));
            }
        });
        tanks.save(row);
        return refused;
    }

    static String shown(TankField field, Object value, Words say) {
        return value instanceof List<?> list
                ? String.join(", ", list.stream().map(Object::toString).sorted().toList())
                : Typed.shown(field.kind(), value, say);
    }

    private static boolean sameAs(Object typed, Object stored) {
        return Objects.equals(typed, stored) || typed == null && stored == null;
    }

    private void apply(OwnedTank tank, TankEntity row, FlatFigures typedOnes) {
        FlatFigures figures = row.figures().scape() == null
                ? typedOnes
                : typedOnes.drawn(
                        DrawnReef.following(row.figures().scape(), row.figures().flat(), typedOnes));
        PlanFile plan = TankPlans.file(row, lives.planned(tank));
        PlanFile typed = files.typed(plan, "tank", figures.nested());
        plans.check(typed);
        row.measures(TankFigures.of(typed.tank()));
    }

    /** What is wrong with one field, in the keeper's units. */
    String plain(TankField field, List<Problem> problems, Words say) {
        Problem p = problems.get(0);
        boolean here = FlatFigures.fieldOf(p.field()).equals(field.key());
        String expected = here && field.kind().number() && field.kind() != TankField.Kind.WHOLE
                ? files.range(field.key())
                        .map(r -> Typed.range(field.kind(), r[0], r[1], say))
                        .orElseGet(() -> say.of(p.expected()))
                : say.of(p.expected());
        return here
                ? say.text("page.tankplace.expectedItIsNotSaved", expected)
                : say.text("page.tankplace.withThisWouldBeWrongExpectedIt", p.field(), expected);
    }

    @Transactional
    void rename(OwnedTank tank, String name) {
        TankEntity row = plans.tank(tank);
        plans.check(TankPlans.file(row, PlannedFish.none()).named(name.trim()));
        row.rename(name.trim());
        tanks.save(row);
    }

    @Transactional
    void stance(OwnedTank tank, String stance) {
        TankEntity row = plans.tank(tank);
        files.typed(TankPlans.file(row, PlannedFish.none()), "stance", stance);
        row.takeStance(stance);
        tanks.save(row);
    }

    @Transactional
    void startOn(OwnedTank tank, String day) {
        TankEntity row = plans.tank(tank);
        PlanFile plan = TankPlans.file(row, lives.planned(tank)).wishing(List.of());
        files.plan(files.typed(plan, "startOn", day.isBlank() ? null : day), plans.today());
        row.startsOn(day.isBlank() ? null : Days.planned("startOn", day, plans.today()));
        tanks.save(row);
    }

    @Transactional
    void takeOut(OwnedTank tank, long resident) {
        plans.remembersFeed(tank);
        LivestockEntity life = lives.one(tank, resident)
                .filter(l -> l.partOf() == null && l.stage().resident())
                .orElseThrow(NoSuchTankException::new);
        lives.happens(life, LifeEvent.TAKEN_OFF, plans.today());
    }

    @Transactional
    void giveUp(OwnedTank tank) {
        tanks.delete(plans.tank(tank));
    }

    /** Puts a tank away, or brings it back. */
    @Transactional
    void putAway(OwnedTank tank, boolean away) {
        TankEntity row = plans.tank(tank);
        row.putAway(away ? clock.instant() : null);
        tanks.save(row);
    }
}
