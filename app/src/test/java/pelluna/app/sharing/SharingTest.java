package pelluna.app.sharing;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;

/** Links by which others look: what they show, to whom, and until when. */
class SharingTest {
    private static final String NAME = "Quayside Wanda";
    private static final Pattern LINK =
            Pattern.compile("id=\"shared-link\"[^>]*href=\"http://[^/]+(/shared/[\\w-]{43})\"");
    private static LogTank tank;
    private static long incident;

    @BeforeAll
    static void aTankWithAnIncident() {
        tank = new LogTank(NAME);
        tank.post("/wish-list", Map.of("species", "Gramma loreto"));
        String page = Pelluna.post(
                        tank.at("/losses/incidents"),
                        Map.of(
                                "title",
                                "A pump that stopped",
                                "kind",
                                "crash",
                                "on",
                                Pelluna.today().toString()))
                .uri()
                .getPath();
        incident = Long.parseLong(page.replaceFirst(".*/", ""));
    }

    private static String link(String what) {
        String page = Pelluna.post(tank.at("/links"), Map.of("what", what, "days", "7"))
                .body();
        Matcher link = LINK.matcher(page);
        assertThat(link.find()).as(what).isTrue();
        return link.group(1);
    }

    private static HttpResponse<String> open(String link) {
        return new Visitor().get(link);
    }

    @ParameterizedTest
    @CsvSource({
        "plan-0, Gramma loreto",
        "reefscape-0, data:image/svg+xml;base64",
        "shop-list-0, oyal gramma",
        "incident-N, A pump that stopped"
    })
    void whoHasTheLinkSeesOneThingAndNothingOfTheKeeper(String what, String shows) {
        HttpResponse<String> page = open(link(what.replace("N", Long.toString(incident))));
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body())
                .contains(shows)
                .doesNotContain(NAME, "Wanda", "Ines", "demo@", "/tanks/", "/fish/", "<form", "<script");
        assertThat(page.headers().firstValue("X-Robots-Tag")).contains("noindex");
        assertThat(page.headers().firstValue("Cache-Control").orElse("")).contains("no-store");
    }

    @Test
    void aKeeperWhoHasSignedInSeesTheSame() {
        String link = link("plan-0");
        Visitor other = Visitor.signedUp("Odd", UUID.randomUUID() + "@reef.example");
        assertThat(other.get(link).body()).isEqualTo(open(link).body());
    }

    @Test
    void aLinkIsCountedAndEnded() {
        String link = link("plan-0");
        long number = TestCluster.jdbc()
                .sql("select max(id) from share_link where tank_id = ?")
                .param(tank.id)
                .query(Long.class)
                .single();
        open(link);
        open(link);
        assertThat(TestCluster.jdbc()
                        .sql("select opened from share_link where id = ?")
                        .param(number)
                        .query(Integer.class)
                        .single())
                .isEqualTo(2);
        Pelluna.passes(Duration.ofMinutes(3));
        assertThat(Pelluna.get(tank.at("/links")).body()).doesNotContain(link);
        Pelluna.post(tank.at("/links/end"), Map.of("link", Long.toString(number)));
        assertThat(open(link).statusCode()).isEqualTo(404);
        assertThat(open(link).body()).containsPattern(said("page.links.gone"));
    }

    @Test
    void aLinkEndsByItselfAndNoOtherSecretOpensAnything() {
        String link = link("plan-0");
        assertThat(open(link.substring(0, link.length() - 1)).statusCode()).isEqualTo(404);
        Pelluna.passes(Duration.ofDays(8));
        assertThat(open(link).statusCode()).isEqualTo(404);
    }

    @Test
    void theSecretIsNotKept() {
        String secret = link("plan-0").replaceFirst(".*/", "");
        for (String kept : new String[] {"select secret::text from share_link", "select answer from sent_write"}) {
            assertThat(TestCluster.jdbc().sql(kept).query(String.class).list())
                    .as(kept)
                    .noneMatch(row -> row.contains(secret));
        }
    }

    @Test
    void aCalendarIsNoPageAndAPageNoCalendar() {
        assertThat(open(link("plan-0").replace("/shared/", "/calendar/") + ".ics")
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void onlyWhatIsThereIsShared() {
        assertThat(Pelluna.post(tank.at("/links"), Map.of("what", "incident-999999", "days", "7"))
                        .body())
                .containsPattern(said("app.sharing.NothingChosen"));
        assertThat(Pelluna.post(tank.at("/links"), Map.of("what", "plan-0", "days", "5000"))
                        .body())
                .containsPattern(said("app.sharing.NothingChosen"));
    }
}
