package pelluna.app.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.account.Keepers;
import pelluna.app.testing.Letters;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;

/** Accounts: made, entered, left, changed; and what who guesses or listens gets. */
class SignInTest {
    private String address;

    @BeforeEach
    void anAddressOfItsOwn() {
        Pelluna.url();
        address = UUID.randomUUID() + "@reef.example";
        // what other tests have mistyped is no trouble of this one
        TestCluster.jdbc().sql("delete from wrong_guess").update();
    }

    private static HttpResponse<String> signIn(Visitor who, String address, String password) {
        return who.post("/sign-in", Map.of("email", address, "password", password, "to", "/account"));
    }

    private static boolean in(Visitor who) {
        return who.get("/account").statusCode() == 200;
    }

    private static String kept(String column, String address) {
        return TestCluster.jdbc()
                .sql("select " + column + " from keeper where email = ?")
                .param(address)
                .query(String.class)
                .single();
    }

    @Test
    void anAccountIsMadeByALinkThatIsGoodOnceAndEnteredByItsPassword() {
        Visitor made = Visitor.signedUp("Mara", address);
        assertThat(in(made)).isTrue();
        String link = Letters.link(address);
        assertThat(new Visitor().get(link).body()).containsPattern(said("page.signUp.linkGone"));
        assertThat(kept("password", address)).startsWith("{argon2id}$argon2id$v=19$m=19456,t=2,p=1$");
        Visitor other = new Visitor();
        assertThat(signIn(other, address.toUpperCase(java.util.Locale.ROOT), Visitor.PASSWORD)
                        .uri()
                        .getPath())
                .isEqualTo("/account");
        assertThat(in(other)).isTrue();
    }

    @Test
    void nobodyLearnsWhetherAnAddressHasAnAccount() {
        Visitor.signedUp("Mara", address);
        String unknown = "nobody-" + address;
        for (String page : new String[] {"/sign-up", "/forgot"}) {
            HttpResponse<String> known = new Visitor().post(page, Map.of("email", address));
            HttpResponse<String> other = new Visitor().post(page, Map.of("email", unknown));
            assertThat(shown(known)).isEqualTo(shown(other)).isNotEmpty();
        }
        assertThat(shown(signIn(new Visitor(), address, "not this one at all")))
                .isEqualTo(shown(signIn(new Visitor(), unknown, "not this one at all")));
        assertThat(Letters.to(unknown)).as("the offer of an account alone").isEqualTo(1);
    }

    private static String shown(HttpResponse<String> page) {
        return page.uri().getPath()
                + page.body().replaceAll("(name=\"(key|_csrf)\" |content=\")?(value=)?\"[0-9A-Za-z_-]{30,}=*\"", "");
    }

    @Test
    void aSessionGetsANewNumberWhenSomebodyComesIn() {
        Visitor.signedUp("Mara", address);
        Visitor visitor = new Visitor();
        visitor.get("/sign-in");
        String before = visitor.session().orElseThrow().getValue();
        signIn(visitor, address, Visitor.PASSWORD);
        assertThat(visitor.session().orElseThrow().getValue()).isNotEqualTo(before);
        HttpRequest old = HttpRequest.newBuilder(URI.create(Pelluna.url() + "/account"))
                .header("Cookie", "pelluna=" + before)
                .header("Accept", "text/html")
                .GET()
                .build();
        assertThat(new Visitor()
                        .rough(HttpRequest.newBuilder(old, (n, v) -> true))
                        .statusCode())
                .isEqualTo(302);
    }

    @Test
    void aSessionEndsAfterNinetyDaysHoweverMuchItIsUsed() {
        Visitor mara = Visitor.signedUp("Mara", address);
        older(address, Duration.ofDays(89));
        assertThat(in(mara)).isTrue();
        older(address, Duration.ofDays(2));
        assertThat(in(mara)).isFalse();
    }

    private static void older(String address, Duration by) {
        TestCluster.jdbc()
                .sql("update spring_session set creation_time = creation_time - ? "
                        + "where principal_name = (select id::text from keeper where email = ?)")
                .params(by.toMillis(), address)
                .update();
    }

    @Test
    void theCookieIsForThisServerAloneAndForNoScript() {
        HttpResponse<String> page = Visitor.unsigned(HttpRequest.newBuilder(URI.create(Pelluna.url() + "/sign-in"))
                .GET()
                .build());
        assertThat(page.headers().allValues("Set-Cookie"))
                .singleElement()
                .asString()
                .startsWith("pelluna=")
                .contains("HttpOnly", "SameSite=Lax")
                .doesNotContain("Domain");
    }

