package pelluna.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import pelluna.app.testing.Letters;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;

/** Several people at one tank: let in, at work, shown out. */
class PeopleTest {
    private static LogTank tank;

    private String address;

    @BeforeAll
    static void aTank() {
        tank = new LogTank("Harbour wall");
    }

    @BeforeEach
    void anAddressOfItsOwn() {
        address = UUID.randomUUID() + "@reef.example";
        TestCluster.jdbc().sql("delete from tank_member").update();
        TestCluster.jdbc().sql("delete from invitation").update();
    }

    private HttpResponse<String> invite(String role) {
        return Pelluna.post(tank.at("/people/invite"), Map.of("email", address, "role", role));
    }

    private Visitor invited(String name, String role) {
        invite(role);
        Visitor visitor = new Visitor();
        visitor.post(Letters.link(address), Map.of("name", name, "password", Visitor.PASSWORD));
        return visitor;
    }

    private static long member() {
        return TestCluster.jdbc()
                .sql("select id from tank_member where tank_id = ?")
                .param(tank.id)
                .query(Long.class)
                .single();
    }

    @Test
    void whoIsInvitedMakesAnAccountByTheLinkAndIsIn() {
        Visitor jo = invited("Jo", "helper");
        assertThat(jo.get("/").uri().getPath()).isEqualTo(tank.at("/today"));
        assertThat(Pelluna.get(tank.at("/people")).body()).contains("<b>Jo</b>").doesNotContain(address);
        assertThat(new Visitor().get(Letters.link(address)).body()).containsPattern(said("page.people.invitationGone"));
    }

    @Test
    void whoHasAnAccountAcceptsWithIt() {
        Visitor mara = Visitor.signedUp("Mara", address);
        invite("viewer");
        String link = Letters.link(address);
        assertThat(mara.get(link).body()).contains("Harbour wall").containsPattern(said("page.people.accept"));
        assertThat(mara.post(link, Map.of()).uri().getPath()).isEqualTo(tank.at("/today"));
    }

    @Test
    void anAddressWithAnAccountMakesNoSecondOne() {
        Visitor.signedUp("Mara", address);
        HttpResponse<String> again = refusedAnew();
        assertThat(again.body()).containsPattern(said("app.signin.HasAnAccount"));
    }

    private HttpResponse<String> refusedAnew() {
        invite("helper");
        return new Visitor().post(Letters.link(address), Map.of("name", "Two", "password", Visitor.PASSWORD));
    }

    @Test
    void anInvitationIsShownOnceKeptAsAHashAndGoodForTwoWeeks() {
        String page = invite("helper").body();
        String link = Letters.link(address);
        assertThat(page).contains(link);
        Pelluna.passes(Duration.ofMinutes(3));
        assertThat(Pelluna.get(tank.at("/people")).body()).contains(address).doesNotContain(link);
        Pelluna.passes(Duration.ofDays(13));
        assertThat(new Visitor().get(link).body()).contains("Harbour wall");
        Pelluna.passes(Duration.ofDays(2));
        assertThat(new Visitor().get(link).body()).containsPattern(said("page.people.invitationGone"));
    }

    @Test
    void anInvitationIsTakenBackBeforeItIsUsed() {
        invite("adviser");
        long number = TestCluster.jdbc()
                .sql("select id from invitation where tank_id = ?")
                .param(tank.id)
                .query(Long.class)
                .single();
        Pelluna.post(tank.at("/people/withdraw"), Map.of("invitation", Long.toString(number)));
        assertThat(new Visitor().get(Letters.link(address)).body()).containsPattern(said("page.people.invitationGone"));
    }

    @Test
    void nobodyButTheOwnerInvites() {
        Visitor adviser = invited("Ada", "adviser");
        assertThat(adviser.post(tank.at("/people/invite"), Map.of("email", "x@reef.example", "role", "viewer"))
                        .statusCode())
                .isEqualTo(403);
        assertThat(adviser.post(tank.at("/people/end"), Map.of("member", Long.toString(member())))
                        .statusCode())
                .isEqualTo(403);
        assertThat(Pelluna.post(tank.at("/people/invite"), Map.of("email", address, "role", "owner"))
                        .body())
                .containsPattern(said("app.people.NoSuchRole"));
        assertThat(Pelluna.post(tank.at("/people/invite"), Map.of("email", "demo@pelluna.example", "role", "viewer"))
                        .body())
                .containsPattern(said("app.people.YourOwnTank"));
    }

