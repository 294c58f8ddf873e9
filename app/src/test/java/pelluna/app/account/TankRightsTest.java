package pelluna.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.net.http.HttpResponse;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;

/** What each role may do in somebody else's tank. */
class TankRightsTest {
    private static LogTank tank;
    private static Visitor guest;
    private static String address;

    @BeforeAll
    static void aTankAndAGuest() {
        tank = new LogTank("Several hands");
        address = UUID.randomUUID() + "@reef.example";
        guest = Visitor.signedUp("Guest", address);
    }

    private static void is(String role) {
        TestCluster.jdbc()
                .sql("delete from tank_member where tank_id = ?")
                .param(tank.id)
                .update();
        if (!role.isEmpty()) {
            TestCluster.jdbc()
                    .sql("insert into tank_member (tank_id, keeper_id, role) "
                            + "values (?, (select id from keeper where email = ?), ?)")
                    .params(tank.id, address, role)
                    .update();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "viewer, /log/typed, OnlyToLookAt",
        "viewer, /tank, OnlyToLookAt",
        "helper, /tank, OnlyTheLog",
        "helper, /wish-list, OnlyTheLog",
        "helper, /losses, OnlyTheLog",
        "adviser, /remove, OnlyTheOwner",
        "adviser, /calendar/open, OnlyTheOwner",
        "adviser, /import-export, OnlyTheOwner"
    })
    void whatARoleMayNotDoIsRefusedAndNothingIsWritten(String role, String path, String why) {
        is(role);
        HttpResponse<String> answer =
                guest.post(tank.at(path), Map.of("text", "dottyback eats", "species", "Gramma loreto", "hides", "3"));
        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(answer.body()).containsPattern(said("app.account." + why));
        assertThat(tank.fish()).hasSize(4);
    }

    @ParameterizedTest
    @CsvSource({"helper", "adviser"})
    void whoHelpsKeepsTheLog(String role) {
        is(role);
        String key = UUID.randomUUID().toString();
        HttpResponse<String> answer =
                guest.post(tank.at("/log/typed"), Map.of("text", "dottyback eats; by " + role, "key", key));
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(guest.get(tank.at("/log")).body()).contains("by " + role);
    }

    @Test
    void anAdviserPlans() {
        is("adviser");
        guest.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto"));
        assertThat(tank.page("/wish-list")).contains("Gramma loreto");
    }

    @Test
    void whatAnAdviserTriesOutIsTheOwnersAndGoesWithTheRole() {
        is("adviser");
        String copy = guest.post(tank.at("/what-if"), Map.of()).uri().getPath();
        assertThat(copy).matches("/tanks/\\d+/reefscape").doesNotContain("/" + tank.id + "/");
        guest.post(copy.replace("reefscape", "wish-list"), Map.of("species", "Ecsenius bicolor"));
        assertThat(Pelluna.post(tank.at("/what-if"), Map.of()).uri().getPath())
                .as("the owner has the same one")
                .isEqualTo(copy);
        assertThat(guest.get("/tanks").body()).as("it is no tank of its own").doesNotContain(copy);
        is("");
        assertThat(guest.get(copy).statusCode()).isEqualTo(404);
        is("adviser");
        guest.post(copy.replace("reefscape", "what-if/keep"), Map.of());
        assertThat(tank.page("/wish-list")).contains("Ecsenius bicolor");
        assertThat(Pelluna.get(copy).statusCode()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({"/today", "/log", "/losses", "/wish-list", "/reefscape", "/tank", "/plan.json"})
    void everyRoleReadsAndNobodyElseDoes(String page) {
        for (String role : new String[] {"viewer", "helper", "adviser"}) {
            is(role);
            assertThat(guest.get(tank.at(page)).statusCode()).as(role).isEqualTo(200);
        }
        is("");
        assertThat(guest.get(tank.at(page)).statusCode()).isEqualTo(404);
    }
}
