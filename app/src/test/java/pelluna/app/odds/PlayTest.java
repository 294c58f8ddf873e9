package pelluna.app.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.testing.Pelluna;
import pelluna.core.arrivals.Schedule;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.odds.Remedy;
import pelluna.core.plan.Plan;

/** One plan at play, without a server: stopped before it begins, played out, and with a change. */
class PlayTest {
    private static Remedy.Version jumper() {
        PlanFiles files = new PlanFiles(Catalogue::shipped);
        Plan plan = files.plan(
                files.parse("{\"pelluna\":1,\"startOn\":\"2027-03-01\",\"tank\":{\"lengthCm\":150,\"widthCm\":60,"
                        + "\"waterHeightCm\":55,\"cover\":\"none\"},\"residents\":[{\"species\":\"firefish\"}]}"),
                Pelluna.today());
        return new Remedy.Version(plan, new Schedule(List.of(), 0, 0, true));
    }

    @Test
    void onePlayThatIsStoppedEndsAtOnceAndTriesNothing() {
        Play play = new Play(jumper(), 500, Optional.empty());
        play.stop();
        play.run();
        assertThat(play.over()).isTrue();
        assertThat(play.odds().orElseThrow().runs()).isEqualTo(1);
        assertThat(play.odds().orElseThrow().stopped()).isTrue();
        assertThat(play.tried()).isEmpty();
    }

    @Test
    void whatIsTriedIsWhatThePlanWithTheChangeComesTo() {
        Play play = new Play(jumper(), 500, Optional.empty());
        play.run();
        assertThat(play.played()).isEqualTo(500);
        Play.Tried mesh = play.tried().stream()
                .filter(t -> t.remedy() instanceof Remedy.Mesh)
                .findFirst()
                .orElseThrow();
        Play with = new Play(jumper(), 500, Optional.of(mesh.remedy()));
        with.run();
        assertThat(with.tried()).isEmpty();
        double well = with.odds().orElseThrow().allWell().get(24);
        assertThat(well).isGreaterThan(play.odds().orElseThrow().allWell().get(24));
        assertThat(mesh.well24()).isCloseTo(well, within(0.05));
    }
}
