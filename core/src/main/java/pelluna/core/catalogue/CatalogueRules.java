package pelluna.core.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pelluna.core.units.Length;
import pelluna.core.units.Mass;

/** What must be true of species together and of each as a whole, beyond the form of its facts. */
final class CatalogueRules {
    /** Grams for L cm and a body of full depth; a fish is never as heavy as a cube of water of its length. */
    private static final double HEAVIEST = 0.08;

    private CatalogueRules() {}

    static List<CatalogueProblem> problems(List<Species> species) {
        List<CatalogueProblem> problems = new ArrayList<>();
        Map<String, Species> accepted = new HashMap<>();
        for (Species s : species) {
            if (accepted.put(s.scientificName(), s) != null) {
                problems.add(
                        new CatalogueProblem(place(s, "names"), new CatalogueFault.SpeciesTwice(s.scientificName())));
            }
        }
        for (Species s : species) {
            s.synonyms().stream()
                    .filter(accepted::containsKey)
                    .forEach(n -> problems.add(
                            new CatalogueProblem(place(s, "synonyms"), new CatalogueFault.SynonymTaken(n))));
            one(s, problems);
        }
        return problems;
    }

    private static void one(Species s, List<CatalogueProblem> problems) {
        check(s.place().zones().isEmpty(), s, "lives", new CatalogueFault.NoZone(), problems);
        check(
                s.needs().coolestC() >= s.needs().warmestC(),
                s,
                "temperature",
                new CatalogueFault.CoolestNotBelowWarmest(),
                problems);
        check(
                s.needs().leastSalinity() >= s.needs().mostSalinity(),
                s,
                "salinity",
                new CatalogueFault.LeastNotBelowMost(),
                problems);
        check(
                s.room().runCm().bold() < s.size().usualCm(),
                s,
                "run",
                new CatalogueFault.RunShorterThanFish(),
                problems);
        double ratio = s.size().adultGrams() / Math.pow(s.size().usualCm(), 3);
        check(
                ratio > HEAVIEST || ratio < HEAVIEST / 400,
                s,
                "mass",
                new CatalogueFault.NoSuchMass(
                        new Length(s.size().usualCm()), new Mass(s.size().adultGrams())),
                problems);
        check(
                s.social().life() == GroupLife.SHOAL && s.social().least() < 2,
                s,
                "social",
                new CatalogueFault.ShoalOfOne(),
                problems);
        s.room()
                .groupLitres()
                .ifPresent(g -> check(
                        g.bold() < s.room().litres().bold(),
                        s,
                        "group-volume",
                        new CatalogueFault.GroupInLessWater(),
                        problems));
    }

    private static void check(
            boolean broken, Species s, String key, CatalogueFault.SpeciesFault fault, List<CatalogueProblem> problems) {
        if (broken) {
            problems.add(new CatalogueProblem(place(s, key), new CatalogueFault.OfSpecies(s.scientificName(), fault)));
        }
    }

    private static FactPlace place(Species s, String key) {
        Fact fact = s.facts().get(key);
        return fact == null ? s.facts().get("names").place() : fact.place();
    }
}
