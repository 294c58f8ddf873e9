package pelluna.app.fish;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.livestock.Stage;
import pelluna.core.units.Statement;
import pelluna.words.Words;

/** A fish, pair, group or named member as the log speaks of it. */
public record Fish(
        long id,
        Species species,
        int count,
        String name,
        String role,
        Stage stage,
        Long partOf,
        LocalDate cameOn,
        boolean recordAside,
        boolean pictured) {

    /** What it is called in a sentence: its name, or its kind. */
    public String label(Words say) {
        return !name.isEmpty() ? name : say.of(species, count);
    }

    /**
     * With the article that a kind wants and a name does not: 'the coral beauty', 'Saffron', 'the ocellaris
     * clownfish'.
     */
    public Statement said() {
        if (!name.isEmpty()) {
            return new TheFish.ByName(name);
        }
        return new TheFish.ByKind(species);
    }

    /** The same of one that may not be known. @param fish null for one that is not */
    public static Statement said(Fish fish) {
        return fish == null ? new TheFish.Some() : fish.said();
    }

    /** Its name, or its kind without a number. */
    public String kind(Words say) {
        return !name.isEmpty() ? name : say.of(species);
    }

    /** Everything it goes by in any tongue, for what a keeper types. */
    public List<String> names() {
        List<String> names = new ArrayList<>();
        if (!name.isEmpty()) {
            names.add(name);
        }
        if (partOf == null || name.isEmpty()) {
            names.addAll(species.commonNames());
            names.addAll(species.namesAbroad());
            names.add(species.scientificName());
            names.add(species.group());
        }
        return names;
    }

    /** Whether it can be seen in the tank, the box too. */
    public boolean there() {
        return stage.there();
    }

    public boolean boxed() {
        return stage.boxed();
    }

    public boolean missing() {
        return stage == Stage.MISSING;
    }

    /** Whether it swims in the tank, out of any box. */
    public boolean swims() {
        return stage == Stage.DISPLAY;
    }

    /** Whether its keeper has it no longer, or not any more as more than a wish. */
    public boolean gone() {
        return !stage.kept();
    }

    /** Whether it is a resident of the plan by itself, not as a member of a group. */
    public boolean lives() {
        return partOf == null && stage.resident();
    }
}
