package pelluna.app.species;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.catalogue.Copper;
import pelluna.core.catalogue.Fact;
import pelluna.core.catalogue.FactForm;
import pelluna.core.catalogue.Flow;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Jumps;
import pelluna.core.catalogue.Pace;
import pelluna.core.catalogue.Sold;
import pelluna.core.catalogue.Swims;
import pelluna.core.units.Named;
import pelluna.words.Words;

/**
 * A fact as a small form, so that a keeper can say it otherwise.
 *
 * @param ours  Pelluna's words, empty for a species of the keeper's own
 * @param yours the keeper's words, empty if there are none
 * @param error what is wrong with what was typed just now
 */
record FactEdit(
        String key,
        FactForm.FactMeaning says,
        String ours,
        String yours,
        String why,
        List<Field> fields,
        String error) {
    /** One slot: a choice if it has words to choose from, else a number or text. */
    record Field(String name, FactForm.SlotName label, String value, boolean number, List<String> choices) {
        public FactForm.ChoiceName called(String choice) {
            return FactForm.ChoiceName.of(choice);
        }
    }

    private static final Map<String, List<String>> CHOICES = Map.ofEntries(
            Map.entry("swims", words(Swims.values())),
            Map.entry("guild", words(Guild.values())),
            Map.entry("pace", words(Pace.values())),
            Map.entry("jumps", words(Jumps.values())),
            Map.entry("flow", words(Flow.values())),
            Map.entry("social", words(GroupLife.values())),
            Map.entry("grazes", List.of("no", "daily")),
            Map.entry("pods", List.of("none", "some", "plenty")),
            Map.entry("copperSensitive", words(Copper.values())),
            Map.entry("sold", words(Sold.values())),
            Map.entry("kills", List.of("known", "often", "expect")));

    private static List<String> words(Named[] values) {
        return Arrays.stream(values).map(Named::word).toList();
    }

    public FactForm.FactName named() {
        return FactForm.FactName.of(key);
    }

    public boolean disagrees() {
        return !yours.isEmpty();
    }

    /** @param now the fact as it stands; empty fields if there is none */
    static FactEdit of(FactForm form, Optional<Fact> now, String ours, String yours, String why) {
        return typed(form, now.map(form::read).orElse(Map.of()), ours, yours, why, "");
    }

    static FactEdit typed(
            FactForm form, Map<String, String> values, String ours, String yours, String why, String error) {
        List<Field> fields = form.slots().stream()
                .map(slot -> {
                    List<String> choices = slot.kind() == FactForm.Kind.FLAG
                            ? List.of(slot.flag())
                            : CHOICES.getOrDefault(slot.name(), List.of());
                    return new Field(
                            slot.name(),
                            slot.named(),
                            values.getOrDefault(slot.name(), ""),
                            slot.kind() == FactForm.Kind.NUMBER,
                            choices);
                })
                .toList();
        return new FactEdit(form.key(), form.meaning(), ours, yours, why, fields, error);
    }

    /** What the fact says, with its units where it has any. */
    public String hint(Words say) {
        boolean units = fields.stream().anyMatch(f -> f.name().matches(".*(Cm|Litres|C)(\\..*)?"));
        return units ? say.text("page.species.inCmLAndC", say.title(says)) : say.title(says) + ".";
    }

    /** The slots of a posted form, by their names. */
    static Map<String, String> posted(FactForm form, Map<String, String> posted) {
        Map<String, String> values = new LinkedHashMap<>();
        form.slots()
                .forEach(slot -> values.put(
                        slot.name(), posted.getOrDefault(slot.name(), "").trim()));
        return values;
    }
}
