package pelluna.app.pooled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static pelluna.app.testing.Said.said;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.fish.ComesIn;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;
import pelluna.core.tension.Force;
import pelluna.core.tension.Tension;

/** What keepers share: added up, told from five keepers on, in tension with its weight, set aside and taken back. */
class PooledTest {
    private static final String BOSS = "Pseudochromis springeri";
    private static final String WRASSE = "Halichoeres chrysus";

    private LogTank tank;

    @BeforeEach
    @AfterEach
    void nothingShared() {
        Pelluna.url();
        TestCluster.jdbc().sql("delete from pool_pair").update();
        TestCluster.jdbc().sql("delete from pool_topic").update();
        TestCluster.jdbc().sql("delete from pool_life").update();
        TestCluster.jdbc().sql("delete from figures_source").update();
        TestCluster.jdbc().sql("update keeper set shares_figures = false").update();
        TestCluster.jdbc().sql("delete from keeper where name like 'sharing %'").update();
        Pelluna.bean(Pool.class).all();
    }

    private void tank() {
        tank = new LogTank("Shared");
    }

    /** So many keepers of this server who have had the boss with the wrasse. */
    private static void keepers(int n, int hard, double expected) {
        for (int i = 0; i < n; i++) {
            TestCluster.jdbc()
                    .sql("with k as (insert into keeper (name) values (?) returning id) insert into pool_pair "
                            + "(keeper_id, aggressor, target, keepers, hard, expected) select id, ?, ?, 1, ?, ? from k")
                    .params("sharing " + i, BOSS, WRASSE, i < hard ? 1 : 0, expected)
                    .update();
        }
        Pelluna.bean(Pool.class).all();
    }

