package pelluna.core.search;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Habit;
import pelluna.core.catalogue.Hazard;
import pelluna.core.catalogue.Help;
import pelluna.core.catalogue.Jumps;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.catalogue.Swims;
import pelluna.core.catalogue.Zone;
import pelluna.core.tank.QuotedSize;
import pelluna.core.units.Convert;
import pelluna.core.units.Length;
import pelluna.core.units.Volume;

/**
 * The phrases that people use for what a fish is like, each with what it asks of a species; tried in this order, the
 * first that matches takes its words.
 * Limits of words such as 'small' are Pelluna's judgement.
 */
final class Terms {
    /** A phrase and what it asks for. */
    record Term(Pattern phrase, Function<MatchResult, List<Criterion>> asks) {}

    private static final double SMALL_CM = 10;
    private static final double TINY_CM = 5;
    private static final double LARGE_CM = 20;
    private static final double NANO_LITRES = 80;
    private static final String NUMBER = "(\\d+(?:[.,]\\d+)?) ?";
    private static final String LENGTH = NUMBER + "(cm|centimet(?:re|er)s?|mm|in|inch|inches|\")(?= |$)";
    private static final String VOLUME = NUMBER + "(l|lit(?:re|er)s?|gal|gals|gallons?)(?= |$)";
    private static final String MOST =
            "(?:(?:that |which )?(?:stays?|staying|grows?|growing|gets?|remains?|is)? ?(?:to )?(?:under|below|less "
                    + "than|smaller than|shorter than|at most|up to|no more than|not over|max|maximum|within|<)) ";
    private static final String LEAST =
            "(?:(?:that |which )?(?:grows?|gets?|is)? ?(?:to )?(?:over|above|more than|larger than|bigger than|longer "
                    + "than|at least|min|>)) ";
    static final String NOT =
            "(?:(?:that |which |who )?(?:nothing that|nothing which|nothing|none that|does not|doesnt|dont|do "
                    + "not|wont|will not|not|never|no|without|non|un) ?-?)";

    private final Stance stance;
    private final List<Term> all = new ArrayList<>();

    Terms(Stance stance) {
        this.stance = stance;
        room();
        all.addAll(ReefTerms.all());
        food();
        manners();
        habits();
        looks();
        size();
    }

    List<Term> all() {
        return all;
    }

    /** Words that stand in the phrases only in pieces. */
    private static final Set<String> WHOLE = Set.of(
            "litre",
            "litres",
            "liter",
            "liters",
            "centimetre",
            "centimetres",
            "centimeter",
            "centimeters",
            "dweller",
            "dwellers",
            "dwelling",
            "perches",
            "perching",
            "touches",
            "cleans",
            "cleaning",
            "topped",
            "coloured",
            "colored",
            "colourful",
            "colorful",
            "gobies",
            "swimmer",
            "swimmers",
            "hunters",
            "jumping");

    /** Every word that a phrase may hold, for reading misspelt ones. */
    Set<String> words() {
        Set<String> words = new LinkedHashSet<>(WHOLE);
        for (Term t : all) {
            Pattern.compile("[a-z]{3,}")
                    .matcher(t.phrase()
                            .pattern()
                            .replaceAll("\\\\[a-zA-Z]", " ")
                            .replaceAll("\\(\\?[:=]", "(")
                            .replaceAll("([a-z]+)s\\?", "$1 $1s"))
                    .results()
                    .map(MatchResult::group)
                    .forEach(words::add);
        }
        return words;
    }

    private void add(String phrase, Function<MatchResult, Criterion> asks) {
        all.add(new Term(Pattern.compile("(?<= |^)" + phrase + "(?= |$)"), asks.andThen(List::of)));
    }

    private void is(String phrase, Trait trait, Predicate<Species> test) {
        is(phrase, new Understood.Is(trait), test);
    }

    private void is(String phrase, Understood understood, Predicate<Species> test) {
        add(phrase, m -> Criterion.when(understood, test));
    }

