package pelluna.core.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What must be true of species together and of each as a whole, beyond the form of its facts. */
final class CatalogueRules {
    /** Grams for L cm and a body of full depth; a fish is never as heavy as a cube of water of its length. */
    private static final double HEAVIEST = 0.08;

    private CatalogueRules() {}

    static List<String> problems(List<Species> species) {
        List<String> problems = new ArrayList<>();
        Map<String, Species> accepted = new HashMap<>();
        for (Species s : species) {
            if (accepted.put(s.scientificName(), s) != null) {
                problems.add(place(s, "names") + ": " + s.scientificName() + " stands in the catalogue twice");
            }
        }
        for (Species s : species) {
            s.synonyms().stream()
                    .filter(accepted::containsKey)
                    .forEach(n -> problems.add(
                            place(s, "synonyms") + ": synonym " + n + " is the accepted name of another species"));
            one(s, problems);
        }
        return problems;
    }

    private static void one(Species s, List<String> problems) {
        check(s.place().zones().isEmpty(), s, "lives", "no zone to live in", problems);
        check(
                s.needs().coolestC() >= s.needs().warmestC(),
                s,
                "temperature",
                "the coolest is not below the warmest",
                problems);
        check(
                s.needs().leastSalinity() >= s.needs().mostSalinity(),
                s,
                "salinity",
                "the least is not below the most",
                problems);
        check(s.room().runCm().bold() < s.size().usualCm(), s, "run", "a run shorter than the fish itself", problems);
        double ratio = s.size().adultGrams() / Math.pow(s.size().usualCm(), 3);
        check(
                ratio > HEAVIEST || ratio < HEAVIEST / 400,
                s,
                "mass",
                "no mass that a fish of " + s.size().usualCm() + " cm can have: "
                        + Math.round(s.size().adultGrams()) + " g",
                problems);
        check(
                s.social().life() == GroupLife.SHOAL && s.social().least() < 2,
                s,
                "social",
                "a shoal of fewer than two",
                problems);
        s.room()
                .groupLitres()
                .ifPresent(g -> check(
                        g.bold() < s.room().litres().bold(),
                        s,
                        "group-volume",
                        "a group in less water than one fish",
                        problems));
    }

    private static void check(boolean broken, Species s, String key, String says, List<String> problems) {
        if (broken) {
            problems.add(place(s, key) + ": " + s.scientificName() + ": " + says);
        }
    }

    private static String place(Species s, String key) {
        Fact fact = s.facts().get(key);
        return fact == null ? s.facts().get("names").place() : fact.place();
    }
}
