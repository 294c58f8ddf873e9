package pelluna.app.wishes;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.exchange.PlanProblemsException;
import pelluna.app.planning.NoSuchTankException;
import pelluna.app.planning.PlanDesk;
import pelluna.app.tank.EntryForm;
import pelluna.core.plan.Risk;
import pelluna.core.units.Convert;
import pelluna.words.Measures;
import pelluna.words.Words;

/** Saves what is changed about a wish; what another window changed meanwhile is never overwritten unseen. */
@Service
class WishDesk {
    private static final List<String> FIELDS = List.of("count", "lengthCm", "want", "captiveBred");

    private final PlanDesk desks;
    private final Wishes wishes;

    WishDesk(PlanDesk desks, Wishes wishes) {
        this.desks = desks;
        this.wishes = wishes;
    }

    /** The fields of a wish as the keeper reads and types them. */
    static Map<String, String> shown(WishEntity row, Words say) {
        Map<String, Object> tree = row.tree();
        Map<String, String> shown = new LinkedHashMap<>();
        shown.put("count", tree.get("count").toString());
        shown.put(
                "lengthCm",
                tree.get("lengthCm") instanceof Number n
                        ? Measures.number(
                                Measures.round(say.us() ? Convert.inchesFromCm(n.doubleValue()) : n.doubleValue(), 2))
                        : "");
        shown.put("want", tree.get("want").toString());
        shown.put("captiveBred", String.valueOf(tree.containsKey("captiveBred")));
        return shown;
    }

    /** @return what was refused, by field, in plain words; empty if all was saved */
    @Transactional
    Map<String, String> change(long tank, long wish, Map<String, String> form, Words say) {
        desks.tank(tank);
        WishEntity row = wishes.findByIdAndTankId(wish, tank).orElseThrow(NoSuchTankException::new);
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
                refused.put(
                        field,
                        "Another window changed this to " + now.get(field)
                                + " meanwhile; yours is not saved. Save again to put yours in its place.");
            } else {
                merged.put(field, typed);
            }
        }
        merged.put("species", row.tree().get("species").toString());
        EntryForm entry = EntryForm.wish(merged, say);
        refused.putAll(entry.errors());
        if (entry.errors().isEmpty()) {
            try {
                if (merged.get("lengthCm").equals(now.get("lengthCm"))
                        && row.tree().containsKey("lengthCm")) {
                    entry.tree().put("lengthCm", row.tree().get("lengthCm"));
                }
                for (String byHand :
                        List.of("place", "box", "on", "together", "alone", "price", "risk", "leavesOn", "leavesWhy")) {
                    if (row.tree().containsKey(byHand)) {
                        entry.tree().put(byHand, row.tree().get(byHand));
                    }
                }
                Map<String, Object> plan = PlanDesk.tree(desks.tank(tank), List.of(), List.of());
                plan.put("wishes", List.of(entry.tree()));
                desks.check(plan);
                row.take(entry.tree());
                wishes.saveAndFlush(row);
            } catch (PlanProblemsException e) {
                entry.refuse(e.problems());
                refused.putAll(entry.errors());
            }
        }
        return refused;
    }

    /** Takes a wish at the keeper's own risk, or no longer. */
    @Transactional
    void risk(long tank, long wish, Risk how) {
        desks.tank(tank);
        WishEntity row = wishes.findByIdAndTankId(wish, tank).orElseThrow(NoSuchTankException::new);
        Map<String, Object> tree = row.tree();
        tree.put("risk", how.word());
        row.take(tree);
        wishes.saveAndFlush(row);
    }

    @Transactional
    void remove(long tank, long wish) {
        desks.tank(tank);
        wishes.delete(wishes.findByIdAndTankId(wish, tank).orElseThrow(NoSuchTankException::new));
    }
}
