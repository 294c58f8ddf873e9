package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

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
        List<Deaths.Death> deaths = Pelluna.bean(Deaths.class).of(List.of(Pelluna.owned(tank("Lantern Ledge"))));
        assertThat(deaths.stream().mapToInt(Deaths.Death::count).sum()).isEqualTo(8);
        assertThat(deaths)
                .extracting(Deaths.Death::cause)
                .contains(Cause.JUMPED, Cause.DISEASE, Cause.STARVED, Cause.KILLED, Cause.UNKNOWN);
        assertThat(page(""))
                .containsPattern(said("page.losses.foundAnotherHomeNoLosses"))
                .containsPattern(said("page.losses.inTheLastYearInYour"))
                .containsPattern(said("losses.SoMany"));
    }

    @Test
    void whatThePlanHadSaidWasReckonedAndNotWritten() {
        assertThat(page(""))
                .containsPattern(
                        saidWith("page.prediction.notSaidThePlanWasCalmAbout", "0", "" + said("losses.Topic.FIGHTING")))
                .containsPattern(said("page.prediction.ofSuchACauseNoPlanCan"))
                .containsPattern(said("sieve.PicksPods"));
        String hindsight = page("/predicted");
        assertThat(hindsight)
                .containsPattern(said("page.prediction.seriousFights"))
                .containsPattern(said("page.losses.thisTank"))
                .containsPattern(said("tension.SameGenus"));
        assertThat(hindsight)
                .containsPattern(said("losses.Topic.JUMPING") + "</summary>[\\s\\S]*?<td class=\"fig\">2</td>");
    }

    @Test
    void theCrewIsCountedAndOneIsSuspected() {
        assertThat(page("/crew"))
                .containsPattern(said("page.crew.turbanSnails"))
                .containsPattern(said("page.crew.goInAMonth"))
                .containsPattern(said("crew.CrewKind.CLEANER_SHRIMP"))
                .contains("three empty shells");
    }

    @Test
    void bothIncidentsHaveTheirLesson() {
        String incidents = page("/incidents");
        assertThat(incidents).contains("The white spots of spring", "A third clownfish", "thirty days of watching");
        String number = incidents.replaceAll("(?s).*/incidents/(\\d+)\"><b>The white spots.*", "$1");
        assertThat(page("/incidents/" + number))
                .containsPattern(said("page.incident.withoutQuarantine"))
                .containsPattern(said("losses.FirstSign"))
                .contains("mark-losses");
    }

    @Test
    void theSmallTankHasAHistoryToo() {
        assertThat(Pelluna.get("/tanks/" + tank("Sill") + "/losses").body())
                .containsPattern(said("page.losses.lostSoFar"))
                .contains("through the gap at the heater cable");
    }
}