    private void graded(String phrase, Trait trait, ToDoubleFunction<Species> match) {
        graded(phrase, new Understood.Is(trait), match);
    }

    private void graded(String phrase, Understood understood, ToDoubleFunction<Species> match) {
        add(phrase, m -> new Criterion(understood, match));
    }

    private void room() {
        add(
                "(?:(?:fits?|lives?|good|fine|ok|happy)? ?(?:in|into|for|with) )?(?:a |an |my |the )?" + NUMBER
                        + "(cm|in|inch|inches|foot|feet|ft)(?: long| wide)? (?:tanks?|aquariums?|runs?)",
                m -> {
                    double cm = m.group(2).startsWith("f")
                            ? Convert.cmFromInches(12 * Double.parseDouble(m.group(1)))
                            : cm(m.group(1), m.group(2));
                    return Criterion.when(
                            new Understood.RoomInRun(new Length(cm)),
                            s -> s.room().runCm().at(stance) <= cm);
                });
        add("(?:needs? )?" + LEAST + VOLUME + "(?: tanks?)?", m -> {
            double litres = litres(m.group(1), m.group(2));
            return Criterion.when(
                    new Understood.NeedsAtLeast(new Volume(litres)),
                    s -> QuotedSize.share(s.room().litres().at(stance), litres) >= 1);
        });
        add(
                "(?:(?:fits?|lives?|good|fine|ok|happy)? ?(?:in|into|for|with) )?(?:a |an |my |the )?(?:" + MOST + ")?"
                        + VOLUME + "(?: (?:tanks?|aquariums?|nano|reef))*",
                m -> {
                    double litres = litres(m.group(1), m.group(2));
                    return Criterion.when(
                            new Understood.LivesIn(new Volume(litres), stance),
                            s -> QuotedSize.share(litres, s.room().litres().at(stance)) >= 1);
                });
        add(LEAST + LENGTH, m -> {
            double cm = cm(m.group(1), m.group(2));
            return Criterion.when(
                    new Understood.GrowsAtLeast(new Length(cm)), s -> s.size().usualCm() >= cm);
        });
        add(
                "(?:" + MOST + "|(?:that |which )?(?:stays?|grows?|gets?|reach(?:es)?) (?:to |about |around |at )?)?"
                        + LENGTH,
                m -> {
                    double cm = cm(m.group(1), m.group(2));
                    return Criterion.when(
                            new Understood.GrowsAtMost(new Length(cm)),
                            s -> s.size().usualCm() <= cm);
                });
    }