    private OpenTank opened() {
        return Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id));
    }

    private Tension tension() {
        return opened().assessment().tension().stream()
                .filter(t -> t.aggressor().species().scientificName().equals(BOSS)
                        && t.target().species().scientificName().equals(WRASSE))
                .findFirst()
                .orElseThrow();
    }

    private static boolean bySome(Tension t) {
        return t.reasons().stream().anyMatch(r -> r.force() == Force.OTHER_KEEPERS);
    }

    @Test
    void nothingIsToldOfFourAndFiveAreTold() {
        tank();
        keepers(4, 3, 0.3);
        assertThat(tank.page("/losses/others?all=true")).containsPattern(said("page.others.nothingYet"));
        assertThat(bySome(tension())).isFalse();
        keepers(1, 1, 0.3);
        assertThat(tank.page("/losses/others")).contains("<td class=\"fig\">5</td>", "<td class=\"fig\">4</td>");
    }

    @Test
    void itEntersTensionWithItsWeightIsSaidAndCanBeSetAside() {
        tank();
        double before = tension().index();
        keepers(11, 9, 0.2);
        Tension now = tension();
        assertThat(bySome(now)).isTrue();
        double times = now.reasons().stream()
                .filter(r -> r.force() == Force.OTHER_KEEPERS)
                .findFirst()
                .orElseThrow()
                .effect();
        assertThat(times).isBetween(1.2, 2.0);
        assertThat(now.index()).isCloseTo(Math.min(100, before * times), within(1e-6));
        assertThat(Pelluna.get(tank.at("/plan.json")).body()).contains("\"elsewhere\"", "\"keepers\" : 11");
        String pair = Pelluna.get("/tanks/" + tank.id + "/species/" + BOSS.replace(' ', '-'))
                .body();
        assertThat(pair).contains("id=\"others\"", "11");
        tank.post("/others", Map.of("aside", "true"));
        assertThat(bySome(tension())).isFalse();
        assertThat(tension().index()).isCloseTo(before, within(1e-9));
        assertThat(tank.page("/losses/others")).containsPattern(said("page.others.isAside"));
        tank.post("/others", Map.of("aside", "false"));
        assertThat(bySome(tension())).isTrue();
    }

    @Test
    void aKeeperSharesWhatPlansSaidAndWhatTheLogSawAndStops() {
        tank();
        Pelluna.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto", "want", "4"));
        long fish = opened().wishes().get(0).id();
        Pelluna.bean(ComesIn.class).comes(Pelluna.owned(tank.id), fish);
        for (int i = 0; i < 4; i++) {
            tank.act("nipped", tank.boss(), fish, Pelluna.now().plusSeconds(i), "bite" + tank.id + i);
        }
        assertThat(rows()).as("off at first").isZero();
        Pelluna.post("/account/figures/share", Map.of("on", "true"));
        Pelluna.bean(Pool.class).all();
        assertThat(hard(BOSS, "Gramma loreto")).isEqualTo(List.of(1));
        assertThat(hard("Gramma loreto", BOSS))
                .as("not yet long enough together")
                .isEmpty();
        assertThat(Pelluna.get("/account/figures").body()).containsPattern(said("page.figures.youShare"));
        Pelluna.post("/account/figures/share", Map.of("on", "false"));
        assertThat(rows()).isZero();
        Pelluna.bean(Pool.class).all();
        assertThat(rows()).isZero();
    }

    @Test
    void afterThirtyDaysTogetherAQuietPairCountsToo() {
        tank();
        Pelluna.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto", "want", "4"));
        long fish = opened().wishes().get(0).id();
        Pelluna.bean(ComesIn.class).comes(Pelluna.owned(tank.id), fish);
        Pelluna.post("/account/figures/share", Map.of("on", "true"));
        // the clock of all tests stays: the day on which it came is moved instead
        TestCluster.jdbc()
                .sql("update kept_word set on_day = ? where fish_id = ?")
                .params(Pelluna.today().minusDays(31), fish)
                .update();
        Pelluna.bean(Pool.class).all();
        assertThat(hard("Gramma loreto", BOSS)).isEqualTo(List.of(0));
        assertThat(Pelluna.get(tank.at("/losses/figures.json")).body()).contains("\"pairs\"", "\"aggressor\"");
    }

    private static int rows() {
        return TestCluster.jdbc()
                .sql("select count(*) from pool_pair where keeper_id = ?")
                .param(Pelluna.keeper())
                .query(Integer.class)
                .single();
    }

    private static List<Integer> hard(String aggressor, String target) {
        return TestCluster.jdbc()
                .sql("select hard from pool_pair where keeper_id = ? and aggressor = ? and target = ?")
                .params(Pelluna.keeper(), aggressor, target)
                .query(Integer.class)
                .list();
    }

    @Test
    void howLongFishLivedIsToldFromFiveKeepersOn() {
        tank();
        Pelluna.post("/account/figures/share", Map.of("on", "true"));
        Pelluna.bean(Pool.class).all();
        assertThat(TestCluster.jdbc()
                        .sql("select count(*) from pool_life where keeper_id = ? and fish > 0")
                        .param(Pelluna.keeper())
                        .query(Integer.class)
                        .single())
                .isPositive();
        assertThat(tank.page("/losses/others")).doesNotContainPattern(said("page.others.howLong"));
        take(SignedFigures.sign(file(20, 15), SignedFiguresTest.key()));
        Pelluna.bean(Pool.class).all();
        assertThat(tank.page("/losses/others"))
                .containsPattern(said("page.others.howLong"))
                .containsPattern(said("page.others.lostInAYear"));
        assertThat(Pelluna.bean(PooledPairs.class).lives())
                .filteredOn(l -> l.species().equals(WRASSE))
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.keepers()).isGreaterThanOrEqualTo(14);
                    assertThat(l.inAYear()).isBetween(l.low(), l.high());
                    assertThat(l.inAYear()).isBetween(0.1, 0.5);
                });
    }

    private static String file(int keepers, int hard) {
        return """
            {"pellunaFigures": 1, "tanks": 9, "saidAndHappened": [],
             "pairs": [{"aggressor": "%s", "target": "%s", "keepers": %d, "seenToFightHard": %d,
               "expected": 2.5}],
             "kinds": [{"species": "%s", "keepers": 14, "fish": 20, "days": 9000,
               "lost": 8}]}""".formatted(BOSS, WRASSE, keepers, hard, WRASSE);
    }

    private static String take(String text) {
        return Pelluna.post("/account/figures", Map.of("text", text)).body();
    }

    private List<PooledPairs.Pooled> known() {
        Pelluna.bean(Pool.class).all();
        return Pelluna.bean(PooledPairs.class).known().pairs();
    }

    @Test
    void filesComeInSignedOrNotOnceAndCanBeSetAsideAndRemoved() {
        var key = SignedFiguresTest.key();
        assertThat(take(SignedFigures.sign(file(20, 15), key))).containsPattern(said("page.figures.signed"));
        assertThat(known())
                .singleElement()
                .satisfies(p -> assertThat(p.seen().keepers()).isEqualTo(20));
        assertThat(take(file(20, 15))).as("the same, unsigned").containsPattern(said("app.pooled.HereAlready"));
        take(SignedFigures.sign(file(30, 20), key));
        assertThat(known())
                .as("a newer one of the same key")
                .singleElement()
                .satisfies(p -> assertThat(p.seen().keepers()).isEqualTo(30));
        take(file(500, 0));
        assertThat(Pelluna.get("/tanks/1/losses/calibration").body())
                .as("nobody vouches for it")
                .doesNotContain(">530<")
                .contains(">30<");
        double beside = known().get(0).chance();
        assertThat(known().get(0).seen().keepers()).isEqualTo(530);
        assertThat(beside).as("a third at most").isGreaterThan(0.35);
        Long signed = TestCluster.jdbc()
                .sql("select id from figures_source where signed_by is not null")
                .query(Long.class)
                .single();
        Pelluna.post("/account/figures/" + signed + "/aside", Map.of("aside", "true"));
        assertThat(known()).as("unsigned files say nothing alone").isEmpty();
        Pelluna.post("/account/figures/" + signed + "/aside", Map.of("aside", "false"));
        assertThat(known()).hasSize(1);
        Pelluna.post("/account/figures/" + signed + "/remove", Map.of());
        assertThat(known()).isEmpty();
        assertThat(take("{}")).containsPattern(said("app.pooled.NoFigures"));
    }

    @Test
    void whatThisServerGivesOutIsSignedAndHoldsNothingOfFour() {
        keepers(4, 2, 0.3);
        assertThat(SignedFigures.open(Pelluna.get("/account/figures.jws").body())
                        .figures()
                        .path("pairs"))
                .isEmpty();
        keepers(3, 1, 0.3);
        String given = Pelluna.get("/account/figures.jws").body();
        SignedFigures.Opened opened = SignedFigures.open(given);
        assertThat(opened.signedBy()).isPresent();
        assertThat(opened.figures().path("pairs").get(0).path("keepers").asInt())
                .isEqualTo(7);
        assertThat(take(given)).containsPattern(said("app.pooled.OwnFile"));
    }

    @Test
    void onlyWhoRunsTheServerBringsFilesIn() {
        Visitor guest = Visitor.signedUp("Guest of figures", "figures@reef.example");
        assertThat(guest.get("/account/figures").body())
                .containsPattern(said("page.figures.share"))
                .doesNotContainPattern(said("page.figures.aFile"));
        assertThat(guest.post("/account/figures", Map.of("text", file(20, 15))).body())
                .containsPattern(said("app.pooled.OnlyWhoRunsTheServer"));
        assertThat(guest.get("/account/figures.jws").statusCode()).isEqualTo(400);
        assertThat(TestCluster.jdbc()
                        .sql("select count(*) from figures_source")
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    void whatWasSaidIsHeldAgainstWhatHappenedOverAllWhoShare() {
        tank();
        assertThat(tank.page("/losses/calibration")).containsPattern(said("page.calibration.tooFew"));
        keepers(6, 3, 0.4);
        assertThat(tank.page("/losses/calibration"))
                .contains("class=\"lanes chart reliability\"", "data-says", ">6<")
                .doesNotContainPattern(said("page.calibration.tooFew"));
    }
}
