package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.plan.TankFile;

/** A write is whole or not at all, and one at a time for a tank. */
class WholeWritesTest {
    private LogTank tank;

    @BeforeEach
    void aTank() {
        tank = new LogTank("Whole");
    }

    @Test
    void aLossWhosePictureIsRefusedIsNotWritten() {
        tank.fish();
        Map<String, Long> before = Rows.counted();
        byte[] drawing = "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8);
        for (byte[] picture : List.of(drawing, new byte[5_000_000])) {
            HttpResponse<String> refused = Pelluna.upload(
                    tank.at("/losses"),
                    Map.of("fish", "" + tank.wrasse(), "how", "lost", "seen", "behind the stand"),
                    "picture",
                    picture);
            assertThat(refused.statusCode()).isEqualTo(422);
            assertThat(refused.body())
                    .containsPattern(said("app.picture.NoPicture"))
                    .containsPattern(said("page.lossNew.onTheFloorBehindTheStand"));
        }
        assertThat(Rows.since(before)).isEmpty();
    }

    @Test
    void arrivalsOfWhichOneIsNamedTwiceMoveInOnceAndTogether() {
        tank.post("/wish-list", Map.of("species", "Gramma loreto"));
        tank.post("/wish-list", Map.of("species", "Ecsenius midas"));
        String mark = Pelluna.bean(PlanSteps.class).mark(Pelluna.owned(tank.id));
        assertThat(tank.post("/arrivals/arrived", Map.of("fish", Pelluna.fish(tank.id, "w#0,w#0,w#1"), "of", mark))
                        .statusCode())
                .isEqualTo(200);
        var plan = Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id)).plan();
        assertThat(plan.wishes()).isEmpty();
        assertThat(plan.residents()).hasSize(6);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"w#0,w0", "''", "','", "w#0,,w#0"})
    void arrivalsOfWhichOneIsNotThereMoveNobodyIn(String fish) {
        tank.post("/wish-list", Map.of("species", "Gramma loreto"));
        String mark = Pelluna.bean(PlanSteps.class).mark(Pelluna.owned(tank.id));
        assertThat(tank.post("/arrivals/arrived", Map.of("fish", Pelluna.fish(tank.id, fish), "of", mark))
                        .statusCode())
                .isEqualTo(422);
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .wishes())
                .hasSize(1);
    }

    @Test
    void twoWhatIfsAtOnceAreOne() {
        var request = Rough.post(tank.at("/what-if"), "");
        Map<String, Long> before = Rows.counted();
        List<HttpResponse<String>> answers = both(Rough.sent(request), Rough.sent(request));
        assertThat(answers)
                .extracting(a -> a.headers().firstValue("Location").orElse(""))
                .hasSize(2)
                .allMatch(l ->
                        l.equals(answers.get(0).headers().firstValue("Location").orElse("?")));
        assertThat(Rows.since(before)).containsEntry("tank", 1L);
        assertThat(tank.page("/reefscape")).contains("</html>");
    }

    @Test
    void differentFieldsOfATankSavedAtOnceAreBothSaved() {
        for (int round = 0; round < 10; round++) {
            List<HttpResponse<String>> answers = both(
                    Rough.sent(Rough.post(tank.at("/tank"), "hides=" + (10 + round))),
                    Rough.sent(Rough.post(tank.at("/tank"), "rockKg=" + (40 + round))));
            assertThat(answers).extracting(HttpResponse::statusCode).containsOnly(302);
            TankFile figures =
                    Pelluna.bean(TankPlans.class).file(Pelluna.owned(tank.id)).tank();
            assertThat(figures.hides()).isEqualTo(10 + round);
            assertThat(figures.rockKg()).isEqualTo(40 + round);
        }
    }

    @Test
    void differentFieldsOfAWishSavedAtOnceAreBothSaved() {
        tank.post("/wish-list", Map.of("species", "Gramma loreto"));
        long wish = Pelluna.bean(TankPlans.class)
                .open(Pelluna.owned(tank.id))
                .wishes()
                .get(0)
                .id();
        for (int round = 0; round < 8; round++) {
            int want = 1 + round % 5;
            List<HttpResponse<String>> answers = both(
                    Rough.sent(Rough.post(tank.at("/wish-list/" + wish), "want=" + want)),
                    Rough.sent(Rough.post(tank.at("/wish-list/" + wish), "lengthCm=" + (4 + round % 3))));
            assertThat(answers).extracting(HttpResponse::statusCode).containsOnly(302);
            var row = Pelluna.bean(TankPlans.class)
                    .open(Pelluna.owned(tank.id))
                    .wishes()
                    .get(0)
                    .file();
            assertThat(row.want()).isEqualTo(want);
            assertThat(row.lengthCm()).isEqualTo(4 + round % 3);
        }
    }

    @Test
    void theSameFieldIsStillNeverOverwrittenUnseen() {
        assertThat(tank.post("/tank", Map.of("hides", "12", "was-hides", "8")).statusCode())
                .isEqualTo(200);
        HttpResponse<String> late = tank.post("/tank", Map.of("hides", "20", "was-hides", "8"));
        assertThat(late.statusCode()).isEqualTo(422);
        assertThat(late.body())
                .containsPattern(said("page.wishes.anotherWindowChangedThisTo"))
                .contains("value=\"20\"");
    }

    @Test
    void manyAtOnceOnOneTankAllGetThrough() {
        List<CompletableFuture<HttpResponse<String>>> all = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            all.add(Rough.sent(Rough.post(tank.at("/losses/crew"), "kind=snails&count=" + (i + 1))));
        }
        Map<String, Long> before = Rows.counted();
        assertThat(all.stream()
                        .map(CompletableFuture::join)
                        .map(HttpResponse::statusCode)
                        .toList())
                .containsOnly(302);
        assertThat(before).isNotEmpty();
        assertThat(tank.page("/losses/crew")).contains("</html>");
    }

    @Test
    void whatIsUndoneTwiceByOnePressIsUndoneOnce() {
        for (int i = 0; i < 2; i++) {
            tank.post("/arrivals/test", Map.of("on", World.TODAY, "nitrate", "" + (10 + i)));
        }
        for (int i = 0; i < 2; i++) {
            tank.post("/arrivals/test", Map.of("back", "true", "key", "one-press-" + tank.id));
        }
        assertThat(Pelluna.bean(TankPlans.class).tests(Pelluna.owned(tank.id))).hasSize(1);
    }

    private static List<HttpResponse<String>> both(
            CompletableFuture<HttpResponse<String>> one, CompletableFuture<HttpResponse<String>> other) {
        return List.of(one.join(), other.join());
    }
}