    private void food() {
        Map<String, Help> helps = new LinkedHashMap<>();
        helps.put("(?:hair|turf|green|nuisance) algae", Help.HAIR_ALGAE);
        helps.put("bubble algae|valonia", Help.BUBBLE_ALGAE);
        helps.put("film algae|film|diatoms?|brown algae", Help.FILM_ALGAE);
        helps.put("aiptasias?|glass anemones?", Help.AIPTASIA);
        helps.put("flat ?worms?|planaria", Help.FLATWORMS);
        helps.put("pyramid snails?|pyramidellids?", Help.PYRAMID_SNAILS);
        helps.put("bristle ?worms?", Help.BRISTLE_WORMS);
        helps.put("parasites?", Help.PARASITES);
        helps.forEach((phrase, help) -> is(
                "(?:that |which )?(?:eats?|eating|picks?|controls?|against|for|clean(?:s|ing)?)? ?(?:off )?(?:" + phrase
                        + ")(?: eaters?| eating| control| pickers?)?",
                new Understood.KeptFor(help),
                s -> s.helps().contains(help)));
        is(
                "(?:that |which )?(?:eats? |eating |grazes? )?(?:algae|seaweed|macro ?algae)(?: eaters?| eating| "
                        + "grazers?)?|grazers?|herbivores?|vegetarians?",
                Trait.GRAZES_ALGAE_OR_FILM,
                s -> s.diet().guild() == Guild.GRAZER
                        || s.diet().guild() == Guild.FILM
                        || s.diet().algaeDaily());
        is(
                "(?:sand[ -]?sifters?|sand[ -]?sifting|sifts? sand|cleans? (?:the )?sand|sand cleaners?)",
                Trait.SIFTS_SAND,
                s -> s.diet().guild() == Guild.SAND_SIFTER);
        is(
                "(?:cleaners?|cleaner fish|cleans? other fish)",
                Trait.CLEANS_OTHER_FISH,
                s -> s.habits().contains(Habit.PICKS_PARASITES));
        is(
                "(?:planktivores?|plankton (?:eaters?|feeders?)|eats? plankton)",
                Trait.EATS_PLANKTON,
                s -> s.diet().guild() == Guild.PLANKTON);
        is(
                "(?:predators?|predatory|piscivores?|fish[ -]?eaters?|eats? (?:other )?fish)",
                Trait.EATS_OTHER_FISH,
                s -> s.diet().guild() == Guild.FISH || s.mouthShare() >= 0.33);
        is(NOT + "(?:eats?|eating) (?:other |small |my )*fish", Trait.EATS_NO_FISH, s -> s.mouthShare() < 0.2);
        is(
                "(?:pod|copepod)s?[ -]?(?:eaters?|eating|hunters?)|eats? (?:co)?pods",
                Trait.LIVES_ON_PODS,
                s -> s.diet().pods() > 0);
        is(
                "(?:coral[ -]?eaters?|corallivores?|eats? corals?)",
                Trait.EATS_CORAL,
                s -> s.diet().guild() == Guild.CORALS);
        is(
                "(?:easy|easily) (?:to feed|fed)|eats? (?:anything|flakes?|pellets?|frozen)",
                Trait.EASY_TO_FEED,
                s -> s.diet().hard() <= 2);
    }

    private void manners() {
        is(
                "(?:semi[ -]?aggressive)",
                Trait.TEMPER_WITHIN_LIMITS,
                s -> s.manner().bold() == 3);
        graded(
                "(?:very |really |quite )?(?:peaceful|calm|gentle|mild|friendly|docile|community|placid|" + NOT
                        + "(?:aggressive|mean|nasty|territorial|a bully|bullying|fights?|fighting))(?: fish)?",
                Trait.PEACEFUL,
                Terms::peaceful);
        is(
                "(?:aggressive|mean|nasty|bold|boisterous|feisty|territorial|tough|bully)",
                Trait.BOLD,
                s -> s.manner().bold() >= 4);
        is("(?:shy|timid|secretive)", Trait.SHY, s -> s.manner().timid() >= 4);
        is(
                "(?:easy|hardy|beginners?|beginner friendly|for beginners|first fish|simple|robust|tough as "
                        + "nails|bulletproof)(?: fish)?",
                Trait.EASY,
                s -> s.skill() == 1);
        is("(?:hard|difficult|expert|experts? only|challenging)", Trait.FOR_THE_SEASONED, s -> s.skill() >= 3);
        is(
                "(?:pairs?|in pairs?|mated|couples?|two of)",
                Trait.LIVES_IN_PAIRS,
                s -> s.social().life() == GroupLife.PAIR || s.social().life() == GroupLife.ALONE_OR_PAIR);
        is(
                "(?:shoals?|shoaling|schools?|schooling|groups?|in (?:a )?(?:group|shoal|school)s?)",
                Trait.LIVES_IN_A_GROUP,
                s -> s.social().life() == GroupLife.SHOAL || s.social().life() == GroupLife.HAREM);
        is(
                "(?:(?:captive|tank)[ -]?(?:bred|raised)|aquacultured|farmed|bred)",
                Trait.CAPTIVE_BRED,
                Species::captiveBred);
        is("(?:wild[ -]?caught|from the wild)", Trait.COMES_FROM_THE_WILD, s -> !s.captiveBred());
    }

