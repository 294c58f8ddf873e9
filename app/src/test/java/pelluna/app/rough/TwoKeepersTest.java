package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.util.AntPathMatcher;
import org.springframework.util.PathMatcher;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;

/** Two keepers in one database: what is the neighbour's is not there, whoever knows its numbers. */
class TwoKeepersTest {
    /** In the name of everything that is the neighbour's. */
    private static final String MARK = "Zanzibar";

    private static World neighbours;
    private static World own;
    /** Who is curious looks after a third keeper's tank: that opens no other. */
    private static long advised;

    private static final List<String> PAGES = new ArrayList<>();

    @BeforeAll
    static void aNeighbourWithATankInWhichEverythingHappened() {
        neighbours = new World(MARK);
        neighbours.everything();
        String tank = "/tanks/" + neighbours.tank.id + "/";
        Pelluna.post(tank + "log/fish/" + neighbours.wrasse() + "/called", Map.of("name", MARK, "role", ""));
        Pelluna.post(tank + "losses/incidents", Map.of("title", MARK + " storm", "kind", "crash", "on", World.TODAY));
        Pelluna.post(tank + "log/typed", Map.of("text", "dottyback chased " + MARK + "; " + MARK));
        World.asNew();
        new Crawl(1)
                .from(List.of(tank + "today"), path -> path.startsWith(tank) && !path.contains("/species"), path -> {
                    HttpResponse<String> page = Pelluna.get(path);
                    if (page.statusCode() == 200) {
                        PAGES.add(path);
                    }
                    return page;
                });
        jdbc("insert into keeper (name, email) values ('neighbour', 'neighbour@reef.example')");
        jdbc("update tank set keeper_id = (select id from keeper where name = 'neighbour') where id = "
                + neighbours.tank.id + " or sandbox_of = " + neighbours.tank.id);
        own = new World("Mine");
        advised = Pelluna.tank("Advised");
        jdbc("insert into keeper (name, email) values ('third', 'third@reef.example')");
        jdbc("update tank set keeper_id = (select id from keeper where name = 'third') where id = " + advised);
        jdbc("insert into tank_member (tank_id, keeper_id, role) values (" + advised + ", " + Pelluna.keeper()
                + ", 'adviser')");
    }

    @AfterAll
    static void alone() {
        World.asNew();
        jdbc("delete from keeper where name in ('neighbour', 'third')");
        jdbc("delete from tank where id = " + own.tank.id);
    }

    private static void jdbc(String sql) {
        TestCluster.jdbc().sql(sql).update();
    }

    @Test
    void whoAdvisesEntersTheTankThatIsAdvised() {
        assertThat(Pelluna.get("/tanks/" + advised + "/tank").statusCode()).isEqualTo(200);
    }

    @Test
    void noPageOfTheNeighboursTankIsThere() {
        assertThat(PAGES).hasSizeGreaterThan(40);
        Map<String, Integer> there = new TreeMap<>();
        for (String path : PAGES) {
            HttpResponse<String> page = Pelluna.get(path);
            if (page.statusCode() != 404 || page.body().contains(MARK)) {
                there.put(path, page.statusCode());
            }
        }
        assertThat(there).isEmpty();
    }

    @Test
    void noNumberOfTheNeighboursIsKnownInATankOfOnesOwn() {
        Map<String, Integer> told = new TreeMap<>();
        for (String path : PAGES) {
            HttpResponse<String> page =
                    Pelluna.get(path.replace("/tanks/" + neighbours.tank.id, "/tanks/" + own.tank.id));
            if (page.statusCode() >= 500 || page.body().contains(MARK)) {
                told.put(path, page.statusCode());
            }
        }
        assertThat(told).isEmpty();
    }

    @Test
    void nothingOfTheNeighboursIsOnPagesOverAllTanks() {
        List<String> told = new ArrayList<>();
        for (String path : List.of(
                "/",
                own.at("/today"),
                own.at("/tank"),
                own.at("/losses?scope=all"),
                own.at("/losses/survival?scope=all"),
                own.at("/losses/causes?scope=all"),
                own.at("/losses/predicted?scope=all"),
                own.at("/losses/figures.json"),
                own.at("/losses/incidents"),
                own.at("/log/fish"))) {
            if (Pelluna.get(path).body().contains(MARK)) {
                told.add(path);
            }
        }
        assertThat(told).isEmpty();
    }

    @Test
    void nothingIsWrittenIntoTheNeighboursTank() {
        Map<String, Integer> taken = new TreeMap<>();
        List<Routes.Sent> all = new ArrayList<>();
        Routes.good().forEach((pattern, good) -> {
            Routes.Sent sent = good.apply(own);
            if (sent.path().startsWith("/tanks/" + own.tank.id + "/")) {
                all.add(sent);
            }
        });
        Map<String, Long> before = Rows.counted();
        for (Routes.Sent sent : all) {
            String path = sent.path().replace("/tanks/" + own.tank.id, "/tanks/" + neighbours.tank.id);
            int status = Pelluna.post(path, sent.form()).statusCode();
            if (status < 400) {
                taken.put(path, status);
            }
        }
        assertThat(taken).isEmpty();
        assertThat(Rows.since(before)).isEmpty();
    }

    /** Every address that a page or a form leads to, as somebody who has not signed in. */
    @Test
    void nobodyReadsOrWritesAnything() {
        Visitor nobody = new Visitor();
        Map<String, Integer> there = new TreeMap<>();
        for (String path : every(RequestMethod.GET)) {
            HttpResponse<String> page = nobody.rough(
                    HttpRequest.newBuilder(URI.create(Pelluna.url() + path)).GET());
            if (page.statusCode() != 401 || page.body().contains(MARK)) {
                there.put("GET " + path, page.statusCode());
            }
        }
        Map<String, Long> before = Rows.counted();
        for (String path : every(RequestMethod.POST)) {
            int status = nobody.rough(Visitor.form(path, Map.of("name", MARK))).statusCode();
            if (status != 401) {
                there.put("POST " + path, status);
            }
        }
        assertThat(there).isEmpty();
        assertThat(Rows.since(before)).isEmpty();
    }

    /** Of every handler but those for anybody: with the neighbour's tank, and numbers that may be the neighbour's. */
    private static List<String> every(RequestMethod method) {
        PathMatcher paths = new AntPathMatcher();
        List<String> all = Pelluna.bean(RequestMappingHandlerMapping.class).getHandlerMethods().keySet().stream()
                .filter(m -> m.getMethodsCondition().getMethods().contains(method))
                .flatMap(m -> m.getPatternValues().stream())
                .map(p -> p.replaceFirst("\\{id}", Long.toString(neighbours.tank.id))
                        .replaceAll("\\{[^}]*}+", "1"))
                .filter(p -> Visitor.FOR_ANYBODY.stream().noneMatch(open -> paths.match(open, p)))
                .toList();
        assertThat(all).hasSizeGreaterThan(50);
        return all;
    }
}
