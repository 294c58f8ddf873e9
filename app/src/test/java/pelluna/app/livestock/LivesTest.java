package pelluna.app.livestock;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.core.livestock.LifeEvent.*;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.livestock.Stage;

/** One fish is one row from its wish to its end, whatever happens to it, and everything that happens is kept. */
class LivesTest {
    private LogTank tank;
    private long fish;

    @BeforeEach
    void aWish() {
        tank = new LogTank("Lives");
        tank.post("/wish-list", Map.of("species", "Gramma loreto", "want", "4"));
        fish = opened().wishes().get(0).id();
    }

    private OpenTank opened() {
        return Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id));
    }

    private LivestockEntity life() {
        return Pelluna.bean(Lives.class).one(Pelluna.owned(tank.id), fish).orElseThrow();
    }

    private List<LifeEvent> course() {
        return Pelluna.bean(Lives.class).course(fish).stream().map(Stood::event).toList();
    }

    private long made(String path, Map<String, String> form, String pattern) {
        Matcher m = Pattern.compile(pattern).matcher(tank.post(path, form).uri().toString());
        assertThat(m.find()).isTrue();
        return Long.parseLong(m.group(1));
    }

    private long box() {
        Map<String, String> form =
                Map.of("fish", "w" + fish, "method", "box-days", "length", "30", "width", "15", "height", "20");
        return made("/log/introducing", form, "which=(\\d+)");
    }

    private long lose() {
        Map<String, String> form = Map.of("fish", "" + fish, "how", "lost", "cause", "jumped", "sure", "seen");
        return made("/losses", form, "/losses/(\\d+)$");
    }

    @Test
    void fromTheWishThroughQuarantineAndBoxIntoTheTankAndAwayItIsTheSameFish() {
        tank.post("/tank", Map.of("quarantinePlaces", "1"));
        String began = Pelluna.today().minusDays(31).toString();
        tank.post("/arrivals/quarantine", Map.of("fish", "w" + fish, "place", "1", "on", began, "salinity", "35"));
        assertThat(life().stage()).isEqualTo(Stage.QUARANTINE);
        tank.post("/log/introducing/" + box() + "/off", Map.of("how", "not today"));
        assertThat(life().stage()).isEqualTo(Stage.WISHED);
        long way = box();
        assertThat(life().stage()).isEqualTo(Stage.BOX);
        tank.post("/log/introducing/" + way + "/release", Map.of());
        assertThat(opened().resident("r" + fish)).as("the wish is a resident").isPresent();
        tank.post("/log/fish/" + fish + "/is", Map.of("what", "missing"));
        long loss = lose();
        assertThat(life().stage()).isEqualTo(Stage.GONE);
        assertThat(opened().residents()).noneMatch(r -> r.id() == fish);
        tank.post("/losses/" + loss + "/back", Map.of());
        assertThat(opened().resident("r" + fish)).isPresent();
        assertThat(course())
                .containsExactly(WISHED, QUARANTINED, BOXED, CALLED_OFF, BOXED, CAME, MISSED, LOST, PUT_BACK);
    }

    @Test
    void anArrivalThatIsUndoneIsTheSameWishAgainAndUndoingGoesOn() {
        String mark = Pelluna.bean(PlanSteps.class).mark(Pelluna.owned(tank.id));
        String soon = Pelluna.today().plusDays(20).toString();
        tank.post("/arrivals/day", Map.of("fish", "w" + fish, "on", soon, "of", mark));
        tank.post(
                "/arrivals/arrived",
                Map.of("fish", "w" + fish, "of", Pelluna.bean(PlanSteps.class).mark(Pelluna.owned(tank.id))));
        assertThat(life().stage()).isEqualTo(Stage.DISPLAY);
        tank.post("/arrivals/undo", Map.of());
        assertThat(life().stage()).isEqualTo(Stage.WISHED);
        assertThat(opened().wish("w" + fish).orElseThrow().file().on()).isEqualTo(LocalDate.parse(soon));
        tank.post("/arrivals/undo", Map.of());
        assertThat(opened().wish("w" + fish).orElseThrow().file().on())
                .as("the step before is undone too")
                .isNull();
        assertThat(course()).containsExactly(WISHED, CAME, ARRIVAL_UNDONE);
    }

    @Test
    void lostInTheBoxItIsWishedForOnceMoreUntilTheLossIsTakenBack() {
        box();
        long loss = lose();
        List<LivestockEntity> wishes = opened().wishes();
        assertThat(wishes).singleElement().satisfies(w -> {
            assertThat(w.id()).isNotEqualTo(fish);
            assertThat(w.file().numbered(null)).isEqualTo(life().wishFile());
        });
        tank.post("/losses/" + loss + "/back", Map.of());
        assertThat(life().stage()).isEqualTo(Stage.BOX);
        assertThat(opened().wishes())
                .singleElement()
                .satisfies(w -> assertThat(w.id()).isEqualTo(fish));
    }

    @Test
    void aResidentThatIsTakenOffAndPutBackKeepsItsNameAndItsLengths() {
        long boss = tank.boss();
        tank.post("/log/fish/" + boss + "/called", Map.of("name", "Inky", "role", "boss"));
        tank.post("/log/fish/" + boss + "/length", Map.of("length", "5.5"));
        Pelluna.bean(PlanSteps.class)
                .change(
                        Pelluna.owned(tank.id),
                        new PlanChange.TakenOff(),
                        plan -> plan.living(plan.residents().stream()
                                .filter(f -> f.row() != boss)
                                .toList()));
        assertThat(Pelluna.bean(Lives.class)
                        .one(Pelluna.owned(tank.id), boss)
                        .orElseThrow()
                        .stage())
                .isEqualTo(Stage.DROPPED);
        tank.post("/arrivals/undo", Map.of());
        LivestockEntity back = opened().resident("r" + boss).orElseThrow();
        assertThat(back.name()).isEqualTo("Inky");
        assertThat(back.lengths()).hasSize(1);
    }
}