    /**
     * 1 for the mild, half for those with some temper that leave others be, 0 for the rest and for fish eaters.
     * Pelluna's judgement.
     */
    private static double peaceful(Species s) {
        Species.Manner m = s.manner();
        boolean calm = m.smaller() <= 1 && m.newcomers() <= 2 && s.mouthShare() < 0.25;
        return calm && m.bold() <= 2 ? 1 : calm && m.bold() == 3 ? 0.5 : 0;
    }

    private void habits() {
        is(
                "(?:no jumpers?|" + NOT + "(?:jumps?|jumping|jumpers?|carpet surf)|open[ -]?top(?:ped)?)",
                Trait.SELDOM_JUMPS,
                s -> s.jumping() == Jumps.SELDOM);
        is("(?:jumps?|jumpers?|jumping)", Trait.JUMPS, s -> s.jumping() == Jumps.OFTEN);
        is(
                "(?:" + NOT + "(?:venom|venomous|poisonous|toxic|dangerous)|harmless)",
                Trait.HARMLESS,
                s -> s.hazards().isEmpty());
        is(
                "(?:venomous|poisonous|stings?|stinging|dangerous)",
                Trait.CAN_HURT,
                s -> s.hazards().contains(Hazard.VENOMOUS_SPINES) || s.hazards().contains(Hazard.FANGS));
        is(
                "(?:no sand|without sand|bare[ -]?bottom)(?: tanks?)?",
                Trait.NEEDS_NO_SAND,
                s -> s.needs().sandCm() == 0);
        is(
                "(?:burrows?|burrowing|burrowers?|digs?|diggers?)",
                Trait.BURROWS_OR_DIGS,
                s -> s.place().swims() == Swims.BURROWS || s.habits().contains(Habit.DIGS));
        is(
                "(?:bottom[ -]?dwell(?:ers?|ing)|bottom fish|on the (?:bottom|sand)|sand[ -]?dwell(?:ers?|ing))",
                Trait.LIVES_ON_THE_BOTTOM,
                s -> s.place().zones().contains(Zone.SAND) || s.place().zones().contains(Zone.RUBBLE));
        is(
                "(?:open water|mid[ -]?water|free[ -]?swimming|swims? in the open|active swimmers?)",
                Trait.SWIMS_IN_OPEN_WATER,
                s -> s.place().zones().contains(Zone.OPEN_WATER));
        is(
                "(?:cave[ -]?dwell(?:ers?|ing)|caves?)",
                Trait.LIVES_IN_CAVES,
                s -> s.place().zones().contains(Zone.CAVES));
        is(
                "(?:perch(?:es|ing)?|sits?|sitting)(?: on rocks?)?",
                Trait.PERCHES,
                s -> s.place().swims() == Swims.PERCHES);
        is(
                "(?:pistol shrimp (?:goby|gobies|partners?)|shrimp gob(?:y|ies)|(?:with|lives with|partners?) (?:a "
                        + ")?pistol shrimp)",
                Trait.LIVES_WITH_A_PISTOL_SHRIMP,
                s -> s.partner().filter(p -> p.contains("pistol shrimp")).isPresent());
        is(
                "(?:hosts?|hosting|lives in) (?:an? )?anemones?",
                Trait.LIVES_WITH_AN_ANEMONE,
                s -> s.partner().filter(p -> p.contains("anemone")).isPresent());
        is(
                "(?:cold|cool|temperate)(?: ?water)?",
                Trait.LIKES_IT_COOL,
                s -> s.needs().warmestC() <= 25);
    }

