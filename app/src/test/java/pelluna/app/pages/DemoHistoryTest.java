package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.app.losses.Deaths;
import pelluna.app.planning.TankPlans;
import pelluna.app.tank.TankEntity;
import pelluna.app.testing.Pelluna;
import pelluna.core.losses.Cause;

/** The invented history of the demo tanks, as every page of Losses shows it. */
class DemoHistoryTest {
    private static long tank(String name) {
        return Pelluna.bean(TankPlans.class).tanks().stream()
                .filter(t -> t.name().equals(name))
                .mapToLong(TankEntity::id)
                .findFirst()
                .orElseThrow();
    }

    private static String page(String path) {
        return Pelluna.get("/tanks/" + tank("Lantern Ledge") + "/losses" + path).body();
    }

    @Test
    void theLedgerTellsWhoWasLostAndWhatTheyHadInCommon() {
        List<Deaths.Death> deaths = Pelluna.bean(Deaths.class).of(List.of(tank("Lantern Ledge")));
        assertThat(deaths.stream().mapToInt(Deaths.Death::count).sum()).isEqualTo(8);
        assertThat(deaths)
                .extracting(Deaths.Death::cause)
                .contains(Cause.JUMPED, Cause.DISEASE, Cause.STARVED, Cause.KILLED, Cause.UNKNOWN);
        assertThat(page(""))
                .containsPattern(said("page.losses.foundAnotherHomeNoLosses"))
                .containsPattern(said("page.losses.inTheLastYearInYour"))
                .contains(
                        "Two of two jumpers left a tank without full cover.",
                        "Three of three lost to illness had skipped quarantine.");
    }

    @Test
    void whatThePlanHadSaidWasReckonedAndNotWritten() {
        assertThat(page(""))
                .contains(
                        "Said (Chop): It picks live pods all day",
                        "Not said: the plan was calm about fighting.",
                        "Of such a cause no plan can tell.");
        String hindsight = page("/hindsight");
        assertThat(hindsight)
                .containsPattern(said("page.prediction.seriousFights"))
                .containsPattern(said("page.losses.thisTank"))
                .contains("Both are Amphiprion");
        assertThat(hindsight).containsPattern("Jumping</summary>[\\s\\S]*?<td class=\"fig\">2</td>");
    }

    @Test
    void theCrewIsCountedAndOneIsSuspected() {
        assertThat(page("/crew")).contains("Turban snails", "three empty shells", "go in a month", "Cleaner shrimp");
    }

    @Test
    void bothIncidentsHaveTheirLesson() {
        String incidents = page("/incidents");
        assertThat(incidents).contains("The white spots of spring", "A third clownfish", "thirty days of watching");
        String number = incidents.replaceAll("(?s).*/incidents/(\\d+)\"><b>The white spots.*", "$1");
        assertThat(page("/incidents/" + number))
                .containsPattern(said("page.incident.withoutQuarantine"))
                .contains("The first sign: The yellow tang rubs itself", "mark-losses");
    }

    @Test
    void theSmallTankHasAHistoryToo() {
        assertThat(Pelluna.get("/tanks/" + tank("Sill") + "/losses").body())
                .contains("One lost so far", "through the gap at the heater cable");
    }
}
