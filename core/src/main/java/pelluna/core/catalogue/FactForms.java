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
            need(
                    "names",
                    "{commonNames:l}",
                    "yellow tang, yellow surgeonfish",
                    "common names, the first is the one Pelluna uses"),
            may("local", "{localNames:l}", "lau'ipala (Hawaiian), chirurgien jaune (French)", "names in other tongues"),
            may("synonyms", "{synonyms:l}", "Zebrasoma velifer", "former scientific names"),
            may(
                    "sold",
                    "{sold:w}",
                    "often",
                    "how often shops have it: always, everywhere, often, regularly, seldom or hardly ever"),
            need("group", "{group:t}", "surgeonfish", "the keeper's group"),
            need(
                    "adult",
                    "{adultLengthCm.usual:n} cm, record {adultLengthCm.record:n} cm",
                    "16 cm, record 20 cm",
                    "total length usual in a tank, and the record, with the unit"),
            need("mass", "a {massFromLength.a:n}, b {massFromLength.b:n}", "a 0.026, b 3.0", "grams = a × cm ^ b"),
            need("growth", "{growthPerYear:n} per year", "0.5 per year", "von Bertalanffy's K, with the unit"),
            need("lifespan", "{lifespanYears:n} years", "20 years", "years with good care"),
            need(
                    "volume",
                    "{leastVolumeLitres.bold:n} / {leastVolumeLitres.customary:n} / {leastVolumeLitres.cautious:n} L",
                    "280 / 380 / 475 L",
                    "least tank by its glass, as keepers quote it, bold / customary / cautious, with the unit"),
            may(
                    "group-volume",
                    "{leastGroupVolumeLitres.bold:n} / {leastGroupVolumeLitres.customary:n} / "
                            + "{leastGroupVolumeLitres.cautious:n} L",
                    "150 / 250 / 350 L",
                    "least tank by its glass for three and more, with the unit"),
            need(
                    "run",
                    "{leastRunCm.bold:n} / {leastRunCm.customary:n} / {leastRunCm.cautious:n} cm",
                    "100 / 120 / 180 cm",
                    "least straight swim, bold / customary / cautious, with the unit"),
            need(
                    "room-dispute",
                    "{roomDispute.less:t} / {roomDispute.more:t}",
                    "it rests by day / it never stops",
                    "why some ask for less room, and why others ask for more"),
            need("lives", "{livesIn:l}", "open-water, reef-face", "zones"),
            need(
                    "ground",
                    "{groundRadiusCm:n} cm",
                    "70 cm",
                    "radius of the ground it holds, 0 for none, with the unit"),
            need("swims", "{swims:w}", "never-stops", "how it moves through its day"),
            need("eats", "{guild:w}", "grazer", "what it lives on"),
            need(
                    "feeding",
                    "meals {mealsADay:n}[, algae {grazes:w=no}][, pods {pods:w=none}], hard {hardToFeed:n}, {pace:w}",
                    "meals 2, algae daily, pods some, hard 2, normal",
                    "meals a day, grazing, live pods, how hard to get eating 1 to 5, pace"),
            need(
                    "manner",
                    "bold {boldness:n}, timid {timidity:n}, own {towards.ownKind:n}, genus {towards.genus:n}, alike "
                            + "{towards.lookAlikes:n}, food {towards.foodRivals:n},"
                            + " newcomers {towards.newcomers:n}, smaller {towards.smaller:n}",
                    "bold 3, timid 1, own 5, genus 5, alike 3, food 3, newcomers 3, smaller 1",
                    "each 0 to 5"),
            need(
                    "social",
                    "{social:w}[, least {leastGroup:n=1}][, most {mostTogether:n=0}][, {sexChange:t=}]",
                    "harem, least 4, most 8, female to male",
                    "group life and how sex changes"),
            may(
                    "company-dispute",
                    "{companyDispute.bold:t} / {companyDispute.cautious:t}",
                    "all at once in a long tank / one, always",
                    "what the bold and the cautious say of keeping several"),
            need(
                    "mouth",
                    "{swallowsShareOfLength:n} of its length",
                    "0.33 of its length",
                    "longest fish that it swallows"),
            may(
                    "kills",
                    "{kills:w} up to {killsShareOfLength:n} of its length, from {killsFromCm:n} cm",
                    "often up to 0.4 of its length, from 15 cm",
                    "fish that it kills without swallowing them: known, often or expect, "
                            + "and from which length of its own"),
            need(
                    "reef",
                    "{reefLife:t}",
                    "shrimp often spares 5 cm, snails known",
                    "kinds of life with known, often or expect; the rest is left alone; none"),
            may(
                    "reef-dispute",
                    "{reefDispute.trusting:t} / {reefDispute.wary:t}",
                    "well fed it grazes rock only / one in three learns to pick",
                    "what the trusting and the wary say of it on a reef"),
            need("sand", "{sandDepthCm:n} cm", "5 cm", "depth that it needs, with the unit"),
            need("hides", "{hides:n}", "1", "hides of its own"),
            need("age", "{tankAgeMonths:n} months", "6 months", "age of the tank, with the unit"),
            need(
                    "temperature",
                    "{temperatureC.coolest:n} to {temperatureC.warmest:n} C",
                    "23 to 28 C",
                    "water, with the unit"),
            need(
                    "salinity",
                    "{salinityGramsPerKg.least:n} to {salinityGramsPerKg.most:n} g/kg",
                    "32 to 37 g/kg",
                    "water, with the unit"),
            need("flow", "{flow:w}", "any", "quiet, any or strong"),
            need("jumps", "{jumps:w}", "often", "seldom, sometimes or often"),
            need("habits", "{habits:l}", "digs, moves rock", "what neighbours have to live with"),
            need("danger", "{keeperHazards:l}", "venomous spines", "what it can do to its keeper"),
            need("leanings", "{diseaseLeanings:l}", "marine ich, flukes", "illnesses it leans to"),
            need(
                    "copper",
                    "{copperSensitive:w}",
                    "disputed",
                    "tolerates; disputed, where two schools differ; or sensitive, where few treat it"),
            need("skill", "{skill:n} of 4", "2 of 4", "1 easy to 4 for the seasoned"),
            need("captive", "{captiveBred:f=bred|wild only}", "bred", "bred or wild only, as the trade offers it"),
            may("partner", "{partner:t}", "pistol shrimp", "whom it lives with"),
            may("together", "{allAtOnce:f=all at once|one by one}", "all at once", "for a genus"),
            may(
                    "helps",
                    "{helps:l}",
                    "film algae, flatworms",
                    "what keepers want it for, as odds and not as a promise"),
            may(
                    "buying",
                    "{buying:t}",
                    "look for a full belly behind the head",
                    "what to look at on this fish beyond the usual"),
            may(
                    "confused",
                    "{confusedWith:t}",
                    "Amphiprion percula = thicker black edges",
                    "look-alikes and how to tell them, parted by ' | '"),
            need("look", "{look:t}", "surgeon; body 1f44cc; fins ffdd22", "how it is drawn"),
            may(
                    "young",
                    "until {young.untilCm:n} cm; {young.look:t}",
                    "until 10 cm; angel; body 101a4a",
                    "how the young are drawn where they look different"));

    private static final Map<String, FactForm> BY_KEY =
            ALL.stream().collect(Collectors.toMap(FactForm::key, Function.identity(), (a, b) -> a, LinkedHashMap::new));

    private FactForms() {}

    public static List<FactForm> all() {
        return ALL;
    }

    public static Optional<FactForm> of(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }

    private static FactForm need(String key, String template, String example, String says) {
        return FactForm.of(key, template, example, says, true);
    }

    private static FactForm may(String key, String template, String example, String says) {
        return FactForm.of(key, template, example, says, false);
    }
}