    private void looks() {
        is(
                "(?:stripes|striped|stripey|lines|lined)",
                Trait.STRIPED,
                s -> marks(s, Look.Kind.STRIPES, Look.Kind.STRIPE));
        is("(?:bars|barred|bands|banded)", Trait.BARRED, s -> marks(s, Look.Kind.BARS, Look.Kind.BAR));
        is(
                "(?:spots|spotted|spotty|dots|dotted|polka(?: dots?)?|freckles|freckled)",
                Trait.SPOTTED,
                s -> marks(s, Look.Kind.SPOTS));
        Map<String, Colour> colours = new LinkedHashMap<>();
        for (Colour c : Colour.values()) {
            colours.put(c.word(), c);
        }
        colours.putAll(Map.of(
                "gold",
                Colour.YELLOW,
                "golden",
                Colour.YELLOW,
                "lemon",
                Colour.YELLOW,
                "violet",
                Colour.PURPLE,
                "magenta",
                Colour.PURPLE,
                "lavender",
                Colour.PURPLE,
                "scarlet",
                Colour.RED,
                "silver",
                Colour.GREY,
                "gray",
                Colour.GREY,
                "neon",
                Colour.BLUE));
        add(
                "(?:something |anything |mostly |bright |brightly )?(" + String.join("|", colours.keySet())
                        + ")(?: colou?red| ones?| fish| and)?",
                m -> {
                    Colour colour = colours.get(m.group(1));
                    return new Criterion(
                            new Understood.Coloured(colour),
                            s -> Colour.of(s.look()).contains(colour) ? named(s, m.group(1)) ? 1 : 0.8 : 0);
                });
        is(
                "(?:colou?rful|bright|showy|pretty)",
                Trait.COLOURFUL,
                s -> Colour.of(s.look()).stream().anyMatch(c -> c.ordinal() <= Colour.PINK.ordinal()));
    }

    private static boolean named(Species s, String word) {
        return s.commonNames().stream()
                .anyMatch(n -> n.toLowerCase(java.util.Locale.ROOT).contains(word));
    }

    private static boolean marks(Species s, Look.Kind... kinds) {
        Set<Look.Kind> wanted = Set.of(kinds);
        Map<Look.Kind, Long> found =
                s.look().marks().stream().collect(Collectors.groupingBy(Look.Mark::kind, Collectors.counting()));
        return found.entrySet().stream()
                .anyMatch(e -> wanted.contains(e.getKey())
                        && (e.getValue() >= 2
                                || e.getKey().ordinal() >= Look.Kind.BARS.ordinal()
                                || e.getKey() == Look.Kind.SPOTS));
    }

    private void size() {
        is(
                "(?:tiny|micro|pico)(?: fish)?",
                new Understood.Tiny(new Length(TINY_CM)),
                s -> s.size().usualCm() <= TINY_CM);
        is(
                "nano(?: (?:fish|tanks?|reef))?",
                new Understood.SuitsNano(new Volume(NANO_LITRES)),
                s -> s.room().litres().at(stance) <= NANO_LITRES);
        graded(
                "(?:small|little|smallish|dwarf|mini)(?: fish)?",
                new Understood.Small(new Length(SMALL_CM)),
                s -> s.size().usualCm() <= SMALL_CM ? 1 : s.size().usualCm() <= 1.3 * SMALL_CM ? 0.5 : 0);
        is(
                "(?:medium|medium[ -]sized|mid[ -]?size)(?: fish)?",
                Trait.MIDDLING,
                s -> s.size().usualCm() > 8 && s.size().usualCm() < LARGE_CM);
        is(
                "(?:large|big|huge|show)(?: fish)?",
                new Understood.Large(new Length(LARGE_CM)),
                s -> s.size().usualCm() >= LARGE_CM);
    }

    private static double litres(String number, String unit) {
        double n = Double.parseDouble(number.replace(',', '.'));
        return unit.startsWith("g") ? Convert.litresFromGallons(n) : n;
    }

    private static double cm(String number, String unit) {
        double n = Double.parseDouble(number.replace(',', '.'));
        return unit.startsWith("i") || unit.equals("\"") ? Convert.cmFromInches(n) : unit.equals("mm") ? n / 10 : n;
    }
}