    @Test
    void whoGuessesHasToWaitAndTheRightPasswordIsNotEvenLookedAt() {
        Visitor.signedUp("Mara", address);
        Visitor guesser = new Visitor();
        for (int i = 0; i < Guesses.OF_AN_ACCOUNT_FROM_AN_ADDRESS; i++) {
            assertThat(signIn(guesser, address, "wrong guess " + i).body()).containsPattern(said("page.signIn.wrong"));
        }
        assertThat(signIn(guesser, address, Visitor.PASSWORD).body())
                .containsPattern(said("app.signin.TooManyGuesses"));
        assertThat(in(guesser)).isFalse();
        Pelluna.passes(Guesses.WINDOW.plus(Duration.ofSeconds(1)));
        signIn(guesser, address, Visitor.PASSWORD);
        assertThat(in(guesser)).isTrue();
    }

    @Test
    void whoTriesManyAccountsHasToWaitToo() {
        Visitor guesser = new Visitor();
        for (int i = 0; i < Guesses.FROM_AN_ADDRESS; i++) {
            signIn(guesser, i + address, "one for all of them");
        }
        assertThat(signIn(guesser, "another" + address, "one for all of them").body())
                .containsPattern(said("app.signin.TooManyGuesses"));
    }

    @Test
    void aForgottenPasswordIsSetAnewOnceAndEndsEverySignIn() {
        Visitor before = Visitor.signedUp("Mara", address);
        new Visitor().post("/forgot", Map.of("email", address));
        String link = Letters.link(address);
        Visitor reset = new Visitor();
        reset.post(link, Map.of("password", "a heron in the attic"));
        assertThat(in(reset)).isTrue();
        assertThat(in(before)).as("signed in with the old one").isFalse();
        assertThat(new Visitor().get(link).body()).containsPattern(said("page.forgot.linkGone"));
        Visitor old = new Visitor();
        signIn(old, address, Visitor.PASSWORD);
        assertThat(in(old)).isFalse();
        Visitor fresh = new Visitor();
        signIn(fresh, address, "a heron in the attic");
        assertThat(in(fresh)).isTrue();
    }

    @Test
    void aLinkIsKeptAsAHashAndIsGoodForAnHour() {
        Visitor.signedUp("Mara", address);
        new Visitor().post("/forgot", Map.of("email", address));
        String secret = Letters.link(address).replaceFirst(".*/", "");
        assertThat(TestCluster.jdbc()
                        .sql("select count(*) from account_link where encode(secret, 'escape') like ?")
                        .param("%" + secret + "%")
                        .query(Integer.class)
                        .single())
                .isZero();
        Pelluna.passes(Duration.ofMinutes(61));
        assertThat(new Visitor().get("/reset/" + secret).body()).containsPattern(said("page.forgot.linkGone"));
    }

    @Test
    void aPasswordIsChangedByWhoKnowsItAndShowsOutEverywhereElse() {
        Visitor here = Visitor.signedUp("Mara", address);
        Visitor there = new Visitor();
        signIn(there, address, Visitor.PASSWORD);
        Map<String, String> wrong = Map.of("current", "something else here", "password", "a heron in the attic");
        assertThat(here.post("/account/password", wrong).body()).containsPattern(said("app.signin.NotYourPassword"));
        assertThat(in(there)).isTrue();
        here.post("/account/password", Map.of("current", Visitor.PASSWORD, "password", "a heron in the attic"));
        assertThat(in(here)).isTrue();
        assertThat(in(there)).isFalse();
    }

    @Test
    void signedOutEverywhereElseLeavesThisOne() {
        Visitor here = Visitor.signedUp("Mara", address);
        Visitor there = new Visitor();
        signIn(there, address, Visitor.PASSWORD);
        here.post("/account/elsewhere", Map.of());
        assertThat(in(here)).isTrue();
        assertThat(in(there)).isFalse();
        here.post("/sign-out", Map.of());
        assertThat(in(here)).isFalse();
    }

    @Test
    void anAddressMovesOnceItsLinkWasOpenedByTheSameKeeper() {
        Visitor mara = Visitor.signedUp("Mara", address);
        String next = "new-" + address;
        mara.post("/account/address", Map.of("email", next, "current", Visitor.PASSWORD));
        String link = Letters.link(next);
        Visitor stranger = Visitor.signedUp("Odd", "odd-" + address);
        stranger.post(link, Map.of());
        assertThat(kept("name", address)).isEqualTo("Mara");
        mara.post("/account/address", Map.of("email", next, "current", Visitor.PASSWORD));
        mara.post(Letters.link(next), Map.of());
        assertThat(kept("name", next)).isEqualTo("Mara");
        assertThat(Letters.to(address)).as("the old address is told").isGreaterThan(1);
    }

