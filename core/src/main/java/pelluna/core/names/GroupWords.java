package pelluna.core.names;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Words for whole groups of fish, English and German, and the keeper's groups that they stand for; from the trade,
 * from memory.
 */
final class GroupWords {
    private static final List<String> SURGEONS =
            List.of("surgeonfish", "bristletooth surgeonfish", "unicorn surgeonfish");
    private static final List<String> ANGELS = List.of("dwarf angels", "large angels", "swallowtail angels");
    private static final List<String> GOBIES = List.of(
            "gobies",
            "cleaner gobies",
            "clown gobies",
            "sand-sifting gobies",
            "shrimp and watchman gobies",
            "engineer gobies");
    private static final List<String> WRASSES = List.of(
            "wrasses",
            "Halichoeres wrasses",
            "cleaner wrasses",
            "fairy wrasses",
            "flasher wrasses",
            "leopard wrasses",
            "lined wrasses",
            "pencil wrasses",
            "possum wrasses",
            "tamarin wrasses",
            "tusk wrasses",
            "hogfish");
    private static final List<String> BLENNIES = List.of("blennies", "fang blennies", "tube blennies", "eel-blennies");
    private static final Map<String, Set<String>> GROUPS = new HashMap<>();

    static {
        put(
                SURGEONS,
                "tang",
                "surgeon",
                "surgeonfish",
                "doctorfish",
                "doktorfisch",
                "doktor",
                "segelflossendoktor",
                "borstenzahndoktor");
        put(List.of("unicorn surgeonfish"), "unicornfish", "naso", "nasendoktor", "nashornfisch");
        put(List.of("bristletooth surgeonfish"), "bristletooth");
        put(List.of("clownfish"), "clownfish", "clown", "anemonefish", "anemonenfisch", "clownfisch", "nem");
        put(ANGELS, "angel", "angelfish", "kaiserfisch", "herzogfisch");
        put(List.of("dwarf angels"), "zwergkaiser", "zwergkaiserfisch", "pygmy");
        put(GOBIES, "goby", "grundel");
        put(List.of("shrimp and watchman gobies"), "watchman", "prawn", "wachtergrundel", "symbiosegrundel");
        put(List.of("cleaner gobies"), "neongrundel");
        put(List.of("cleaner gobies", "cleaner wrasses"), "cleaner", "putzer", "putzerfisch");
        put(List.of("sand-sifting gobies"), "sifter", "sleeper", "schlafergrundel");
        put(WRASSES, "wrasse", "lippfisch", "junker");
        put(List.of("fairy wrasses", "flasher wrasses"), "zwerglippfisch");
        put(List.of("hogfish"), "hogfish", "schweinslippfisch");
        put(BLENNIES, "blenny", "schleimfisch", "felshupfer");
        put(List.of("dragonets"), "dragonet", "mandarin", "scooter", "leierfisch", "mandarinfisch");
        put(List.of("dottybacks"), "dottyback", "pseudochromis", "zwergbarsch");
        put(List.of("damsels", "chromis"), "damsel", "damselfish", "demoiselle", "riffbarsch");
        put(List.of("damsels"), "preussenfisch", "humbug");
        put(List.of("chromis"), "chromis", "schwalbenschwanzchen");
        put(List.of("anthias"), "anthias", "fahnenbarsch");
        put(List.of("cardinals"), "cardinal", "cardinalfish", "kardinalbarsch");
        put(
                List.of("butterflyfish"),
                "butterfly",
                "butterflyfish",
                "falterfisch",
                "pinzettfisch",
                "bannerfish",
                "wimpelfisch");
        put(List.of("triggers"), "trigger", "triggerfish", "drucker", "druckerfisch", "humu", "humuhumu");
        put(List.of("rabbitfish"), "rabbitfish", "foxface", "fuchsgesicht", "kaninchenfisch", "spinefoot");
        put(List.of("hawkfish"), "hawkfish", "buschelbarsch", "korallenwachter");
        put(List.of("puffers and tobies"), "puffer", "pufferfish", "toby", "kugelfisch", "igelfisch", "porcupinefish");
        put(List.of("boxfish and cowfish"), "boxfish", "cowfish", "kofferfisch", "kuhfisch");
        put(List.of("lionfish"), "lion", "lionfish", "feuerfisch", "rotfeuerfisch");
        put(List.of("morays"), "eel", "moray", "murane", "aal");
        put(List.of("groupers and hinds"), "grouper", "hind", "zackenbarsch");
        put(List.of("dartfish"), "firefish", "dartfish", "schwertgrundel", "torpedogrundel", "gudgeon");
        put(List.of("jawfish"), "jawfish", "brunnenbauer");
        put(List.of("filefish"), "filefish", "feilenfisch");
        put(List.of("seahorses and pipefish"), "seahorse", "pipefish", "seepferdchen", "seenadel");
        put(List.of("sharks and rays"), "shark", "ray", "stingray", "hai", "rochen");
        put(List.of("frogfish"), "frogfish", "angler", "anglerfish", "anglerfisch");
        put(List.of("basslets and dwarf basses"), "basslet", "gramma", "feenbarsch");
        put(List.of("hamlets"), "hamlet");
        put(List.of("batfish"), "batfish", "fledermausfisch");
        put(List.of("snappers"), "snapper", "schnapper");
        put(List.of("squirrelfish and soldierfish"), "squirrelfish", "soldierfish", "husarenfisch");
    }

    private GroupWords() {}

    private static void put(List<String> groups, String... words) {
        for (String word : words) {
            GROUPS.put(word, Set.copyOf(groups));
        }
    }

    /** Whether a word stands for a group. */
    static boolean known(String token) {
        return NameText.forms(token).stream().anyMatch(GROUPS::containsKey);
    }

    /** The keeper's groups that a word stands for; none for most words. */
    static Set<String> groups(String token) {
        Set<String> groups = new HashSet<>();
        NameText.forms(token).forEach(form -> groups.addAll(GROUPS.getOrDefault(form, Set.of())));
        return groups;
    }

    /** The words that stand for a group, in order. */
    static Stream<String> wordsFor(String group) {
        return GROUPS.entrySet().stream()
                .filter(e -> e.getValue().contains(group))
                .map(Map.Entry::getKey)
                .sorted();
    }

    static Set<String> words() {
        return GROUPS.keySet().stream().collect(Collectors.toUnmodifiableSet());
    }
}
