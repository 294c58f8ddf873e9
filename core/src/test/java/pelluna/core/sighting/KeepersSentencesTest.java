package pelluna.core.sighting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.core.behaviour.EventType;
import pelluna.core.phrasebook.Phrasebook;

/** More ways in which keepers say it, and every deed that Pelluna offers itself. */
class KeepersSentencesTest {
    private static final List<Known> FISH = List.of(
            new Known("1", "Inky", List.of("Inky", "Springer's dottyback", "Pseudochromis springeri", "dottybacks")),
            new Known(
                    "2",
                    "Saffron",
                    List.of("Saffron", "yellow wrasse", "yellow coris wrasse", "Halichoeres chrysus", "wrasses")),
            new Known("3", "lawnmower blenny", List.of("lawnmower blenny", "Salarias fasciatus", "blennies")));
    private static final SentenceReader READER =
            new SentenceReader(FISH, new Places(150, 52, List.of()), Phrasebook.ENGLISH);

    @ParameterizedTest
    @CsvSource({
        "inky bit saffron, nipped",
        "Inky bites the yellow wrasse!, nipped",
        "inky guards food from blenny, blocked-food",
        "inky flared at saffron, displayed",
        "inky chasing saffron, chased",
        "saffron flashes, rubs",
        "saffron refuses food, not-eating",
        "saffron won't eat, not-eating",
        "blenny gasping, fast-breath",
        "blenny split fin, torn-fin",
        "saffron bitten, wound",
        "blenny sunken belly, thin",
        "saffron on the floor, jumped",
        "blenny missing, absent",
        "blenny came out, seen",
        "saffron hid, hides",
        "nori, seaweed",
        "fed, fed",
        "inky hit the box saffron, struck-box"
    })
    void isRead(String text, String doing) {
        SentenceReader.Reading reading = READER.read(text);
        assertThat(reading.problem()).isEmpty();
        assertThat(reading.sighting().orElseThrow().doing().word()).isEqualTo(doing);
    }

    @Test
    void whatPellunaOffersForADeedIsReadAsThatDeed() {
        List<EventType> offered = new ArrayList<>();
        for (EventType asked : EventType.values()) {
            String way = Phrases.offered(asked);
            EventType doing = Phrases.in(List.of(way.split(" "))).orElseThrow().doing();
            String text = doing.ofAFish() ? "Inky " + way + (doing.toAnother() ? " Saffron" : "") : way;
            SentenceReader.Reading reading = READER.read(text);
            assertThat(reading.problem()).as(text).isEmpty();
            assertThat(reading.sighting().orElseThrow().doing()).isEqualTo(doing);
            assertThat(reading.sighting().orElseThrow().gravity()).isEqualTo(doing.gravity());
            offered.add(doing);
        }
        assertThat(offered).containsExactly(EventType.values());
    }

    @ParameterizedTest
    @ValueSource(strings = {"x2", "2x", "×2", "twice", "2 times"})
    void howOften(String times) {
        assertThat(READER.read("inky chased saffron " + times)
                        .sighting()
                        .orElseThrow()
                        .times())
                .isEqualTo(2);
    }

    @Test
    void aNumberThatIsTooLargeIsHeldAtTheMost() {
        assertThat(READER.read("inky chased saffron x0")
                        .sighting()
                        .orElseThrow()
                        .times())
                .isEqualTo(1);
        assertThat(READER.read("inky chased saffron x99")
                        .sighting()
                        .orElseThrow()
                        .times())
                .isEqualTo(99);
    }

    @Test
    void placesWithoutHidesAreSidesAndHeights() {
        assertThat(READER.read("inky chased saffron left sand")
                        .sighting()
                        .orElseThrow()
                        .where())
                .contains(new Sighting.Spot(1 / 6.0, 0.04));
        assertThat(READER.read("inky chased saffron surface")
                        .sighting()
                        .orElseThrow()
                        .where())
                .contains(new Sighting.Spot(0.5, 0.97));
        assertThat(READER.read("inky chased saffron").sighting().orElseThrow().where())
                .isEmpty();
        assertThat(READER.read("inky chased saffron left cave")
                        .sighting()
                        .orElseThrow()
                        .where())
                .as("no cave is drawn; the side is still said")
                .contains(new Sighting.Spot(1 / 6.0, 0.5));
    }

    @Test
    void everyOfferCanBeGoneOnWithOrIsWhole() {
        for (String typed : List.of(
                "",
                "s",
                "inky",
                "inky ",
                "inky c",
                "inky chased",
                "inky chased ",
                "inky chased sa",
                "inky chased Saffron ")) {
            for (String offer : READER.completions(typed)) {
                boolean whole = READER.read(offer).sighting().isPresent();
                boolean goesOn = !READER.completions(offer + " ").isEmpty();
                assertThat(whole || goesOn)
                        .as("'" + typed + "' → '" + offer + "'")
                        .isTrue();
            }
        }
    }

    @Test
    void noTextEverFails() {
        for (String text : List.of(
                " ",
                ";",
                "x3",
                "the the the",
                "chased",
                "chased chased chased",
                "inky chased inky",
                "ünïcode fïsh eats",
                "a".repeat(500),
                "inky eats; ; ;")) {
            assertThat(READER.read(text)).isNotNull();
            assertThat(READER.completions(text)).isNotNull();
        }
        assertThat(READER.read("inky chased inky").sighting())
                .as("a fish does not chase itself")
                .isEmpty();
    }
}
