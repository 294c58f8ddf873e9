package pelluna.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import pelluna.core.catalogue.Harm;
import pelluna.core.tank.ReefLife;

/** What people say of the other life on their reef: 'reef safe with shrimp', 'won't nip clams', 'cuc safe'. */
final class ReefTerms {
    private static final String LIFE = "(corals?|sps|small polyp corals?|lps|large polyp corals?|soft "
            + "corals?|softies|zoas?|zoanthids?|palys?|clams?|anemones?|nems?|shrimps?|prawns?|crabs?|hermits?"
            + "|snails?|urchins?|stars?|starfish|cucumbers?|tube worms?|feather dusters?|fan "
            + "worms?|sponges?|inverts?|invertebrates?|clean ?up crews?|cuc|reef)";

    private ReefTerms() {}

    /** The phrases, those with most words first. */
    static List<Terms.Term> all() {
        List<Terms.Term> all = new ArrayList<>();
        String and = "(?:(?: and | or | with |, ?| & )" + LIFE + ")?";
        String them = LIFE + and + and;
        all.add(new Terms.Term(
                Pattern.compile(
                        "(?<= |^)(reef|coral|invert)s?[ -]?safe(?:(?: with| for| around)? " + them + ")?(?= |$)"),
                m -> {
                    List<Criterion> asked = new ArrayList<>();
                    asked.add(spares("reef".equals(m.group(1)) || "coral".equals(m.group(1)) ? "corals" : "inverts"));
                    named(m, 2, asked);
                    return asked;
                }));
        all.add(new Terms.Term(
                Pattern.compile(
                        "(?<= |^)(?:safe|ok|okay|fine|good|gentle|peaceful|lives?) (?:with|for|around|to) (?:my |the )?"
                                + them + "(?= |$)"),
                m -> named(m, 1, new ArrayList<>())));
        all.add(new Terms.Term(
                Pattern.compile("(?<= |^)(?:that |which )?(?:leaves?|leaving|spares?) (?:my |the )?" + them
                        + "(?: alone| be)?(?= |$)"),
                m -> named(m, 1, new ArrayList<>())));
        all.add(new Terms.Term(
                Pattern.compile("(?<= |^)" + Terms.NOT
                        + "(?:eats?|eating|nips?|picks?|picking|harms?|bothers?|touch(?:es)?|attacks?|hurts?) ?(?:at "
                        + "|on )?(?:my |the )?"
                        + them + "(?= |$)"),
                m -> named(m, 1, new ArrayList<>())));
        all.add(new Terms.Term(
                Pattern.compile("(?<= |^)" + them + "[ -]?safe(?= |$)"), m -> named(m, 1, new ArrayList<>())));
        all.add(new Terms.Term(
                Pattern.compile("(?<= |^)with " + them + "(?= |$)"), m -> named(m, 1, new ArrayList<>())));
        return all;
    }

    private static List<Criterion> named(MatchResult m, int from, List<Criterion> asked) {
        for (int i = from; i <= m.groupCount(); i++) {
            if (m.group(i) != null) {
                asked.add(spares(m.group(i)));
            }
        }
        return asked;
    }

    private static Criterion spares(String word) {
        Set<ReefLife> kinds = EnumSet.copyOf(kinds(word));
        return new Criterion(new Understood.LeavesAlone(List.copyOf(kinds)), s -> {
            Harm worst =
                    kinds.stream().map(s::harmTo).max(Comparator.naturalOrder()).orElse(Harm.LEAVES_ALONE);
            return worst == Harm.LEAVES_ALONE ? 1 : worst == Harm.KNOWN ? 0.5 : 0;
        });
    }

    private static Set<ReefLife> kinds(String word) {
        String w = word.replaceAll("s$", "");
        return switch (w) {
            case "coral", "reef" ->
                Set.of(
                        ReefLife.SMALL_POLYP_CORALS,
                        ReefLife.LARGE_POLYP_CORALS,
                        ReefLife.SOFT_CORALS,
                        ReefLife.ZOANTHIDS);
            case "sp", "small polyp coral" -> Set.of(ReefLife.SMALL_POLYP_CORALS);
            case "lp", "large polyp coral" -> Set.of(ReefLife.LARGE_POLYP_CORALS);
            case "soft coral", "softie" -> Set.of(ReefLife.SOFT_CORALS);
            case "zoa", "zoanthid", "paly" -> Set.of(ReefLife.ZOANTHIDS);
            case "clam" -> Set.of(ReefLife.CLAMS);
            case "anemone", "nem" -> Set.of(ReefLife.ANEMONES);
            case "shrimp", "prawn" -> Set.of(ReefLife.SHRIMP);
            case "crab", "hermit" -> Set.of(ReefLife.CRABS);
            case "snail" -> Set.of(ReefLife.SNAILS);
            case "urchin" -> Set.of(ReefLife.URCHINS);
            case "star", "starfish" -> Set.of(ReefLife.STARS);
            case "cucumber" -> Set.of(ReefLife.CUCUMBERS);
            case "tube worm", "feather duster", "fan worm" -> Set.of(ReefLife.TUBE_WORMS);
            case "sponge" -> Set.of(ReefLife.SPONGES);
            case "clean up crew", "cleanup crew", "cuc" ->
                Set.of(ReefLife.SHRIMP, ReefLife.CRABS, ReefLife.SNAILS, ReefLife.STARS);
            default ->
                Set.of(
                        ReefLife.SHRIMP,
                        ReefLife.CRABS,
                        ReefLife.SNAILS,
                        ReefLife.URCHINS,
                        ReefLife.STARS,
                        ReefLife.TUBE_WORMS);
        };
    }
}