    @ParameterizedTest
    @CsvSource({
        "short, TooShort",
        "password123, EasilyGuessed",
        "qwertzuiop, EasilyGuessed",
        "MaraMara11, EasilyGuessed",
        "PellunaPelluna, EasilyGuessed"
    })
    void aPasswordThatIsTriedFirstIsRefused(String password, String why) {
        Visitor visitor = new Visitor();
        visitor.post("/sign-up", Map.of("email", address));
        HttpResponse<String> answer = visitor.post(Letters.link(address), Map.of("name", "Mara", "password", password));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body())
                .containsPattern(said("app.signin." + why))
                .as("never comes back")
                .doesNotContain("value=\"" + password);
    }

    /** The sum by which a repeat is known leaves it out: the same key with another password is taken for a repeat. */
    @Test
    void whatWasTypedAsAPasswordIsInNoSumOfWhatWasSent() {
        Visitor mara = Visitor.signedUp("Mara", address);
        String key = UUID.randomUUID().toString();
        String first = "a heron in the attic";
        mara.post("/account/password", Map.of("current", Visitor.PASSWORD, "password", first, "key", key));
        String kept = kept("password", address);
        mara.post("/account/password", Map.of("current", first, "password", "two newts and a lamp", "key", key));
        assertThat(kept("password", address)).isEqualTo(kept);
        assertThat(TestCluster.jdbc()
                        .sql("select count(*) from sent_write where sent_key = ?")
                        .param(key)
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    void whatAPellunaWithoutAccountsHasKeptBecomesTheOwners() {
        long old = TestCluster.jdbc()
                .sql("insert into keeper (name) values ('local') returning id")
                .query(Long.class)
                .single();
        assertThat(Pelluna.bean(Keepers.class).makeOwner("Odo", address, null).id())
                .isEqualTo(old);
        assertThat(kept("name", address)).isEqualTo("Odo");
        assertThat(kept("owner", address)).isEqualTo("t");
    }

    @ParameterizedTest
    @ValueSource(strings = {"//reef.example", "https://reef.example", "/\\reef.example", "javascript:alert(1)", "\\x"})
    void signingInLeadsNowhereElse(String to) {
        Visitor.signedUp("Mara", address);
        Visitor visitor = new Visitor();
        HttpResponse<String> answer = visitor.rough(
                Visitor.form("/sign-in", Map.of("email", address, "password", Visitor.PASSWORD, "to", to)));
        assertThat(answer.headers().firstValue("Location")).contains("/");
    }

    @Test
    void aWriteWithoutTheTokenOfItsSessionIsRefused() {
        Visitor mara = Visitor.signedUp("Mara", address);
        HttpRequest.Builder bare = Visitor.form("/account/name", Map.of("name", "Changed"));
        HttpRequest without = HttpRequest.newBuilder(bare.build(), (n, v) -> true)
                .setHeader("Cookie", mara.cookie())
                .build();
        assertThat(Visitor.unsigned(without).statusCode()).isEqualTo(403);
        HttpRequest another = HttpRequest.newBuilder(without, (n, v) -> true)
                .setHeader("X-CSRF-TOKEN", new Visitor().token())
                .build();
        assertThat(Visitor.unsigned(another).statusCode()).isEqualTo(403);
        assertThat(kept("name", address)).isEqualTo("Mara");
    }

    @Test
    void aProgramSignsInWithEachRequest() {
        Visitor.signedUp("Mara", address);
        String plan = Pelluna.get("/tanks/" + Pelluna.tank("For a program") + "/plan.json")
                .body();
        assertThat(assess(plan, address + ":" + Visitor.PASSWORD)).isEqualTo(200);
        assertThat(assess(plan, address + ":wrong")).isEqualTo(401);
        assertThat(assess(plan, null)).isEqualTo(401);
    }

    private static int assess(String plan, String who) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(Pelluna.url() + "/api/assess"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(plan));
        if (who != null) {
            request.header(
                    "Authorization", "Basic " + java.util.Base64.getEncoder().encodeToString(who.getBytes()));
        }
        return Visitor.unsigned(request.build()).statusCode();
    }
}
