package pelluna.core.sighting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.behaviour.EventType;

/** How keepers say what fish do; the first phrase of each is the one that Pelluna offers. */
final class Phrases {
    /** A way to say it. @param offered whether it is the way that Pelluna offers */
    record Phrase(List<String> words, EventType doing, boolean offered) {}

    private static final List<Phrase> ALL = sorted(List.of(
            say(EventType.CHASED, "chased", "chases", "chase", "chasing", "charged", "ran off"),
            say(EventType.NIPPED, "nipped", "nips", "nip", "bit", "bites", "bite"),
            say(
                    EventType.BLOCKED_FOOD,
                    "kept from food",
                    "blocked from food",
                    "blocked",
                    "keeps from food",
                    "guards food from"),
            say(
                    EventType.STRUCK_BOX,
                    "struck at the box of",
                    "struck at box",
                    "struck the box",
                    "strikes the box",
                    "hit the box",
                    "struck at the box"),
            say(EventType.DISPLAYED, "displayed at", "displayed", "displays", "flared at", "flares"),
            say(EventType.NOT_EATING, "does not eat", "not eating", "won't eat", "refuses food", "ate nothing"),
            say(EventType.EATS, "eats", "ate", "eating", "feeds"),
            say(EventType.SEEN, "is there", "seen", "is out", "came out"),
            say(EventType.ABSENT, "did not come", "absent", "not seen", "missing"),
            say(EventType.HIDES, "hides", "hid", "hiding", "hidden"),
            say(EventType.TORN_FIN, "has a torn fin", "torn fin", "torn fins", "torn tail", "split fin"),
            say(EventType.WOUND, "has a wound", "wound", "wounded", "bitten", "hurt"),
            say(EventType.CLOUDY_EYE, "has a cloudy eye", "cloudy eye", "cloudy eyes"),
            say(EventType.SPOTS, "has spots", "spots", "white spots", "spotty"),
            say(EventType.FAST_BREATH, "breathes fast", "breathing fast", "fast breath", "gasps", "gasping"),
            say(EventType.RUBS, "rubs itself", "rubs", "flashes", "scratches", "scratching"),
            say(EventType.THIN, "is thin", "thin", "sunken belly"),
            say(EventType.JUMPED, "jumped", "jumps", "on the floor"),
            say(EventType.SPAWNED, "spawned", "spawns", "eggs"),
            say(EventType.CHANGED_SEX, "changed sex", "turned male", "turned female"),
            say(EventType.COUNTED, "counted"),
            say(EventType.NOTE, "note"),
            say(EventType.FED, "fed"),
            say(EventType.SEAWEED, "seaweed given", "seaweed", "nori")));

    private Phrases() {}

    private static List<Phrase> say(EventType doing, String... ways) {
        List<Phrase> phrases = new ArrayList<>();
        for (String way : ways) {
            phrases.add(new Phrase(List.of(way.split(" ")), doing, phrases.isEmpty()));
        }
        return phrases;
    }

    /** Longer ones first, so that 'does not eat' is not read as 'eat'. */
    private static List<Phrase> sorted(List<List<Phrase>> groups) {
        return groups.stream()
                .flatMap(List::stream)
                .sorted(Comparator.comparingInt((Phrase p) -> p.words().size()).reversed())
                .toList();
    }

    /** Where a phrase stands in a sentence. */
    record At(EventType doing, int from, int to) {}

    static Optional<At> in(List<String> words) {
        for (Phrase p : ALL) {
            for (int i = 0; i + p.words().size() <= words.size(); i++) {
                if (words.subList(i, i + p.words().size()).equals(p.words())) {
                    return Optional.of(new At(p.doing(), i, i + p.words().size()));
                }
            }
        }
        return Optional.empty();
    }

    /** The way to say it that Pelluna offers. */
    static String offered(EventType doing) {
        return ALL.stream()
                .filter(p -> p.offered() && p.doing() == doing)
                .map(p -> String.join(" ", p.words()))
                .findFirst()
                .orElseThrow();
    }
}
