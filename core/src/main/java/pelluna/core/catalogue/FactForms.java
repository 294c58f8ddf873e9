package pelluna.core.catalogue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Every fact that a species can have, how it is written, and the names of its fields in the open formats. Read it from
 * top to bottom.
 */
public final class FactForms {
    private static final List<FactForm> ALL = List.of(
            need("names", "{commonNames:l}", "yellow tang, yellow surgeonfish"),
            may("local", "{localNames:l}", "lau'ipala (Hawaiian), chirurgien jaune (French)"),
            may("synonyms", "{synonyms:l}", "Zebrasoma velifer"),
            may("sold", "{sold:w}", "often"),
            need("group", "{group:t}", "surgeonfish"),
            need("adult", "{adultLengthCm.usual:n} cm, record {adultLengthCm.record:n} cm", "16 cm, record 20 cm"),
            need("mass", "a {massFromLength.a:n}, b {massFromLength.b:n}", "a 0.026, b 3.0"),
            need("growth", "{growthPerYear:n} per year", "0.5 per year"),
            need("lifespan", "{lifespanYears:n} years", "20 years"),
            need(
                    "volume",
                    "{leastVolumeLitres.bold:n} / {leastVolumeLitres.customary:n} / {leastVolumeLitres.cautious:n} L",
                    "280 / 380 / 475 L"),
            may(
                    "group-volume",
                    "{leastGroupVolumeLitres.bold:n} / {leastGroupVolumeLitres.customary:n} / "
                            + "{leastGroupVolumeLitres.cautious:n} L",
                    "150 / 250 / 350 L"),
            need(
                    "run",
                    "{leastRunCm.bold:n} / {leastRunCm.customary:n} / {leastRunCm.cautious:n} cm",
                    "100 / 120 / 180 cm"),
            need("room-dispute", "{roomDispute.less:t} / {roomDispute.more:t}", "it rests by day / it never stops"),
            need("lives", "{livesIn:l}", "open-water, reef-face"),
            need("ground", "{groundRadiusCm:n} cm", "70 cm"),
            need("swims", "{swims:w}", "never-stops"),
            need("eats", "{guild:w}", "grazer"),
            need(
                    "feeding",
                    "meals {mealsADay:n}[, algae {grazes:w=no}][, pods {pods:w=none}], hard {hardToFeed:n}, {pace:w}",
                    "meals 2, algae daily, pods some, hard 2, normal"),
            need(
                    "manner",
                    "bold {boldness:n}, timid {timidity:n}, own {towards.ownKind:n}, genus {towards.genus:n}, alike "
                            + "{towards.lookAlikes:n}, food {towards.foodRivals:n},"
                            + " newcomers {towards.newcomers:n}, smaller {towards.smaller:n}",
                    "bold 3, timid 1, own 5, genus 5, alike 3, food 3, newcomers 3, smaller 1"),
            need(
                    "social",
                    "{social:w}[, least {leastGroup:n=1}][, most {mostTogether:n=0}][, {sexChange:t=}]",
                    "harem, least 4, most 8, female to male"),
            may(
                    "company-dispute",
                    "{companyDispute.bold:t} / {companyDispute.cautious:t}",
                    "all at once in a long tank / one, always"),
            need("mouth", "{swallowsShareOfLength:n} of its length", "0.33 of its length"),
            may(
                    "kills",
                    "{kills:w} up to {killsShareOfLength:n} of its length, from {killsFromCm:n} cm",
                    "often up to 0.4 of its length, from 15 cm"),
            need("reef", "{reefLife:t}", "shrimp often spares 5 cm, snails known"),
            may(
                    "reef-dispute",
                    "{reefDispute.trusting:t} / {reefDispute.wary:t}",
                    "well fed it grazes rock only / one in three learns to pick"),
            need("sand", "{sandDepthCm:n} cm", "5 cm"),
            need("hides", "{hides:n}", "1"),
            need("age", "{tankAgeMonths:n} months", "6 months"),
            need("temperature", "{temperatureC.coolest:n} to {temperatureC.warmest:n} C", "23 to 28 C"),
            need("salinity", "{salinityGramsPerKg.least:n} to {salinityGramsPerKg.most:n} g/kg", "32 to 37 g/kg"),
            need("flow", "{flow:w}", "any"),
            need("jumps", "{jumps:w}", "often"),
            need("habits", "{habits:l}", "digs, moves rock"),
            need("danger", "{keeperHazards:l}", "venomous spines"),
            need("leanings", "{diseaseLeanings:l}", "marine ich, flukes"),
            need("copper", "{copperSensitive:w}", "disputed"),
            need("skill", "{skill:n} of 4", "2 of 4"),
            need("captive", "{captiveBred:f=bred|wild only}", "bred"),
            may("partner", "{partner:t}", "pistol shrimp"),
            may("together", "{allAtOnce:f=all at once|one by one}", "all at once"),
            may("helps", "{helps:l}", "film algae, flatworms"),
            may("buying", "{buying:t}", "look for a full belly behind the head"),
            may("confused", "{confusedWith:t}", "Amphiprion percula = thicker black edges"),
            need("look", "{look:t}", "surgeon; body 1f44cc; fins ffdd22"),
            may("young", "until {young.untilCm:n} cm; {young.look:t}", "until 10 cm; angel; body 101a4a"),
            may("varieties", "{varieties:t}", "female = anthias; body f29a3a | black = clown; body 17181a"));

    private static final Map<String, FactForm> BY_KEY =
            ALL.stream().collect(Collectors.toMap(FactForm::key, Function.identity(), (a, b) -> a, LinkedHashMap::new));

    private FactForms() {}

    public static List<FactForm> all() {
        return ALL;
    }

    public static Optional<FactForm> of(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }

    private static FactForm need(String key, String template, String example) {
        return FactForm.of(key, template, example, true);
    }

    private static FactForm may(String key, String template, String example) {
        return FactForm.of(key, template, example, false);
    }
}
