package pelluna.core.catalogue;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pelluna.core.growth.BodyMass;
import pelluna.core.growth.Growth;
import pelluna.core.tank.ReefLife;

/**
 * What Pelluna knows of one species. Every fact has a source code, see {@link #source}.
 *
 * @param localNames names in other tongues, each with its tongue in brackets
 * @param sold       how often shops have it; regularly if nobody says
 * @param group      the keeper's group, such as 'dwarf angels'
 * @param mouthShare the longest fish that it can swallow, as a share of its own length, 0 to 1; 0 eats no fish
 * @param kills      what it kills without swallowing it; empty for most fish
 * @param reefLife   what it does to each kind of other life; a missing kind is left alone
 * @param skill      1 easy to 4 for the seasoned
 * @param allAtOnce  whether several of its genus go in on one day, so that nobody owns ground yet
 * @param helps      what keepers want it for; odds, not promises
 * @param buying     what to look at on this fish beyond the usual
 * @param facts      the facts as written, by key, for showing and for their sources
 */
public record Species(
        String scientificName,
        List<String> commonNames,
        List<String> localNames,
        List<String> synonyms,
        Sold sold,
        String family,
        String genus,
        String group,
        Size size,
        Room room,
        Place place,
        Diet diet,
        Manner manner,
        Social social,
        double mouthShare,
        Optional<Kills> kills,
        Map<ReefLife, ReefRisk> reefLife,
        Needs needs,
        Jumps jumping,
        Set<Habit> habits,
        Set<Hazard> hazards,
        Health health,
        int skill,
        boolean captiveBred,
        Optional<String> partner,
        boolean allAtOnce,
        Set<Help> helps,
        Optional<String> buying,
        Appearance appearance,
        Disputes disputes,
        Map<String, Fact> facts) {

    /** Adult length usual in captivity and record, cm; mass; growth; lifespan in years. */
    public record Size(double usualCm, double recordCm, BodyMass mass, double growthPerYear, double lifespanYears) {
        public Growth growth() {
            return new Growth(usualCm, growthPerYear);
        }

        public double adultGrams() {
            return mass.gramsAt(usualCm);
        }
    }

    /**
     * Least tank in litres of its glass (for one or a pair, and for a group where that differs) and least run in cm.
     */
    public record Room(Schools litres, Optional<Schools> groupLitres, Schools runCm) {}

    /** Zones it lives in; radius in cm of the ground it holds, 0 for none; how it swims. */
    public record Place(Set<Zone> zones, double groundCm, Swims swims) {
        public boolean holdsGround() {
            return groundCm > 0;
        }
    }

    /**
     * Guild, meals a day, whether it grazes daily, need of pods 0 to 2, how hard to get eating 1 to 5, pace at meals.
     */
    public record Diet(Guild guild, int mealsADay, boolean algaeDaily, int pods, int hard, Pace pace) {}

    /**
     * All 0 to 5: boldness, timidity, and how it takes own kind, genus, look-alikes, food rivals, newcomers, smaller
     * fish.
     */
    public record Manner(
            int bold, int timid, int ownKind, int genus, int lookAlikes, int foodRivals, int newcomers, int smaller) {
        /**
         * How it takes fish that are nothing to it, 0 to 5: half what it does to newcomers, half what it does to
         * smaller ones.
         */
        public double temper() {
            return (newcomers + smaller) / 2.0;
        }
    }

    /** Kills fish up to a share of its own length that it cannot swallow, from a length in cm on; how surely. */
    public record Kills(Harm harm, double upToShare, double fromCm) {}

    /**
     * Group life; least number of a group; most that stay together in a home tank, 0 for no limit; sex change in
     * words.
     */
    public record Social(GroupLife life, int least, int most, Optional<SexChange> sexChange) {
        /** Most that stay together, by its group life where no number is said; 0 for no limit. */
        public int mostTogether() {
            if (most > 0) {
                return most;
            }
            return switch (life) {
                case ALONE -> 1;
                case ALONE_OR_PAIR, PAIR -> 2;
                case HAREM, SHOAL -> 0;
            };
        }
    }

    /** Harm to one kind of life, and the size in cm from which it is spared, 0 if size does not help. */
    public record ReefRisk(Harm harm, double sparesFromCm) {}

    /** Sand depth cm, hides, tank age in months, temperature range °C, salinity range g/kg, water movement. */
    public record Needs(
            double sandCm,
            int hides,
            double ageMonths,
            double coolestC,
            double warmestC,
            double leastSalinity,
            double mostSalinity,
            Flow flow) {}

    /** Illnesses it leans to, and what keepers make of copper. */
    public record Health(Set<Leaning> leanings, Copper copper) {}

    /** How it looks when grown and, where that is different, when young or otherwise; what it is taken for. */
    public record Appearance(
            Look grown, Optional<Young> young, Map<Variety, Look> varieties, List<LookAlike> confusedWith) {
        public Appearance {
            varieties = Collections.unmodifiableMap(new LinkedHashMap<>(varieties));
            confusedWith = List.copyOf(confusedWith);
        }
    }

    /** The look of the young, up to about a length in cm. */
    public record Young(double untilCm, Look look) {}

    /** Another fish that it is confused with, and how to tell them; the name is a species where Pelluna knows it. */
    public record LookAlike(String name, String tellApart) {}

    /** Where keepers differ: why some ask for less, or trust, and why others ask for more, or are wary. */
    public record Dispute(String bold, String cautious) {}

    /** What keepers differ about: room for all fish; keeping several, and reef safety, where that is disputed. */
    public record Disputes(Dispute room, Optional<Dispute> company, Optional<Dispute> reef) {}

    public Species {
        localNames = List.copyOf(localNames);
        commonNames = List.copyOf(commonNames);
        synonyms = List.copyOf(synonyms);
        reefLife = Map.copyOf(reefLife);
        habits = Set.copyOf(habits);
        hazards = Set.copyOf(hazards);
        helps = Set.copyOf(helps);
        facts = Map.copyOf(facts);
    }

    /** The scientific name alone: its facts fill a page. */
    @Override
    public String toString() {
        return scientificName;
    }

    @Override
    public int hashCode() {
        return scientificName.hashCode();
    }

    /** The first common name: what Pelluna calls the fish in a sentence. */
    public String name() {
        return commonNames.get(0);
    }

    /**
     * Its names in another tongue, the usual one first.
     *
     * @param tongue in English: 'German'
     */
    public List<String> namesIn(String tongue) {
        String in = " (" + tongue + ")";
        return localNames.stream()
                .filter(n -> n.endsWith(in))
                .map(n -> n.substring(0, n.length() - in.length()))
                .toList();
    }

    /** Its names in all other tongues, without saying which. */
    public List<String> namesAbroad() {
        return localNames.stream()
                .map(n -> n.replaceFirst(" \\([^()]*\\)$", ""))
                .toList();
    }

    public Harm harmTo(ReefLife kind) {
        ReefRisk risk = reefLife.get(kind);
        return risk == null ? Harm.LEAVES_ALONE : risk.harm();
    }

    /** Whether it jumps, as a share of concern: 0 seldom, 1 sometimes, 2 often. */
    public int jumps() {
        return jumping.ordinal();
    }

    /** How the grown fish looks. */
    public Look look() {
        return appearance.grown();
    }

    /** How it looks at a length in cm: as the young do up to their length, else grown. */
    public Look lookAt(double cm) {
        return appearance
                .young()
                .filter(y -> cm <= y.untilCm())
                .map(Young::look)
                .orElse(look());
    }

    /** Length when bought, cm, if nobody says: a little under half grown, at least 3 cm. Pelluna's judgement. */
    public double usualShopCm() {
        return Math.min(size.usualCm(), Math.max(3, 0.45 * size.usualCm()));
    }

    /** Where a fact comes from. */
    public Source source(String key) {
        return facts.containsKey(key) ? facts.get(key).source() : Source.JUDGEMENT;
    }

    /** Least litres for so many of them. */
    public Schools litresFor(int count) {
        return count >= 3 ? room.groupLitres().orElse(room.litres()) : room.litres();
    }
}
