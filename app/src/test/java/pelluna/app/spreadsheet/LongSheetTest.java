package pelluna.app.spreadsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;
import pelluna.app.limits.Steps;
import pelluna.app.limits.StoppedException;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;

/** A long sheet: seen while it goes on, stopped at any moment, whole or not at all. */
class LongSheetTest {
    private static final int MANY = 6000;
    private LogTank tank;

    @BeforeEach
    void aTank() {
        tank = new LogTank("Long sheet");
    }

    private static String lines(int many) {
        StringBuilder sheet = new StringBuilder("at,who,did,whom\n");
        for (int i = 0; i < many; i++) {
            sheet.append(LocalDateTime.of(2026, 1, 1, 8, 0).plusMinutes(7L * i)).append(",dottyback,chased,wrasse\n");
        }
        return sheet.toString();
    }

    private long written() {
        return TestCluster.jdbc()
                .sql("select count(*) from log_entry where tank_id = ?")
                .param(tank.id)
                .query(Long.class)
                .single();
    }

    @Test
    void moreThanFiveThousandRowsAreShownInPartAndTakenWhole() {
        HttpResponse<String> seen = Pelluna.upload(
                tank.at("/log/sheets"), Map.of(), "file", lines(MANY).getBytes(StandardCharsets.UTF_8));
        assertThat(seen.body())
                .containsPattern(saidWith("page.sheets.allOfThemGood", "0", "" + MANY))
                .containsPattern(said("page.sheets.theFirstAreShown", 200));
        HttpResponse<String> taken = tank.post("/log/sheets/take", Map.of("text", lines(MANY)));
        assertThat(taken.body()).containsPattern(said("page.sheets.rowsWereTakenIn", MANY));
        assertThat(written()).isEqualTo(MANY);
    }

    @Test
    void whatIsStoppedIsNotWrittenAndSaysSo() {
        OnItsWay ways = Pelluna.bean(OnItsWay.class);
        ways.begins("a-long-one");
        Pelluna.post("/sheets/a-long-one/stop", Map.of());
        HttpResponse<String> stopped = tank.post("/log/sheets/take", Map.of("text", lines(10), "way", "a-long-one"));
        assertThat(stopped.statusCode()).isEqualTo(422);
        assertThat(stopped.body()).containsPattern(said("app.spreadsheet.Stopped"));
        assertThat(written()).isZero();
        assertThat(Pelluna.get("/sheets/a-long-one").statusCode())
                .as("it is over")
                .isEqualTo(404);
    }

    @Test
    void howFarItIsCanBeAskedMeanwhile() {
        OnItsWay ways = Pelluna.bean(OnItsWay.class);
        Steps steps = ways.begins("another");
        steps.at(3, 50_000);
        assertThat(Pelluna.get("/sheets/another").body()).isEqualTo("{\"done\":3,\"of\":50000}");
        ways.stop("another");
        assertThatThrownBy(() -> steps.at(4, 50_000)).isInstanceOf(StoppedException.class);
        ways.following("another", seen -> "nothing more");
        assertThat(Pelluna.get("/sheets/another").statusCode()).isEqualTo(404);
    }

    @Test
    void anotherNodeIsToldAndCanStopIt() {
        OnItsWay here = Pelluna.bean(OnItsWay.class);
        OnItsWay elsewhere =
                new OnItsWay(Pelluna.bean(JdbcClient.class), Pelluna.bean(PlatformTransactionManager.class));
        assertThat(elsewhere.seen("far away")).isEmpty();
        Steps steps = here.begins("far away");
        steps.at(3, 50_000);
        assertThat(elsewhere.seen("far away")).contains(new OnItsWay.Seen(3, 50_000));
        elsewhere.stop("far away");
        assertThatThrownBy(() -> {
                    while (true) {
                        steps.at(4, 50_000);
                    }
                })
                .isInstanceOf(StoppedException.class);
        here.following("far away", seen -> "nothing more");
        assertThat(elsewhere.seen("far away")).isEmpty();
    }
}
