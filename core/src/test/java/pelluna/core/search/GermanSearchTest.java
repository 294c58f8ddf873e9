package pelluna.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.core.catalogue.Stance;
import pelluna.core.phrasebook.Phrasebook;
import pelluna.core.testing.Plans;

/** Questions as German keepers type them. */
class GermanSearchTest {
    private static final Search SEARCH = new Search(Plans.CATALOGUE);
    private static final Terms TERMS = new Terms(Stance.CUSTOMARY);
    private static final Words WORDS = new Words(Plans.CATALOGUE, TERMS.words());
    private static final Phrasebook GERMAN = Phrasebook.of(Locale.GERMAN);

    private static List<Understood> german(String typed) {
        return new QuestionReader(TERMS, WORDS, GERMAN)
                .read(typed).criteria().stream().map(Criterion::understood).toList();
    }

    private static List<Understood> english(String typed) {
        return new QuestionReader(TERMS, WORDS, Phrasebook.ENGLISH)
                .read(typed).criteria().stream().map(Criterion::understood).toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "klein, friedlich, frisst Algen, unter 200 L|small peaceful algae eater under 200 l",
                "kleiner friedlicher Fisch|small peaceful fish",
                "ein bunter Fisch für ein 200-Liter-Becken|colourful fish for a 200 l tank",
                "riffsicher mit Garnelen|reef safe with shrimp",
                "frisst Glasrosen|eats aiptasia",
                "gegen Fadenalgen|against hair algae",
                "Anfängerfisch|beginner fish",
                "nicht aggressiv|not aggressive",
                "springt nicht|does not jump",
                "wird nicht größer als 12 cm|stays under 12 cm",
                "frisst keine Garnelen|does not eat shrimp",
                "lässt Schnecken in Ruhe|leaves snails alone",
                "gelb und klein|yellow small",
                "Nachzucht, als Pärchen|captive bred pair",
                "rauber|predator",
                "Raeuber|predator",
                "siebt Sand|sand sifter",
                "lebt in Anemonen|hosts anemones",
                "mit Knallkrebs|with a pistol shrimp",
                "ungiftig|not venomous",
                "small peaceful algae eater|small peaceful algae eater"
            })
    void asksTheSameAsItsEnglish(String typed, String english) {
        assertThat(german(typed)).isNotEmpty().isEqualTo(english(english));
    }

    @Test
    void aSlipIsReadAsItWasMeant() {
        assertThat(german("freidlich")).isEqualTo(english("peaceful"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Gelbe Korallengrundel",
                "Blauer Segelflossendoktor",
                "Putzerlippfisch",
                "Roter Sternen-Leierfisch"
            })
    void aNameStaysAName(String name) {
        Answer answer = SEARCH.ask(name, new Singles(Plans.sixFeet().plan()), GERMAN);
        assertThat(answer.found().get(0).species().namesIn("German")).contains(name);
    }

    @Test
    void groupsAndWishesGoTogether() {
        assertThat(SEARCH.ask(
                                "gelber Lippfisch unter 200 L",
                                new Singles(Plans.sixFeet().plan()),
                                GERMAN)
                        .found())
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.species().family()).isEqualTo("Labridae"));
    }
}
