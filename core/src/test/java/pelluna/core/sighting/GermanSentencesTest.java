package pelluna.core.sighting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import pelluna.core.behaviour.EventType;
import pelluna.core.phrasebook.Phrasebook;
import pelluna.core.scape.Hide;

/** Sentences as German keepers write them. */
class GermanSentencesTest {
    private static final List<Known> FISH = List.of(
            new Known(
                    "1",
                    "Streifen-Zwergkaiserfisch",
                    List.of("Streifen-Zwergkaiserfisch", "coral beauty", "Centropyge bispinosa")),
            new Known(
                    "2", "Gelber Lippfisch", List.of("Gelber Lippfisch", "Kanarien-Lippfisch", "yellow coris wrasse")),
            new Known("3", "Inky", List.of("Inky")),
            new Known("4", "Algenblenny", List.of("Algenblenny", "Juwelen-Felshüpfer", "Salarias fasciatus")));
    private static final SentenceReader READER = new SentenceReader(
            FISH, new Places(150, 52, List.of(new Hide(20, 10), new Hide(130, 10))), Phrasebook.of(Locale.GERMAN));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Kaiserfisch jagt Lippfisch x3 linke Höhle|1|CHASED|2|3|1",
                "kaiserfisch jagte den gelben lippfisch dreimal|1|CHASED|2|3|1",
                "Inky hat den Lippfisch gejagt|3|CHASED|2|1|1",
                "Inky hat den Lippfisch heftig gebissen|3|NIPPED|2|1|2",
                "Inky greift den Kaiserfisch an|3|CHASED|1|1|1",
                "Inky zwickt Lippfisch 2 mal|3|NIPPED|2|2|2",
                "Inky hält den Lippfisch vom Futter ab|3|BLOCKED_FOOD|2|1|1",
                "Inky droht Algenblenny|3|DISPLAYED|4|1|1",
                "Inky stößt gegen die Box von Lippfisch|3|STRUCK_BOX|2|1|1",
                "Lippfisch frisst nicht|2|NOT_EATING||1|2",
                "der Lippfisch frisst|2|EATS||1|1",
                "Lippfisch versteckt sich|2|HIDES||1|1",
                "Felshuepfer hat weiße Punkte|4|SPOTS||1|3",
                "Inky atmet schnell|3|FAST_BREATH||1|3",
                "Lippfisch ist gesprungen|2|JUMPED||1|3",
                "Lippfisch nicht gesehen|2|ABSENT||1|1",
                "gefüttert||FED||1|1",
                "coral beauty chased wrasse x2|1|CHASED|2|2|1"
            })
    void isRead(String text, String who, EventType doing, String whom, int times, int gravity) {
        SentenceReader.Reading reading = READER.read(text);
        assertThat(reading.problem()).as(text).isEmpty();
        Sighting s = reading.sighting().orElseThrow();
        assertThat(s.who().orElse(null)).isEqualTo(who);
        assertThat(s.doing()).isEqualTo(doing);
        assertThat(s.whom().orElse(null)).isEqualTo(whom);
        assertThat(s.times()).isEqualTo(times);
        assertThat(s.gravity()).isEqualTo(gravity);
    }

    @Test
    void placesAreReadAndANoteStaysAsItWasWritten() {
        Sighting s = READER.read("Kaiserfisch jagt Lippfisch rechte Höhle; über der Muschel")
                .sighting()
                .orElseThrow();
        assertThat(s.where().orElseThrow().x()).isGreaterThan(0.8);
        assertThat(s.note()).isEqualTo("über der Muschel");
        assertThat(READER.read("Inky jagt Lippfisch oben links")
                        .sighting()
                        .orElseThrow()
                        .where())
                .hasValueSatisfying(w -> {
                    assertThat(w.x()).isLessThan(0.2);
                    assertThat(w.y()).isGreaterThan(0.9);
                });
    }

    @ParameterizedTest
    @EnumSource(EventType.class)
    void whatIsOfferedForADeedIsReadAsIt(EventType doing) {
        String way = Phrasebook.of(Locale.GERMAN).offered(doing).orElseThrow();
        String text = doing.ofAFish() ? "Inky " + way + (doing.toAnother() ? " Lippfisch" : "") : way;
        assertThat(READER.read(text).sighting().map(Sighting::doing)).as(text).contains(doing);
    }

    @Test
    void completionsAreGerman() {
        assertThat(READER.completions("Inky j")).contains("Inky jagt");
        assertThat(READER.completions("inky jagt ")).contains("inky jagt Gelber Lippfisch");
        assertThat(READER.completions("Inky jagt Gelber Lippfisch "))
                .contains("Inky jagt Gelber Lippfisch linke Höhle");
        for (String offered : READER.completions("inky jagt gel")) {
            assertThat(READER.read(offered).sighting()).as(offered).isPresent();
        }
    }

    @Test
    void whatIsNotUnderstoodIsAskedFor() {
        assertThat(READER.read("Doktor jagt Inky").problem()).contains(new Unclear.NobodyGoesBy("doktor"));
        assertThat(READER.read("Inky tanzt Walzer").problem()).contains(new Unclear.WhatDidItDo());
    }
}
