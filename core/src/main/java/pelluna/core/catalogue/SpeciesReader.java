package pelluna.core.catalogue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.Set;

import pelluna.core.growth.BodyMass;
import pelluna.core.tank.ReefLife;

/** Builds one {@link Species} from its facts, its own over those of its genus over those of its family. */
final class SpeciesReader {
    static final Set<String> KEYS = Set.of("names", "synonyms", "group", "adult", "mass", "growth", "lifespan", "volume",
        "group-volume", "run", "lives", "ground", "swims", "eats", "feeding", "manner", "social", "mouth", "reef", "sand",
        "hides", "age", "temperature", "salinity", "habits", "danger", "leanings", "copper", "skill", "captive",
        "partner", "together", "look");

    private final FactReader reader;
    private final String genus;

    SpeciesReader(FactReader reader, String genus) {
        this.reader = reader;
        this.genus = genus;
    }

    Species read(String scientificName, String family, Map<String, Fact> facts) {
        List<String> names = FactReader.parts(reader.need("names"));
        List<String> synonyms = reader.fact("synonyms").map(FactReader::parts).orElse(List.of());
        return new Species(scientificName, names, synonyms, family, genus, reader.need("group").value(), size(), room(),
            placeInTank(), diet(), manner(), social(), mouth(), reefLife(), needs(), reader.words(Habit.class, "habits"),
            reader.words(Hazard.class, "danger"),
            new Species.Health(reader.words(Leaning.class, "leanings"), flag("copper", "sensitive", "tolerates")),
            (int) reader.quantity("skill", " of 4"), flag("captive", "bred", "wild only"),
            reader.fact("partner").map(Fact::value), flag("together", "all at once", "one by one"), LookReader.read(reader.need("look")),
            facts);
    }

    private Species.Size size() {
        Fact adult = reader.need("adult");
        Matcher m = FactReader.match(adult, "# cm, record # cm", "'12 cm, record 15 cm'");
        if (FactReader.number(m, 1) > FactReader.number(m, 2)) {
            throw FactReader.wrong(adult, "within its own record length");
        }
        Matcher mass = FactReader.match(reader.need("mass"), "a #, b #", "'a 0.02, b 3.0' (grams from cm)");
        return new Species.Size(FactReader.number(m, 1), FactReader.number(m, 2),
            new BodyMass(FactReader.number(mass, 1), FactReader.number(mass, 2)), reader.quantity("growth", " per year"),
            reader.quantity("lifespan", " years"));
    }

    private Species.Room room() {
        return new Species.Room(reader.schools(reader.need("volume"), "L"),
            reader.fact("group-volume").map(f -> reader.schools(f, "L")), reader.schools(reader.need("run"), "cm"));
    }

    private Species.Place placeInTank() {
        double ground = reader.fact("ground").filter(f -> !f.value().equals("none"))
            .map(f -> FactReader.number(FactReader.match(f, "# cm", "a radius such as '25 cm', or none"), 1)).orElse(0.0);
        Fact swims = reader.need("swims");
        return new Species.Place(reader.words(Zone.class, "lives"), ground, reader.word(Swims.class, swims, swims.value()));
    }

    private Species.Diet diet() {
        Fact eats = reader.need("eats");
        Fact feeding = reader.need("feeding");
        Matcher m = FactReader.match(feeding, "meals (\\d)(, algae daily)?(?:, pods (some|plenty))?, hard ([1-5]), (slow|normal|quick)",
            "'meals 2, algae daily, pods some, hard 2, normal' (algae and pods may be left out)");
        int pods = m.group(3) == null ? 0 : m.group(3).equals("some") ? 1 : 2;
        return new Species.Diet(reader.word(Guild.class, eats, eats.value()), Integer.parseInt(m.group(1)), m.group(2) != null,
            pods, Integer.parseInt(m.group(4)), reader.word(Pace.class, feeding, m.group(5)));
    }

    private Species.Manner manner() {
        Map<String, Integer> r = reader.ratings("manner", 5,
            List.of("bold", "timid", "own", "genus", "alike", "food", "newcomers", "smaller"));
        return new Species.Manner(r.get("bold"), r.get("timid"), r.get("own"), r.get("genus"), r.get("alike"), r.get("food"),
            r.get("newcomers"), r.get("smaller"));
    }

    private Species.Social social() {
        Fact fact = reader.need("social");
        Matcher m = FactReader.match(fact, "(alone or pair|alone|pair|harem|shoal)(?:, least #)?(?:, most #)?(?:, (.*))?",
            "'harem, least 4, most 8, female to male'");
        int least = m.group(2) == null ? 1 : Integer.parseInt(m.group(2));
        int most = m.group(3) == null ? 0 : Integer.parseInt(m.group(3));
        if (most > 0 && most < least) {
            throw FactReader.wrong(fact, "a most at or above the least");
        }
        return new Species.Social(reader.word(GroupLife.class, fact, m.group(1)), least, most, Optional.ofNullable(m.group(4)));
    }

    private double mouth() {
        double share = reader.quantity("mouth", " of its length");
        if (share > 1) {
            throw FactReader.wrong(reader.need("mouth"), "a share from 0 to 1");
        }
        return share;
    }

    private Map<ReefLife, Species.ReefRisk> reefLife() {
        Map<ReefLife, Species.ReefRisk> risks = new EnumMap<>(ReefLife.class);
        reader.fact("reef").ifPresent(fact -> {
            for (String part : FactReader.parts(fact)) {
                Fact one = new Fact(fact.key(), part, fact.source(), fact.place());
                Matcher m = FactReader.match(one, "([a-z-]+) (known|often|expect|leaves alone)(?: spares # cm)?",
                    "'shrimp often spares 5 cm' (known, often or expect)");
                risks.put(reader.word(ReefLife.class, fact, m.group(1)),
                    new Species.ReefRisk(reader.word(Harm.class, fact, m.group(2)), m.group(3) == null ? 0 : FactReader.number(m, 3)));
            }
        });
        return risks;
    }

    private Species.Needs needs() {
        double sand = reader.fact("sand").isPresent() ? reader.quantity("sand", " cm") : 0;
        double hides = reader.fact("hides").isPresent() ? reader.quantity("hides", "") : 0;
        double age = reader.fact("age").isPresent() ? reader.quantity("age", " months") : 0;
        Matcher t = FactReader.match(reader.need("temperature"), "# to # C", "'23 to 27 C'");
        Matcher s = FactReader.match(reader.need("salinity"), "# to # g/kg", "'32 to 36 g/kg'");
        return new Species.Needs(sand, (int) hides, age, FactReader.number(t, 1), FactReader.number(t, 2), FactReader.number(s, 1),
            FactReader.number(s, 2));
    }

    private boolean flag(String key, String yes, String no) {
        return reader.fact(key).map(fact -> {
            if (!fact.value().equals(yes) && !fact.value().equals(no)) {
                throw FactReader.wrong(fact, "'" + yes + "' or '" + no + "'");
            }
            return fact.value().equals(yes);
        }).orElse(false);
    }

    static List<String> unknownKeys(Map<String, Fact> facts) {
        List<String> problems = new ArrayList<>();
        facts.values().stream().filter(f -> !KEYS.contains(f.key()))
            .forEach(f -> problems.add(f.place() + ": no such fact as '" + f.key() + "'"));
        return problems;
    }
}
