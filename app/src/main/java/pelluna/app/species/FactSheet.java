package pelluna.app.species;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import pelluna.core.catalogue.Caution;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Named;
import pelluna.words.English;
import pelluna.words.Words;

/**
 * The facts of a species in sentences, each with where it comes from. The topics are the same for every species, so
 * that two can be laid side by side.
 */
final class FactSheet {
    /** One topic: its sentence, where the first of its facts comes from, and the facts behind it. */
    record Line(String topic, String says, String origin, List<String> facts) {}

    private final Species s;
    private final Words say;
    private final List<Line> lines = new ArrayList<>();

    FactSheet(Species s, Words say) {
        this.s = s;
        this.say = say;
    }

    List<Line> lines() {
        add(
                "Size",
                "Grows to " + say.length(s.size().usualCm()) + " in a tank; the record is "
                        + say.length(s.size().recordCm()) + ", about "
                        + say.mass(s.size().adultGrams()) + " when grown.",
                "adult",
                "mass");
        add(
                "Life",
                "Lives about " + English.count((int) Math.round(s.size().lifespanYears()), "year", "years")
                        + " and is four fifths grown after "
                        + English.count(
                                (int) Math.max(
                                        1, Math.round(-Math.log(0.2) / s.size().growthPerYear() * 12)),
                                "month",
                                "months")
                        + ".",
                "lifespan",
                "growth");
        add(
                "Place",
                "Lives in: " + words(s.place().zones()) + ". " + swims()
                        + (s.place().holdsGround()
                                ? " Holds a ground of about "
                                        + say.length(s.place().groundCm()) + " around its hide."
                                : " Holds no ground."),
                "lives",
                "swims",
                "ground");
        add(
                "Food",
                "Eats: " + s.diet().guild().word().replace('-', ' ') + ". Wants "
                        + English.count(s.diet().mealsADay(), "meal", "meals") + " a day"
                        + (s.diet().algaeDaily() ? " and something to graze" : "")
                        + (s.diet().pods() > 0 ? " and live pods" : "") + ". Getting it to eat is "
                        + s.diet().hard() + " of 5 in difficulty."
                        + (s.mouthShare() >= 0.2
                                ? " Swallows fish of up to " + Math.round(100 * s.mouthShare()) + " % of its length."
                                : "")
                        + s.kills().map(k -> " " + killing(k)).orElse(""),
                "feeding",
                "eats",
                "mouth",
                "kills");
        add("Manners", manners(), "manner");
        add(
                "Company",
                group()
                        + s.disputes()
                                .company()
                                .map(d -> " Keepers differ: the bold say, " + d.bold() + "; the cautious say, "
                                        + d.cautious() + ".")
                                .orElse(""),
                "social",
                "company-dispute",
                "together");
        add(
                "Reef life",
                reef()
                        + s.disputes()
                                .reef()
                                .map(d -> " Keepers differ: the trusting say, " + d.bold() + "; the wary say, "
                                        + d.cautious() + ".")
                                .orElse(""),
                "reef",
                "reef-dispute");
        add("Needs", needs(), "temperature", "sand", "hides", "age", "salinity", "flow");
        add("Habits", jumps() + (s.habits().isEmpty() ? "" : " Also: " + words(s.habits()) + "."), "jumps", "habits");
        add(
                "Good for",
                s.helps().isEmpty()
                        ? "Kept for itself."
                        : "Kept for " + words(s.helps()) + "; some take to it, none is sure to.",
                "helps");
        add(
                "Your safety",
                s.hazards().isEmpty()
                        ? "No danger is known to a keeper with ordinary care."
                        : say.of(Caution.about(s.hazards()))
                                + " Move it in a container, never by hand. These are usual cautions and no medical "
                                + "advice.",
                "danger");
        add(
                "Health",
                (s.health().leanings().isEmpty()
                                ? "Leans to no illness in particular."
                                : "Leans to " + words(s.health().leanings()) + ".")
                        + switch (s.health().copper()) {
                            case TOLERATES -> " Stands copper as well as most.";
                            case DISPUTED -> " Some give it copper, some only watch it.";
                            case SENSITIVE -> " Few treat it with copper, which harms it more than most.";
                        },
                "leanings",
                "copper");
        add("Skill", SKILL[s.skill() - 1], "skill");
        add("Origin", s.captiveBred() ? "Captive-bred fish are to be had." : "Comes from the wild.", "captive");
        add("Partner", s.partner().map(p -> "Lives with: " + p + ".").orElse("Needs no partner."), "partner");
        return lines;
    }

