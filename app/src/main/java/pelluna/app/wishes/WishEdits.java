package pelluna.app.wishes;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.livestock.Lives;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.livestock.PlannedFish;
import pelluna.app.planfile.EntryForm;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.TankPlans;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Risk;
import pelluna.core.units.Convert;
import pelluna.words.Words;

/** Saves what is changed about a wish; what another window changed meanwhile is never overwritten unseen. */
@Service
public class WishEdits {
    private static final List<String> FIELDS = List.of("count", "lengthCm", "want", "captiveBred");

    private final TankPlans plans;
    private final Lives lives;

    WishEdits(TankPlans plans, Lives lives) {
        this.plans = plans;
        this.lives = lives;
    }

    /** The fields of a wish as the keeper reads and types them. */
    static Map<String, String> shown(LivestockEntity row, Words say) {
        FishFile wish = row.file();
        Double cm = wish.lengthCm();
        Map<String, String> shown = new LinkedHashMap<>();
        shown.put("count", wish.count().toString());
        shown.put("lengthCm", cm == null ? "" : say.number(say.us() ? Convert.inchesFromCm(cm) : cm, 2));
        shown.put("want", wish.want().toString());
        shown.put("captiveBred", String.valueOf(wish.captiveBred() != null));
        return shown;
    }

    /** @return what was refused, by field, in plain words; empty if all was saved */
    @Transactional
    Map<String, String> change(OwnedTank tank, long wish, Map<String, String> form, Words say) {
        plans.tank(tank);
        LivestockEntity row = wish(tank, wish);
        Map<String, String> now = shown(row, say);
        Map<String, String> refused = new LinkedHashMap<>();
        Map<String, String> merged = new LinkedHashMap<>(now);
        for (String field : FIELDS) {
            String typed = form.get(field);
            String was = form.get("was-" + field);
            if (typed == null || typed.trim().equals(now.get(field)) || typed.equals(was)) {
                continue;
            }
            if (was != null && !was.equals(now.get(field))) {
                refused.put(field, say.text("page.wishes.anotherWindowChangedThisTo", now.get(field)));
            } else {
                merged.put(field, typed);
            }
        }
        FishFile before = row.file();
        merged.put("species", before.species());
        EntryForm entry = EntryForm.wish(merged, say);
        refused.putAll(entry.errors());
        if (entry.errors().isEmpty()) {
            try {
                FishFile typed = plans.typed(tank, entry);
                boolean sameLength = merged.get("lengthCm").equals(now.get("lengthCm"));
                FishFile after = changed(before, typed, sameLength);
                plans.check(TankPlans.file(plans.tank(tank), PlannedFish.none()).wishing(List.of(after)));
                lives.wishes(row, after);
            } catch (PlanProblemsException e) {
                entry.refuse(e.problems());
                refused.putAll(entry.errors());
            }
        }
        return refused;
    }

    /** What the form asks is as typed, what a hand has set elsewhere stays. */
    private static FishFile changed(FishFile before, FishFile typed, boolean sameLength) {
        return before.but(d -> {
            d.count = typed.count();
            d.want = typed.want();
            d.captiveBred = typed.captiveBred();
            d.lengthCm = sameLength && before.lengthCm() != null ? before.lengthCm() : typed.lengthCm();
        });
    }

    /** Takes a wish at the keeper's own risk, or no longer. */
    @Transactional
    void risk(OwnedTank tank, long wish, Risk how) {
        plans.tank(tank);
        LivestockEntity row = wish(tank, wish);
        lives.wishes(row, row.file().but(d -> d.risk = how));
    }

    @Transactional
    public void remove(OwnedTank tank, long wish) {
        plans.tank(tank);
        lives.happens(wish(tank, wish), LifeEvent.TAKEN_OFF, plans.today());
    }

    private LivestockEntity wish(OwnedTank tank, long wish) {
        return lives.one(tank, wish)
                .filter(l -> l.partOf() == null && l.stage().wish())
                .orElseThrow(NoSuchTankException::new);
    }
}
