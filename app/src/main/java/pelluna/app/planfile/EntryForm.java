package pelluna.app.planfile;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import pelluna.app.limits.Numbers;
import pelluna.app.rows.PlanJson;
import pelluna.core.names.Resolution;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.PlanFile;
import pelluna.core.units.Convert;
import pelluna.words.Words;
import tools.jackson.databind.node.ObjectNode;

/** A fish as typed — species, number, length and the rest — on its way to an entry of the plan file. */
public final class EntryForm {
    private final ObjectNode tree = PlanJson.MAPPER.createObjectNode();
    private final Map<String, String> errors = new LinkedHashMap<>();

    /** The list of the plan that it is typed for. */
    private final boolean lives;

    private final Words say;

    private EntryForm(boolean lives, Words say) {
        this.lives = lives;
        this.say = say;
    }

    public static EntryForm resident(Map<String, String> form, Words say) {
        EntryForm entry = common(true, form, say);
        String since = form.getOrDefault("since", "").trim();
        if (!since.isEmpty()) {
            entry.tree.put("since", since);
        }
        return entry;
    }

    public static EntryForm wish(Map<String, String> form, Words say) {
        EntryForm entry = common(false, form, say);
        entry.number(form, "want", 1, true);
        return entry;
    }

    private static EntryForm common(boolean lives, Map<String, String> form, Words say) {
        EntryForm entry = new EntryForm(lives, say);
        String typed = form.getOrDefault("species", "").trim();
        String species = form.getOrDefault("chosen", "").isBlank()
                ? typed
                : form.get("chosen").trim();
        if (species.isEmpty()) {
            entry.errors.put("species", say.text("page.planfile.whichFish"));
        }
        entry.tree.put("species", species);
        entry.number(form, "count", 1, true);
        entry.number(form, "lengthCm", say.us() ? Convert.CM_PER_INCH : 1, false);
        if (Boolean.parseBoolean(form.get("captiveBred"))) {
            entry.tree.put("captiveBred", true);
        }
        return entry;
    }

    /**
     * Puts the accepted name in place of what was typed; if it is not sure which fish is meant, that is wrong with it.
     */
    public EntryForm named(Function<String, Resolution> resolver) {
        if (errors.containsKey("species")) {
            return this;
        }
        Resolution meant = resolver.apply(tree.get("species").asString());
        meant.one()
                .ifPresentOrElse(
                        s -> tree.put("species", s.scientificName()),
                        () -> errors.put("species", say.text("page.planfile.whichOfThese")));
        return this;
    }

    private void number(Map<String, String> form, String key, double factor, boolean whole) {
        String text = form.getOrDefault(key, "").trim().replace(',', '.');
        if (text.isEmpty()) {
            return;
        }
        try {
            double value = Numbers.finite(text) * factor;
            if (!Double.isFinite(value)) {
                throw new NumberFormatException(text);
            }
            if (whole && value == Math.rint(value) && Math.abs(value) < 1e9) {
                tree.put(key, (int) value);
            } else {
                tree.put(key, value);
            }
        } catch (NumberFormatException e) {
            errors.put(key, say.text("page.planfile.notANumber", text));
        }
    }

    /** Takes over what the plan's own checks refused, each beside its field. */
    public void refuse(List<Problem> problems) {
        problems.forEach(p -> {
            String key = p.field().replaceFirst(".*\\.", "").replaceFirst("^(wishes|residents).*", "species");
            errors.put(key, say.text("page.planfile.foundAndExpected", p.found(), p.expected()));
        });
    }

    /**
     * What was typed, held against the schema.
     *
     * @param bare a plan of its tank, without any fish
     * @throws PlanProblemsException with every field that is wrong
     */
    public FishFile fish(PlanFiles files, PlanFile bare) {
        PlanFile typed = files.typed(bare, lives ? "residents" : "wishes", List.of(tree));
        return (lives ? typed.residents() : typed.wishes()).get(0);
    }

    /** The entry of a plan file as it was typed, not held against the schema yet. */
    ObjectNode tree() {
        return tree;
    }

    /** What is wrong, by field, in plain words. */
    public Map<String, String> errors() {
        return errors;
    }
}