    private static final String[] SKILL = {
        "For everybody.",
        "For those who have kept easier fish for some months.",
        "For those with some years of practice.",
        "For the seasoned, if at all."
    };

    private void add(String topic, String says, String... facts) {
        lines.add(new Line(
                topic,
                says,
                s.facts().containsKey(facts[0]) ? say.of(s.facts().get(facts[0]).origin()) : "no fact in the catalogue",
                List.of(facts)));
    }

    /** The scale of 0 to 5 in words, only for what is worth saying. */
    private String manners() {
        Species.Manner m = s.manner();
        List<String> parts = new ArrayList<>();
        parts.add(scale(m.bold(), "Meek", "Mild", "Has some temper", "Bold", "A bully"));
        parts.add(m.timid() >= 4 ? "and easily frightened" : m.timid() >= 2 ? "a little shy" : "not shy");
        List<String> hard = new ArrayList<>();
        target(hard, m.ownKind(), "its own kind");
        target(hard, m.genus(), "its genus");
        target(hard, m.lookAlikes(), "look-alikes");
        target(hard, m.foodRivals(), "food rivals");
        target(hard, m.newcomers(), "newcomers");
        target(hard, m.smaller(), "smaller fish");
        return String.join(", ", parts) + ". "
                + (hard.isEmpty() ? "Hard on nobody." : "Hard on " + English.list(hard) + ".");
    }

    private static void target(List<String> hard, int rating, String whom) {
        if (rating >= 3) {
            hard.add(whom + (rating == 5 ? " above all" : ""));
        }
    }

    private static String scale(int rating, String... words) {
        return words[Math.min(words.length - 1, Math.max(0, rating - 1))];
    }

    private String jumps() {
        return switch (s.jumping()) {
            case SELDOM -> "Seldom jumps.";
            case SOMETIMES -> "Jumps now and then.";
            case OFTEN -> "Jumps often: no gap in the cover.";
        };
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
        return base
                + (s.social().life() == GroupLife.ALONE
                        ? ""
                        : s.social()
                                .sexChange()
                                .map(c -> " Changes sex: " + c + ".")
                                .orElse(""));
    }

    private String reef() {
        List<String> parts = new ArrayList<>();
        for (Harm harm : new Harm[] {Harm.EXPECT, Harm.OFTEN, Harm.KNOWN}) {
            List<String> kinds = java.util.Arrays.stream(ReefLife.values())
                    .filter(k -> s.harmTo(k) == harm)
                    .map(this::kind)
                    .toList();
            if (!kinds.isEmpty()) {
                parts.add((harm == Harm.EXPECT
                                ? "Expect it to go for "
                                : harm == Harm.OFTEN ? "Often goes for " : "Has been known to go for ")
                        + English.list(kinds) + ".");
            }
        }
        return parts.isEmpty()
                ? "Leaves the reef's other life alone."
                : String.join(" ", parts) + " Leaves the rest alone.";
    }

    private String kind(ReefLife k) {
        Species.ReefRisk risk = s.reefLife().get(k);
        return say.of(k) + (risk != null && risk.sparesFromCm() > 0 ? " under " + say.length(risk.sparesFromCm()) : "");
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
            parts.add("a tank of " + English.count((int) Math.round(n.ageMonths()), "month", "months"));
        }
        parts.add(say.temperature(n.coolestC()) + " to " + say.temperature(n.warmestC()));
        return "Wants " + English.list(parts) + "."
                + switch (n.flow()) {
                    case QUIET -> " Quiet water.";
                    case ANY -> "";
                    case STRONG -> " Strong flow.";
                };
    }

    private static String words(java.util.Collection<? extends Named> words) {
        return words.stream()
                .map(Named::word)
                .map(w -> w.replace('-', ' '))
                .sorted()
                .collect(Collectors.joining(", "));
    }

    private String killing(Species.Kills k) {
        String kills = switch (k.harm()) {
            case LEAVES_ALONE, KNOWN -> "Has been known to kill";
            case OFTEN -> "Often kills";
            case EXPECT -> "Expect it to kill";
        };
        return kills + " fish of up to " + Math.round(100 * k.upToShare())
                + " % of its length that it cannot swallow, from " + say.length(k.fromCm()) + " on.";
    }
}