    @Test
    void eachLineOfTheLogHasItsAuthorAndTheHistorySaysWhoDidWhat() {
        Visitor jo = invited("Jonna", "helper");
        jo.post(
                tank.at("/log/typed"),
                Map.of("text", "dottyback eats", "key", UUID.randomUUID().toString()));
        Pelluna.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto"));
        assertThat(jo.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto"))
                        .statusCode())
                .isEqualTo(403);
        assertThat(Pelluna.get(tank.at("/log")).body()).contains("class=\"by\">Jonna<");
        String page = Pelluna.get(tank.at("/people")).body();
        assertThat(page)
                .containsPattern(done("Jonna", "LOGGED"))
                .containsPattern(done("Ines", "WISHES"))
                .doesNotContainPattern(done("Jonna", "WISHES"));
    }

    private static String done(String who, String what) {
        return "<b>" + who + "</b>: <span>(?i)" + said("app.people.Deed." + what);
    }

    @Test
    void anAdviserHasAllTanksNotesAndIsShownOutAtOnce() {
        Visitor ada = invited("Ada", "adviser");
        assertThat(ada.get("/tanks").body()).contains("Harbour wall", "Ines");
        ada.post(tank.at("/people/note"), Map.of("text", "Order more carbon."));
        assertThat(Pelluna.get(tank.at("/people")).body()).contains("Order more carbon.");
        Pelluna.post(tank.at("/people/end"), Map.of("member", Long.toString(member())));
        assertThat(ada.get(tank.at("/today")).statusCode()).isEqualTo(404);
        assertThat(ada.get("/tanks").body()).doesNotContain("Harbour wall");
        assertThat(Pelluna.get(tank.at("/people")).body()).contains("Order more carbon.");
    }

    @Test
    void whoWasLetInLeaves() {
        Visitor vi = invited("Vi", "viewer");
        assertThat(vi.get(tank.at("/log")).statusCode()).isEqualTo(200);
        vi.post(tank.at("/people/leave"), Map.of());
        assertThat(vi.get(tank.at("/log")).statusCode()).isEqualTo(404);
    }

    @Test
    void anAdviserSeesTheTankWithTheFactsOfItsOwner() {
        String fact = tank.at("/species/gramma-loreto/own/min-tank-l");
        Pelluna.post(fact, Map.of("value", "333", "why", "Mine need it."));
        try {
            Visitor ada = invited("Ada", "adviser");
            assertThat(ada.get(tank.at("/species/gramma-loreto")).body()).contains("333");
            assertThat(ada.post(fact, Map.of("value", "444", "why", "No.")).statusCode())
                    .isEqualTo(403);
        } finally {
            Pelluna.post(fact + "/undo", Map.of());
        }
    }

    @Test
    void whoIsLetInSeesPicturesOfSpeciesThatItsOwnerMadeAndNobodyElseDoes() {
        Pelluna.post(tank.at("/own-species"), Map.of("scientificName", "Gramma dejongi", "like", "Gramma loreto"));
        String picture = "/fish/Gramma-dejongi.svg";
        try {
            assertThat(invited("Ada", "helper").get(picture).body()).startsWith("<svg");
            assertThat(Visitor.signedUp("Nobody", UUID.randomUUID() + "@reef.example")
                            .get(picture)
                            .statusCode())
                    .isEqualTo(404);
        } finally {
            Pelluna.post(tank.at("/own-species/Gramma-dejongi/remove"), Map.of());
        }
    }

    @Test
    void everyWriteToATankHasAPlaceInTheHistory() {
        Set<String> without = new TreeSet<>();
        Pelluna.bean(RequestMappingHandlerMapping.class).getHandlerMethods().keySet().stream()
                .filter(m -> m.getMethodsCondition().getMethods().contains(RequestMethod.POST))
                .flatMap(m -> m.getPatternValues().stream())
                .filter(p -> p.startsWith("/tanks/{id}/") && Deed.at(p).isEmpty())
                .forEach(without::add);
        assertThat(without)
                .as("about whoever asks, or the end of the tank")
                .containsExactlyInAnyOrder(
                        "/tanks/{id}/remove",
                        "/tanks/{id}/people/leave",
                        "/tanks/{id}/people/note/remove",
                        "/tanks/{id}/stock-list",
                        "/tanks/{id}/side-by-side/{path}");
    }
}
