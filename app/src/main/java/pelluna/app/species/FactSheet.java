package pelluna.app.species;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;
import pelluna.core.catalogue.Caution;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.ReefLife;
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
                say.text("page.species.size"),
                say.text(
                        "page.species.growsToInATankTheRecord",
                        say.length(s.size().usualCm()),
                        say.length(s.size().recordCm()),
                        say.mass(s.size().adultGrams())),
                "adult",
                "mass");
        add(
                say.text("page.species.life"),
                say.text(
                        "page.species.livesAboutYearsAndIsFourFifths",
                        (int) Math.round(s.size().lifespanYears()),
                        (int) Math.max(1, Math.round(-Math.log(0.2) / s.size().growthPerYear() * 12))),
                "lifespan",
                "growth");
        add(
                say.text("page.species.place"),
                s.place().holdsGround()
                        ? say.text(
                                "page.species.livesInHoldsAGroundOfAbout",
                                words(s.place().zones()),
                                swims(),
                                say.length(s.place().groundCm()))
                        : say.text(
                                "page.species.livesInHoldsNoGround",
                                words(s.place().zones()),
                                swims()),
                "lives",
                "swims",
                "ground");
        add(say.text("page.species.food"), feeding(), "feeding", "eats", "mouth", "kills");
        add(say.text("page.species.manners"), manners(), "manner");
        add(
                say.text("page.species.company"),
                group()
                        + s.disputes()
                                .company()
                                .map(d -> say.text(
                                        "page.species.keepersDifferTheBoldSayThe",
                                        say.written(d.bold()),
                                        say.written(d.cautious())))
                                .orElse(""),
                "social",
                "company-dispute",
                "together");
        add(
                say.text("page.species.reefLife"),
                reef()
                        + s.disputes()
                                .reef()
                                .map(d -> say.text(
                                        "page.species.keepersDifferTheTrustingSayThe",
                                        say.written(d.bold()),
                                        say.written(d.cautious())))
                                .orElse(""),
                "reef",
                "reef-dispute");
        add(say.text("page.species.needs"), needs(), "temperature", "sand", "hides", "age", "salinity", "flow");
        add(
                say.text("page.species.habits"),
                s.habits().isEmpty() ? jumps() : say.text("page.species.also", jumps(), words(s.habits())),
                "jumps",
                "habits");
        add(
                say.text("page.species.goodFor"),
                s.helps().isEmpty()
                        ? say.text("page.species.keptForItself")
                        : say.text("page.species.keptForSomeTakeToItNone", words(s.helps())),
                "helps");
        add(
                say.text("page.species.yourSafety"),
                s.hazards().isEmpty()
                        ? say.text("page.species.noDangerIsKnownToAKeeper")
                        : say.text("page.species.moveItInAContainerNeverBy", say.of(Caution.about(s.hazards()))),
                "danger");
        add(say.text("page.species.health"), health(), "leanings", "copper");
        add(say.text("page.species.skill"), skill(), "skill");
        add(
                say.text("page.species.origin"),
                s.captiveBred()
                        ? say.text("page.species.captiveBredFishAreToBeHad")
                        : say.text("page.species.comesFromTheWild"),
                "captive");
        add(
                say.text("page.species.partner"),
                s.partner()
                        .map(p -> say.text("page.species.livesWith", say.written(p)))
                        .orElse(say.text("page.species.needsNoPartner")),
                "partner");
        return lines;
    }

    private String skill() {
        return switch (s.skill()) {
            case 1 -> say.text("page.species.forEverybody");
            case 2 -> say.text("page.species.forThoseWhoHaveKeptEasierFish");
            case 3 -> say.text("page.species.forThoseWithSomeYearsOf");
            default -> say.text("page.species.forTheSeasonedIfAtAll");
        };
    }

    private void add(String topic, String says, String... facts) {
        lines.add(new Line(
                topic,
                says,
                s.facts().containsKey(facts[0])
                        ? say.of(s.facts().get(facts[0]).origin())
                        : say.text("page.species.noFactInTheCatalogue"),
                List.of(facts)));
    }

    private String health() {
        String leanings = s.health().leanings().isEmpty()
                ? say.text("page.species.leansToNoIllnessInParticular")
                : say.text("page.species.leansTo", words(s.health().leanings()));
        String copper = switch (s.health().copper()) {
            case TOLERATES -> say.text("page.species.standsCopper");
            case DISPUTED -> say.text("page.species.copperDisputed");
            case SENSITIVE -> say.text("page.species.copperHarms");
        };
        return leanings + " " + copper;
    }

    private String feeding() {
        Species.Diet d = s.diet();
        List<String> wants = new ArrayList<>();
        wants.add(say.text("page.species.mealsADay", d.mealsADay()));
        if (d.algaeDaily()) {
            wants.add(say.text("page.species.somethingToGraze"));
        }
        if (d.pods() > 0) {
            wants.add(say.text("page.species.livePods"));
        }
        List<String> says = new ArrayList<>();
        says.add(say.text(
                "page.species.eatsAndWants",
                d.guild(),
                String.join(say.text("page.species.andBetween"), wants),
                d.hard()));
        if (s.mouthShare() >= 0.2) {
            says.add(say.text("page.species.swallows", Math.round(100 * s.mouthShare())));
        }
        s.kills().map(this::killing).ifPresent(says::add);
        return String.join(" ", says);
    }

    /** The scale of 0 to 5 in words, only for what is worth saying. */
    private String manners() {
        Species.Manner m = s.manner();
        List<String> parts = new ArrayList<>();
        parts.add(scale(
                m.bold(),
                say.text("page.species.meek"),
                say.text("page.species.mild"),
                say.text("page.species.hasSomeTemper"),
                say.text("page.species.bold"),
                say.text("page.species.aBully")));
        parts.add(
                m.timid() >= 4
                        ? say.text("page.species.andEasilyFrightened")
                        : m.timid() >= 2 ? say.text("page.species.aLittleShy") : say.text("page.species.notShy"));
        List<String> hard = new ArrayList<>();
        target(hard, m.ownKind(), say.text("page.species.itsOwnKind"), say);
        target(hard, m.genus(), say.text("page.species.itsGenus"), say);
        target(hard, m.lookAlikes(), say.text("page.species.lookAlikes"), say);
        target(hard, m.foodRivals(), say.text("page.species.foodRivals"), say);
        target(hard, m.newcomers(), say.text("page.species.newcomers"), say);
        target(hard, m.smaller(), say.text("page.species.smallerFish"), say);
        return hard.isEmpty()
                ? say.text("page.species.hardOnNobody", String.join(", ", parts))
                : say.text("page.species.hardOn", String.join(", ", parts), say.list(hard));
    }

    private static void target(List<String> hard, int rating, String whom, Words say) {
        if (rating >= 3) {
            hard.add(rating == 5 ? say.text("page.species.aboveAll", whom) : whom);
        }
    }

    private static String scale(int rating, String... words) {
        return words[Math.min(words.length - 1, Math.max(0, rating - 1))];
    }

    private String jumps() {
        return switch (s.jumping()) {
            case SELDOM -> say.text("page.species.seldomJumps");
            case SOMETIMES -> say.text("page.species.jumpsNowAndThen");
            case OFTEN -> say.text("page.species.jumpsOftenNoGapInTheCover");
        };
    }

    private String swims() {
        return switch (s.place().swims()) {
            case NEVER_STOPS -> say.text("page.species.swimsAllDayWithoutAStop");
            case CRUISES -> say.text("page.species.cruisesWithRests");
            case PERCHES -> say.text("page.species.perchesAndWatches");
            case BURROWS -> say.text("page.species.keepsCloseToItsBurrow");
            case HIDES -> say.text("page.species.keepsCloseToItsHide");
        };
    }

    private String group() {
        String base = switch (s.social().life()) {
            case ALONE -> say.text("page.species.oneToATank");
            case ALONE_OR_PAIR -> say.text("page.species.oneOrAMatedPair");
            case PAIR -> say.text("page.species.aPairMoreThinOutToTwo");
            case HAREM ->
                say.text("page.species.oneAloneOrAGroupOfAnd", s.social().least());
            case SHOAL -> say.text("page.species.aShoalOfAndMore", s.social().least());
        };
        return base
                + (s.social().life() == GroupLife.ALONE
                        ? ""
                        : s.social()
                                .sexChange()
                                .map(c -> say.text("page.species.changesSex", c))
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
                parts.add(
                        harm == Harm.EXPECT
                                ? say.text("page.species.expectItToGoFor", say.list(kinds))
                                : harm == Harm.OFTEN
                                        ? say.text("page.species.oftenGoesFor", say.list(kinds))
                                        : say.text("page.species.hasBeenKnownToGoFor", say.list(kinds)));
            }
        }
        return parts.isEmpty()
                ? say.text("page.species.leavesTheReefsLifeAlone")
                : say.text("page.species.leavesTheRestAlone", String.join(" ", parts));
    }

    private String kind(ReefLife k) {
        Species.ReefRisk risk = s.reefLife().get(k);
        return risk != null && risk.sparesFromCm() > 0
                ? say.text("page.species.under", k, say.length(risk.sparesFromCm()))
                : say.of(k);
    }

    private String needs() {
        Species.Needs n = s.needs();
        List<String> parts = new ArrayList<>();
        if (n.sandCm() > 0) {
            parts.add(say.text("page.species.ofSand", say.length(n.sandCm())));
        }
        if (n.hides() > 0) {
            parts.add(say.text("page.species.hidesOfItsOwn", n.hides()));
        }
        if (n.ageMonths() > 0) {
            parts.add(say.text("page.species.aTankOfMonths", (int) Math.round(n.ageMonths())));
        }
        parts.add(say.text("page.species.to2", say.temperature(n.coolestC()), say.temperature(n.warmestC())));
        String wants = say.text("page.species.wants", say.list(parts));
        return switch (n.flow()) {
            case QUIET -> wants + " " + say.text("page.species.quietWater");
            case ANY -> wants;
            case STRONG -> wants + " " + say.text("page.species.strongFlow");
        };
    }

    private String words(Collection<? extends Enum<?>> words) {
        return words.stream().map(say::of).sorted().collect(Collectors.joining(", "));
    }

    private String killing(Species.Kills k) {
        String kills = switch (k.harm()) {
            case LEAVES_ALONE, KNOWN -> say.text("page.species.hasBeenKnownToKill");
            case OFTEN -> say.text("page.species.oftenKills");
            case EXPECT -> say.text("page.species.expectItToKill");
        };
        return say.text(
                "page.species.fishOfUpToOfItsLength", kills, Math.round(100 * k.upToShare()), say.length(k.fromCm()));
    }
}
