package pelluna.app.species;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.English;
import pelluna.core.units.Measures;
import pelluna.core.units.Named;

/** The facts of a species in sentences, each with where it comes from. */
final class FactSheet {
    /** One sentence and its source. */
    record Line(String topic, String says, String source) { }

    private final Species s;
    private final Measures say;
    private final List<Line> lines = new ArrayList<>();

    FactSheet(Species s, Measures say) {
        this.s = s;
        this.say = say;
    }

    List<Line> lines() {
        add("Size", "Grows to " + say.length(s.size().usualCm()) + " in a tank; the record is " + say.length(s.size().recordCm()) + ", about "
            + say.mass(s.size().adultGrams()) + " when grown.", "adult");
        add("Life", "Lives about " + Measures.number(s.size().lifespanYears()) + " years.", "lifespan");
        add("Place", "Lives in: " + words(s.place().zones()) + ". " + swims() + (s.place().holdsGround()
            ? " Holds a ground of about " + say.length(s.place().groundCm()) + " around its hide." : " Holds no ground."), "lives");
        add("Food", "Eats: " + s.diet().guild().word().replace('-', ' ') + ". Wants " + English.count(s.diet().mealsADay(), "meal", "meals") + " a day"
            + (s.diet().algaeDaily() ? " and something to graze" : "") + (s.diet().pods() > 0 ? " and live pods" : "") + ". Getting it to eat is " + s.diet().hard() + " of 5 in difficulty.", "feeding");
        add("Manners", "Boldness " + s.manner().bold() + ", timidity " + s.manner().timid() + "; towards its own kind " + s.manner().ownKind() + ", its genus "
            + s.manner().genus() + ", look-alikes " + s.manner().lookAlikes() + ", newcomers " + s.manner().newcomers() + ", smaller fish " + s.manner().smaller() + " (each 0 to 5).", "manner");
        add("Company", group(), "social");
        add("Reef life", reef(), "reef");
        add("Needs", needs(), s.facts().containsKey("sand") ? "sand" : "temperature");
        if (!s.habits().isEmpty()) {
            add("Habits", English.capital(words(s.habits())) + ".", "habits");
        }
        if (!s.hazards().isEmpty()) {
            add("Your safety", English.capital(words(s.hazards())) + ". Move it in a container, never by hand; this is a usual caution and no medical advice.", "danger");
        }
        if (!s.health().leanings().isEmpty() || s.health().copperSensitive()) {
            add("Health", (s.health().leanings().isEmpty() ? "" : "Leans to " + words(s.health().leanings()) + ". ")
                + (s.health().copperSensitive() ? "Copper harms it more than most." : ""), s.health().leanings().isEmpty() ? "copper" : "leanings");
        }
        add("Origin", !recorded("captive") ? "Whether captive-bred fish are to be had is not recorded." : s.captiveBred()
            ? "Captive-bred fish are to be had." : "Comes from the wild.", "captive");
        s.partner().ifPresent(p -> add("Partner", "Lives with: " + p + ".", "partner"));
        return lines;
    }

    private void add(String topic, String says, String fact) {
        lines.add(new Line(topic, says, recorded(fact) ? s.source(fact) : "no fact in the catalogue"));
    }

    private boolean recorded(String fact) {
        return s.facts().containsKey(fact);
    }

    private String swims() {
        return switch (s.place().swims()) {
            case NEVER_STOPS -> "Swims all day without a stop.";
            case CRUISES -> "Cruises, with rests.";
            case PERCHES -> "Perches and watches.";
            case BURROWS -> "Keeps close to its burrow.";
            case HIDES -> "Keeps close to its hide.";
        };
    }

    private String group() {
        String base = switch (s.social().life()) {
            case ALONE -> "One to a tank.";
            case ALONE_OR_PAIR -> "One, or a mated pair.";
            case PAIR -> "A pair; more thin out to two.";
            case HAREM -> "One alone, or a group of " + s.social().least() + " and more; never two.";
            case SHOAL -> "A shoal of " + s.social().least() + " and more.";
        };
        return base + (s.social().life() == GroupLife.ALONE ? "" : s.social().sexChange().map(c -> " Changes sex: " + c + ".").orElse(""));
    }

    private String reef() {
        if (!recorded("reef")) {
            return "No harm to the reef's other life is recorded.";
        }
        List<String> parts = new ArrayList<>();
        for (Harm harm : new Harm[] {Harm.EXPECT, Harm.OFTEN, Harm.KNOWN}) {
            List<String> kinds = java.util.Arrays.stream(ReefLife.values()).filter(k -> s.harmTo(k) == harm).map(ReefLife::plain).toList();
            if (!kinds.isEmpty()) {
                parts.add((harm == Harm.EXPECT ? "Expect it to go for " : harm == Harm.OFTEN ? "Often goes for " : "Has been known to go for ") + English.list(kinds) + ".");
            }
        }
        return parts.isEmpty() ? "Leaves the reef's other life alone." : String.join(" ", parts) + " Leaves the rest alone.";
    }

    private String needs() {
        Species.Needs n = s.needs();
        List<String> parts = new ArrayList<>();
        if (n.sandCm() > 0) {
            parts.add(say.length(n.sandCm()) + " of sand");
        }
        if (n.hides() > 0) {
            parts.add(English.count(n.hides(), "hide", "hides") + " of its own");
        }
        if (n.ageMonths() > 0) {
            parts.add("a tank of " + Measures.number(n.ageMonths()) + " months");
        }
        parts.add(say.temperature(n.coolestC()) + " to " + say.temperature(n.warmestC()));
        return "Wants " + English.list(parts) + ".";
    }

    private static String words(java.util.Collection<? extends Named> words) {
        return words.stream().map(Named::word).map(w -> w.replace('-', ' ')).sorted().collect(Collectors.joining(", "));
    }
}
