package pelluna.app.people;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;

/** How long the list of a hundred tanks takes; './pelluna bench tanks' runs it, no test asks it for a time. */
class ManyTanksBenchmark {
    private static final int TANKS = 100;
    private static final int TIMES = 40;

    @Test
    void aHundredTanks() throws InterruptedException {
        String address = UUID.randomUUID() + "@reef.example";
        Visitor adviser = Visitor.signedUp("Service", address);
        Pelluna.url();
        for (int i = 0; i < TANKS; i++) {
            LogTank tank = new LogTank("Tank " + i);
            tank.post("/wish-list", Map.of("species", "Gramma loreto"));
            tank.post(
                    "/log/typed",
                    Map.of(
                            "text",
                            "dottyback chased wrasse",
                            "key",
                            UUID.randomUUID().toString()));
            TestCluster.jdbc()
                    .sql("insert into tank_member (tank_id, keeper_id, role) "
                            + "select ?, id, 'adviser' from keeper where email = ?")
                    .params(tank.id, address)
                    .update();
        }
        Instant first = Instant.now();
        HttpResponse<String> page = adviser.get("/tanks");
        long cold = Duration.between(first, Instant.now()).toMillis();
        while (page.body().contains("data-again")) {
            Thread.sleep(200);
            page = adviser.get("/tanks");
        }
        long found = Duration.between(first, Instant.now()).toMillis();
        List<Long> list = times(adviser, "/tanks");
        List<Long> today =
                times(adviser, adviser.get("/tanks").body().replaceAll("(?s).*?(/tanks/\\d+/today).*", "$1"));
        System.out.printf(
                "%d tanks: list first shown after %d ms, all found after %d ms; then %d ms in the middle, "
                        + "%d at most of %d; Today of one of them %d ms in the middle; ratio %.2f%n",
                TANKS,
                cold,
                found,
                list.get(TIMES / 2),
                list.get(TIMES - 1),
                TIMES,
                today.get(TIMES / 2),
                (double) list.get(TIMES / 2) / Math.max(1, today.get(TIMES / 2)));
    }

    private static List<Long> times(Visitor who, String path) {
        List<Long> times = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            Instant before = Instant.now();
            who.get(path);
            times.add(Duration.between(before, Instant.now()).toMillis());
        }
        Collections.sort(times);
        return times;
    }
}
