package pelluna.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.core.testing.Plans;

/** What is written for a family or a genus never contradicts what one of its species has otherwise. */
class InheritedTextsTest {
    private static final List<String> TEXTS = List.of("room-dispute", "company-dispute", "reef-dispute", "buying");
    private static final Pattern GROUP = Pattern.compile("\\b(group|shoal|males drive)");
    private static final Pattern SAND = Pattern.compile("(?<!rock to )\\bsand\\b|\\b(buries|burrow)");
    private static final Pattern ONE_HOLE = Pattern.compile("\\bhovers over one hole\\b|\\bbolts for that hole\\b");
    private static final Pattern SWALLOWS = Pattern.compile("\\b(swallow|eats fish)");
    private static final Pattern VENOM = Pattern.compile("\\bvenom");
    private static final Pattern BLADE = Pattern.compile("\\bblade");

    /** What a word in a text claims, and whether it is so of a species. */
    private static final Map<Pattern, Predicate<Species>> CLAIMS = Map.of(
            GROUP,
                    s -> s.social().life() != GroupLife.ALONE
                            && s.social().most() != 1
                            && s.social().most() != 2,
            SAND,
                    s -> s.needs().sandCm() > 0
                            || s.place().zones().contains(Zone.SAND)
                            || s.place().zones().contains(Zone.RUBBLE),
            ONE_HOLE, s -> s.place().swims() != Swims.CRUISES && s.place().swims() != Swims.NEVER_STOPS,
            SWALLOWS, s -> s.mouthShare() > 0.1,
            VENOM, s -> s.facts().get("danger").value().matches(".*(venom|poison|fang).*"),
            BLADE, s -> s.facts().get("danger").value().contains("blade"));

    private static boolean inherited(Fact f) {
        return f.level() == Level.FAMILY || f.level() == Level.GENUS;
    }

    private static Map<String, String> claimed(BiPredicate<Species, Fact> wrong) {
        Map<String, String> found = new TreeMap<>();
        for (Species s : Plans.CATALOGUE.all()) {
            for (String key : TEXTS) {
                Fact f = s.facts().get(key);
                if (f != null && inherited(f) && wrong.test(s, f)) {
                    found.put(s.scientificName() + " " + key, f.value());
                }
            }
        }
        return found;
    }

    /** Words on company are two schools of it; they stand with what the species has by the next test. */
    @Test
    void noInheritedTextClaimsWhatIsNotSoOfTheSpecies() {
        CLAIMS.forEach((word, so) -> assertThat(claimed((s, f) -> !f.key().equals("company-dispute")
                        && word.matcher(f.value()).find()
                        && !so.test(s)))
                .as(word.pattern())
                .isEmpty());
    }

    @Test
    void whoLivesOtherwiseThanItsGenusHasItsOwnWordOnCompany() {
        assertThat(claimed((s, f) -> f.key().equals("company-dispute")
                        && s.facts().get("social").level().compareTo(f.level()) < 0))
                .isEmpty();
    }

    @Test
    void noInheritedTextNamesAFigureThatASpeciesHasForItself() {
        Pattern figure = Pattern.compile("\\d+ (L|cm|gal)\\b");
        assertThat(claimed((s, f) -> f.key().equals("room-dispute")
                        && figure.matcher(f.value()).find()))
                .isEmpty();
    }

    /** Kinds that shops sell under one name say so, each of the other, and how to tell them apart. */
    @Test
    void complexesSayThatShopsSellThemUnderOneName() {
        for (String name : List.of(
                "Chromis viridis",
                "Chromis atripectoralis",
                "Zebrasoma desjardinii",
                "Zebrasoma velifer",
                "Naso lituratus",
                "Naso elegans",
                "Gobiodon okinawae",
                "Gobiodon citrinus",
                "Elacatinus oceanops",
                "Elacatinus evelynae",
                "Macropharyngodon meleagris",
                "Macropharyngodon bipartitus",
                "Nemateleotris decora",
                "Nemateleotris exquisita",
                "Ctenochaetus truncatus",
                "Chrysiptera parasema",
                "Chrysiptera hemicyanea")) {
            assertThat(Plans.species(name).facts().get("confused").value())
                    .as(name)
                    .contains("shops sell both");
        }
    }

    @Test
    void aTextIsReallyInherited() {
        TEXTS.stream()
                .filter(t -> !t.equals("reef-dispute"))
                .forEach(t ->
                        assertThat(claimed((s, f) -> f.key().equals(t))).as(t).hasSizeGreaterThan(50));
    }
}
