package pelluna.core.catalogue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.growth.BodyMass;
import pelluna.core.units.Named;

/** Builds one {@link Species} from its facts, its own over those of its genus over those of its family. */
final class SpeciesReader {
    private final FactReader facts;

    private SpeciesReader(FactReader facts) {
        this.facts = facts;
    }

    /**
     * @param place file and line of the species, for messages
     * @throws CatalogueException if a fact is missing, unknown or not in its form
     */
    static Species read(String scientificName, String family, FactPlace place, Map<String, Fact> facts) {
        return new SpeciesReader(new FactReader(scientificName, place, facts)).read(scientificName, family, facts);
    }

    private Species read(String scientificName, String family, Map<String, Fact> all) {
        return new Species(
                scientificName,
                facts.list("commonNames"),
                facts.list("localNames"),
                facts.list("synonyms"),
                sold(),
                family,
                scientificName.substring(0, scientificName.indexOf(' ')),
                facts.text("group").orElseThrow(),
                size(),
                room(),
                placeInTank(),
                diet(),
                manner(),
                social(),
                mouth(),
                kills(),
                ReefText.read(facts.from("reefLife")),
                needs(),
                facts.word(Jumps.class, "jumps"),
                facts.words(Habit.class, "habits"),
                facts.words(Hazard.class, "keeperHazards"),
                new Species.Health(
                        facts.words(Leaning.class, "diseaseLeanings"), facts.word(Copper.class, "copperSensitive")),
                facts.whole("skill", 1, 4),
                facts.flag("captiveBred", "bred"),
                facts.text("partner"),
                facts.flag("allAtOnce", "all at once"),
                facts.words(Help.class, "helps"),
                facts.text("buying"),
                appearance(),
                new Species.Disputes(
                        facts.dispute("roomDispute", "less", "more").orElseThrow(),
                        facts.dispute("companyDispute", "bold", "cautious"),
                        facts.dispute("reefDispute", "trusting", "wary")),
                all);
    }

    private Sold sold() {
        return facts.fact("sold").map(f -> facts.word(Sold.class, "sold")).orElse(Sold.REGULARLY);
    }

    private Species.Size size() {
        if (facts.number("adultLengthCm.usual") > facts.number("adultLengthCm.record")) {
            throw FactReader.wrong(facts.from("adultLengthCm.usual"), new FactNeeds.WithinRecord());
        }
        return new Species.Size(
                facts.number("adultLengthCm.usual"),
                facts.number("adultLengthCm.record"),
                new BodyMass(facts.number("massFromLength.a"), facts.number("massFromLength.b")),
                facts.number("growthPerYear"),
                facts.number("lifespanYears"));
    }

    private Species.Room room() {
        Optional<Schools> group = facts.fact("group-volume").map(f -> facts.schools("leastGroupVolumeLitres"));
        return new Species.Room(facts.schools("leastVolumeLitres"), group, facts.schools("leastRunCm"));
    }

    private Species.Place placeInTank() {
        return new Species.Place(
                facts.words(Zone.class, "livesIn"), facts.number("groundRadiusCm"), facts.word(Swims.class, "swims"));
    }

    private Species.Diet diet() {
        return new Species.Diet(
                facts.word(Guild.class, "guild"),
                facts.whole("mealsADay", 1, 9),
                "daily".equals(facts.text("grazes").orElse("")),
                switch (facts.text("pods").orElse("none")) {
                    case "none" -> 0;
                    case "some" -> 1;
                    case "plenty" -> 2;
                    default -> throw FactReader.wrong(facts.from("pods"), new FactNeeds.PodsOrNone());
                },
                facts.whole("hardToFeed", 1, 5),
                facts.word(Pace.class, "pace"));
    }

    private Species.Manner manner() {
        return new Species.Manner(
                rating("boldness"),
                rating("timidity"),
                rating("towards.ownKind"),
                rating("towards.genus"),
                rating("towards.lookAlikes"),
                rating("towards.foodRivals"),
                rating("towards.newcomers"),
                rating("towards.smaller"));
    }

    private int rating(String slot) {
        return facts.whole(slot, 0, 5);
    }

    private Species.Social social() {
        int least = facts.whole("leastGroup", 1, 200);
        int most = facts.whole("mostTogether", 0, 200);
        if (most > 0 && most < least) {
            throw FactReader.wrong(facts.from("mostTogether"), new FactNeeds.MostAboveLeast());
        }
        return new Species.Social(
                facts.word(GroupLife.class, "social"),
                least,
                most,
                facts.text("sexChange").map(SexChange::of));
    }

    private double mouth() {
        double share = facts.number("swallowsShareOfLength");
        if (share > 1) {
            throw FactReader.wrong(facts.from("swallowsShareOfLength"), new FactNeeds.Share());
        }
        return share;
    }

    private Optional<Species.Kills> kills() {
        return facts.fact("kills").map(f -> {
            Species.Kills kills = new Species.Kills(
                    facts.word(Harm.class, "kills"), facts.number("killsShareOfLength"), facts.number("killsFromCm"));
            if (kills.upToShare() <= mouth() || kills.upToShare() > 1) {
                throw FactReader.wrong(f, new FactNeeds.ShareAboveSwallowed());
            }
            return kills;
        });
    }

    private Species.Needs needs() {
        return new Species.Needs(
                facts.number("sandDepthCm"),
                facts.whole("hides", 0, 20),
                facts.number("tankAgeMonths"),
                facts.number("temperatureC.coolest"),
                facts.number("temperatureC.warmest"),
                facts.number("salinityGramsPerKg.least"),
                facts.number("salinityGramsPerKg.most"),
                facts.word(Flow.class, "flow"));
    }

    private Species.Appearance appearance() {
        Fact look = facts.from("look");
        Optional<Species.Young> young = facts.text("young.look")
                .map(text -> new Species.Young(
                        facts.number("young.untilCm"), LookReader.read(facts.from("young.look"), text)));
        return new Species.Appearance(LookReader.read(look, look.value()), young, varieties(), lookAlikes());
    }

    private Map<Variety, Look> varieties() {
        Map<Variety, Look> all = new LinkedHashMap<>();
        facts.text("varieties").ifPresent(text -> {
            Fact fact = facts.from("varieties");
            for (String one : text.split(" \\| ")) {
                String[] parts = one.split(" = ", 2);
                Variety variety = Named.find(Variety.class, parts[0].trim())
                        .filter(v -> parts.length == 2)
                        .orElseThrow(
                                () -> FactReader.wrong(fact, new FactNeeds.VarietyAndLook(Named.words(Variety.class))));
                all.put(variety, LookReader.read(fact, parts[1].trim()));
            }
        });
        return all;
    }

    private List<Species.LookAlike> lookAlikes() {
        List<Species.LookAlike> alike = new ArrayList<>();
        facts.text("confusedWith").ifPresent(text -> {
            for (String one : text.split(" \\| ")) {
                String[] parts = one.split(" = ", 2);
                if (parts.length != 2) {
                    throw FactReader.wrong(facts.from("confusedWith"), new FactNeeds.NameAndHowToTell());
                }
                alike.add(new Species.LookAlike(parts[0].trim(), parts[1].trim()));
            }
        });
        return alike;
    }
}
