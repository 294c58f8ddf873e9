package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.losses.Ledger;
import pelluna.app.losses.LossReport;
import pelluna.app.testing.CountedQueries;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Sure;

/** What a page asks of the database does not grow with what is in it. */
class QueriesTest {
    /** Most of what one page may ask. Pelluna's judgement. */
    private static final int MOST = 100;

    private static final LocalDate TODAY = Pelluna.today();

    @Test
    void aHundredArrivalsAskNoMoreThanTen() {
        long few = tank(10, 10, 10, 30, 1000);
        long many = tank(50, 50, 60, 1000, 100_000);
        // pages over all tanks follow what other tests have left behind, once
        Pelluna.get("/tanks/" + few + "/losses/figures.json");
        Map<String, String> grown = new TreeMap<>();
        for (String page : pages()) {
            int before = asked(page, few);
            int after = asked(page, many);
            if (after > before || after > MOST) {
                grown.put(page, before + " to " + after);
            }
        }
        assertThat(grown).isEmpty();
    }

    /** Every address that is read and needs no number but its tank's. */
    private static List<String> pages() {
        return Pelluna.bean(RequestMappingHandlerMapping.class).getHandlerMethods().keySet().stream()
                .filter(m -> m.getMethodsCondition().getMethods().contains(RequestMethod.GET))
                .filter(m -> m.getParamsCondition().isEmpty())
                .flatMap(m -> m.getPatternValues().stream())
                .filter(p -> p.startsWith("/tanks/{id}/") && p.indexOf('{', p.indexOf('}')) < 0)
                .sorted()
                .toList();
    }

    private static int asked(String page, long tank) {
        String path = page.replace("{id}", Long.toString(tank));
        int before = CountedQueries.asked();
        assertThat(Pelluna.get(path).statusCode()).as(path).isBetween(200, 499);
        return CountedQueries.asked() - before;
    }

    private static long tank(int residents, int wishes, int lost, int watches, int lines) {
        List<String> species = Catalogue.shipped().all().stream()
                .filter(s -> s.size().usualCm() < 30)
                .map(s -> "{\"species\": \"" + s.scientificName() + "\"}")
                .toList();
        String plan = "{\"pelluna\": 1, \"name\": \"Of " + residents + "\", \"tank\": {\"lengthCm\": 600, "
                + "\"widthCm\": 200, \"waterHeightCm\": 150, \"rockKg\": 900, \"hides\": 60, \"cover\": \"solid\"}, "
                + "\"residents\": [" + species.stream().limit(residents).collect(Collectors.joining(","))
                + "], \"wishes\": ["
                + species.stream().skip(residents).limit(wishes).collect(Collectors.joining(",")) + "]}";
        HttpResponse<String> made = Pelluna.post("/tanks/1/import-export", Map.of("text", plan));
        Matcher id =
                Pattern.compile("/tanks/(\\d+)/wish-list").matcher(made.uri().getPath());
        assertThat(id.find()).as(made.body()).isTrue();
        long tank = Long.parseLong(id.group(1));
        lose(tank, lost);
        write(tank, watches, lines);
        Pelluna.get("/tanks/" + tank + "/today");
        return tank;
    }

    private static void lose(long tank, int lost) {
        for (int i = 0; i < lost; i++) {
            LocalDate left = TODAY.minusDays(10 + i);
            long fish = Pelluna.bean(Individuals.class)
                    .remembered(Pelluna.owned(tank), "Gramma loreto", 1, left.minusDays(5 + i), LifeEvent.LOST, left);
            Pelluna.bean(Ledger.class)
                    .remember(
                            Pelluna.owned(tank),
                            LossReport.lost(fish, 1, left, Cause.values()[i % 5], Sure.LIKELY, null, "seen", 20.0),
                            true);
        }
    }

    private static void write(long tank, int watches, int lines) {
        JdbcClient sql = TestCluster.jdbc();
        List<Fish> fish = Pelluna.bean(Individuals.class).all(Pelluna.owned(tank)).stream()
                .filter(Fish::there)
                .toList();
        sql.sql("""
                insert into watch (tank_id, began_at, ended_at)
                select :tank, now() - make_interval(hours => 9 * d), now() - make_interval(hours => 9 * d - 1)
                from generate_series(1, :watches) d""").param("tank", tank).param("watches", watches).update();
        sql.sql("""
                insert into log_entry (tank_id, at, doing, fish_id, other_id, watch_id, x, y, gravity, times)
                select :tank, w.began_at + make_interval(secs => n / :watches),
                  (array['chased', 'nipped', 'eats', 'spots'])[1 + n % 4], (:fish::bigint[])[1 + n % 3],
                  case when n % 4 < 2 then (:fish::bigint[])[1 + (n + 1) % 3] end, w.id, random(), random(),
                  1 + n % 3, 1
                from generate_series(0, :lines - 1) n join (select id, began_at, row_number() over () - 1 as k
                  from watch where tank_id = :tank) w on w.k = n % :watches""")
                .param("tank", tank)
                .param("watches", watches)
                .param("lines", lines)
                .param("fish", fish.stream().limit(3).map(Fish::id).toArray(Long[]::new))
                .update();
    }
}
