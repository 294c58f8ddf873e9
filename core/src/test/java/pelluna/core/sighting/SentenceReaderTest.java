package pelluna.core.sighting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.behaviour.EventType;
import pelluna.core.phrasebook.Phrasebook;
import pelluna.core.scape.Hide;

class SentenceReaderTest {
    private static final SentenceReader READER = new SentenceReader(
            List.of(
                    new Known(
                            "1",
                            "coral beauty",
                            List.of("coral beauty", "Centropyge bispinosa", "dwarf angel", "twospined angelfish")),
                    new Known(
                            "2",
                            "yellow coris wrasse",
                            List.of("yellow coris wrasse", "Halichoeres chrysus", "Saffron")),
                    new Known("3", "fairy wrasse", List.of("fairy wrasse", "Cirrhilabrus rubriventralis")),
                    new Known("4", "ocellaris clownfish", List.of("ocellaris clownfish", "Amphiprion ocellaris"))),
            new Places(150, 52, List.of(new Hide(30, 10), new Hide(120, 15))),
            Phrasebook.ENGLISH);

    private static Sighting read(String text) {
        SentenceReader.Reading reading = READER.read(text);
        assertThat(reading.problem()).isEmpty();
        return reading.sighting().orElseThrow();
    }

    @Test
    void theSentenceOfTheIssue() {
        Sighting s = read("angel chased coris x3 left cave");
        assertThat(s.who()).contains("1");
        assertThat(s.doing()).isEqualTo(EventType.CHASED);
        assertThat(s.whom()).contains("2");
        assertThat(s.times()).isEqualTo(3);
        assertThat(s.where()).contains(new Sighting.Spot(30 / 150.0, 10 / 52.0));
        assertThat(s.gravity()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({
        "clown nipped the fairy wrasse badly, 4, nipped, 3, 3, 1",
        "Clown's chased coris, 4, chased, 2, 1, 1",
        "saffron does not eat, 2, not-eating, , 2, 1",
        "coris ate, 2, eats, , 1, 1",
        "Coral Beauty kept from food the clownfish twice, 1, blocked-food, 4, 1, 2",
        "beauty struck at the box of saffron 4 times, 1, struck-box, 2, 1, 4",
        "fairy has a torn fin, 3, torn-fin, , 2, 1",
        "clownfish has white spots, 4, spots, , 3, 1",
        "clowns spawned, 4, spawned, , 1, 1"
    })
    void whatKeepersWrite(String text, String who, String doing, String whom, int gravity, int times) {
        Sighting s = read(text);
        assertThat(s.who()).contains(who);
        assertThat(s.doing().word()).isEqualTo(doing);
        assertThat(s.whom().orElse(null)).isEqualTo(whom);
        assertThat(s.gravity()).isEqualTo(gravity);
        assertThat(s.times()).isEqualTo(times);
    }

    @Test
    void feedingIsTheTanksAndANoteStandsBehindASemicolon() {
        Sighting s = read("fed right; pellets and mysis");
        assertThat(s.who()).isEmpty();
        assertThat(s.doing()).isEqualTo(EventType.FED);
        assertThat(s.note()).isEqualTo("pellets and mysis");
        assertThat(s.where().orElseThrow().x()).isGreaterThan(0.7);
    }

    @Test
    void whatIsNotUnderstoodIsSaidAndNothingGuessed() {
        assertThat(READER.read("wrasse chased clown").problem())
                .hasValueSatisfying(p -> assertThat(((Unclear.OneOf) p).fish().labels())
                        .contains("yellow coris wrasse", "fairy wrasse"));
        assertThat(READER.read("tang chased clown").problem()).contains(new Unclear.NobodyGoesBy("tang"));
        assertThat(READER.read("beauty chased").problem()).contains(new Unclear.ToWhom());
        assertThat(READER.read("beauty clown").problem()).contains(new Unclear.WhatDidItDo());
        assertThat(READER.read("").sighting()).isEmpty();
    }

    @Test
    void aFishIsNeverItsOwnTarget() {
        assertThat(read("fairy wrasse chased wrasse").whom())
                .as("the other wrasse is meant")
                .contains("2");
    }

    @Test
    void completionLeadsThroughTheSentence() {
        assertThat(READER.completions("cor")).contains("coral beauty", "yellow coris wrasse");
        assertThat(READER.completions("coral beauty ch")).contains("coral beauty chased");
        assertThat(READER.completions("coral beauty chased ")).contains("coral beauty chased fairy wrasse");
        assertThat(READER.completions("coral beauty chased fairy wrasse "))
                .contains("coral beauty chased fairy wrasse x2");
        for (String offered : READER.completions("coral beauty chased fa")) {
            assertThat(READER.read(offered).sighting()).as(offered).isPresent();
        }
    }

    @Test
    void placesAreWords() {
        assertThat(Places.where(new Sighting.Spot(0.1, 0.05)))
                .isEqualTo(new Places.Where(Places.Side.LEFT, Places.Height.SAND));
        assertThat(Places.where(new Sighting.Spot(0.9, 0.95)))
                .isEqualTo(new Places.Where(Places.Side.RIGHT, Places.Height.SURFACE));
    }
}
