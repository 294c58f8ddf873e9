package pelluna.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.catalogue.Help;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.tank.Tank;
import pelluna.core.testing.Plans;
import pelluna.core.units.Statement;

class SpecialTest {
    private static List<Statement> special(String name, Tank tank) {
        return Special.of(species(name), tank, Stance.CUSTOMARY);
    }

    private static Species species(String name) {
        return Plans.CATALOGUE.find(name).orElseThrow();
    }

    private static Tank tank(String figure, Object value) {
        return Plans.sixFeet().with(figure, value).plan().tank();
    }

    @ParameterizedTest
    @CsvSource({
        "Chromis viridis, LIVES_IN_A_GROUP",
        "Neocirrhites armatus, PERCHES",
        "Valenciennea puellaris, SIFTS_SAND"
    })
    void whatItDoesAndHowItLives(String name, Trait trait) {
        assertThat(special(name, Plans.sixFeet().plan().tank())).contains(new Understood.Is(trait));
    }

    @Test
    void whatKeepersWantItForComesFirst() {
        Species blenny = species("Salarias fasciatus");
        assertThat(blenny.helps()).isNotEmpty();
        assertThat(special("Salarias fasciatus", Plans.sixFeet().plan().tank()).get(0))
                .isIn(blenny.helps().stream().map(Understood.KeptFor::new).toList());
        assertThat(Plans.CATALOGUE.all().stream()
                        .flatMap(s -> Special.of(s, Plans.sixFeet().plan().tank(), Stance.CUSTOMARY).stream()))
                .as("nobody is kept against clean sand")
                .doesNotContain(new Understood.KeptFor(Help.CLEAN_SAND))
                .isNotEmpty();
    }

    @Test
    void whatIsThereByTheSmallestMarginIsSaid() {
        Species wrasse = species("Halichoeres chrysus");
        double sand = wrasse.needs().sandCm();
        assertThat(special("Halichoeres chrysus", tank("sandDepthCm", sand)))
                .anySatisfy(s -> assertThat(s).isInstanceOf(Special.SandEnough.class));
        assertThat(special("Gramma loreto", tank("sandDepthCm", 30.0)))
                .as("a hundred litres more are no margin to speak of")
                .noneSatisfy(s -> assertThat(s).isInstanceOf(Special.RoomEnough.class));
    }
}
