package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.fish.Fish;
import pelluna.app.introduction.Interventions;
import pelluna.app.losses.Deaths;
import pelluna.app.losses.Ledger;
import pelluna.app.losses.MissingFish;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.introduction.Intervention;
import pelluna.core.livestock.Stage;

/** Individuals and groups: names, roles, lengths, pictures, counting, missing and found. */
class FishPagesTest {
    private static final String PNG =
            "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";
    private LogTank tank;

    @BeforeEach
    void aTank() {
        tank = new LogTank("Individuals");
    }

    private Fish fish(long id) {
        return tank.fish().stream().filter(f -> f.id() == id).findFirst().orElseThrow();
    }

    @Test
    void everyResidentHasAPageAndANameIfItLikes() {
        assertThat(tank.fish()).hasSize(4);
        long boss = tank.boss();
        tank.post("/log/fish/" + boss + "/called", Map.of("name", "Inky", "role", "boss"));
        assertThat(tank.page("/log/fish")).contains("Inky").containsPattern(said("page.fish.roleSaid"));
        tank.post("/log/typed", Map.of("text", "inky chased wrasse"));
        assertThat(tank.page("/log/fish/" + boss)).containsPattern(said("behaviour.EventType.CHASED"));
        assertThat(tank.post("/log/fish/" + boss + "/called", Map.of("name", "x".repeat(41), "role", ""))
                        .body())
                .containsPattern(said("app.limits.TooLong"));
    }

    @Test
    void oneOfAGroupIsNamedAndItsActsCountForTheGroupsRecord() {
        long pair = tank.fish("Amphiprion ocellaris");
        tank.post("/log/fish/" + pair + "/member", Map.of("name", "the large one", "role", "female"));
        long large = tank.fish().stream()
                .filter(f -> f.name().equals("the large one"))
                .findFirst()
                .orElseThrow()
                .id();
        tank.watched(Duration.ofHours(5), 30, 0);
        tank.act(
                "chased",
                large,
                tank.wrasse(),
                Pelluna.now().minus(Duration.ofHours(5)).plusSeconds(60),
                "m");
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .residents()
                        .get(2)
                        .own()
                        .acts())
                .isEqualTo(1);
        tank.post("/log/fish/" + pair + "/member", Map.of("name", "the small one", "role", "male"));
        assertThat(tank.post("/log/fish/" + pair + "/member", Map.of("name", "a third", "role", ""))
                        .body())
                .containsPattern(said("app.fish.AllNamed"));
    }

    @Test
    void aShoalIsCountedAndCanLoseSome() {
        long shoal = tank.fish("Sphaeramia nematoptera");
        tank.post("/log/fish/" + shoal + "/count", Map.of("count", "3", "note", "one in the overflow"));
        assertThat(fish(shoal).count()).isEqualTo(3);
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .residents()
                        .get(3)
                        .count())
                .isEqualTo(3);
        assertThat(tank.page("/log/fish/" + shoal))
                .containsPattern(said("app.fish.Fewer"))
                .contains("one in the overflow");
        assertThat(tank.post("/log/fish/" + shoal + "/count", Map.of("count", "0", "note", ""))
                        .body())
                .containsPattern(said("app.fish.NotSoMany"));
    }

    @Test
    void theDominantChangesSex() {
        long pair = tank.fish("Amphiprion ocellaris");
        assertThat(tank.page("/log/fish/" + pair)).containsPattern(said("page.fish.itTurnedFemale"));
        tank.post("/log/fish/" + pair + "/sex", Map.of("role", "female"));
        assertThat(fish(pair).role()).isEqualTo("female");
        assertThat(tank.page("/log/fish/" + pair)).containsPattern(said("app.fish.NowOfSex"));
    }

    @Test
    void missingIsAStateOfItsOwnThatEndsWhenItIsSeen() {
        long wrasse = tank.wrasse();
        tank.post("/log/fish/" + wrasse + "/is", Map.of("what", "missing"));
        assertThat(fish(wrasse).stage()).isEqualTo(Stage.MISSING);
        tank.post("/log/fish/" + wrasse + "/is", Map.of("what", "missing"));
        assertThat(Pelluna.bean(MissingFish.class)
                        .missing(Pelluna.owned(tank.id), wrasse)
                        .orElseThrow()
                        .count())
                .as("tapped twice")
                .isOne();
        assertThat(tank.page("/today")).containsPattern(said("page.today.isMissingNow"));
        tank.act("seen", wrasse, null, Pelluna.now(), "s");
        assertThat(fish(wrasse).stage()).isEqualTo(Stage.DISPLAY);
        assertThat(tank.page("/log/fish/" + wrasse)).containsPattern(said("livestock.LifeEvent.FOUND"));
    }

    @Test
    void whoIsNotMissingCannotBeFound() {
        long wrasse = tank.wrasse();
        HttpResponse<String> refused = tank.post("/log/fish/" + wrasse + "/is", Map.of("what", "found"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).containsPattern(said("app.fish.NotMissing"));
        assertThat(fish(wrasse).stage()).isEqualTo(Stage.DISPLAY);
    }

    @Test
    void whoIsGoneCannotGoMissing() {
        long wrasse = tank.wrasse();
        tank.post("/losses", Map.of("fish", "" + wrasse, "how", "rehomed"));
        HttpResponse<String> refused = tank.post("/log/fish/" + wrasse + "/is", Map.of("what", "missing"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).containsPattern(said("app.fish.NotThere"));
        assertThat(fish(wrasse).stage()).isEqualTo(Stage.GONE);
    }

    @Test
    void whoFoundAnotherHomeLeavesThePlanAndKeepsItsHistoryAndTakingItBackBringsItBack() {
        long wrasse = tank.wrasse();
        tank.act("eats", wrasse, null, Pelluna.now(), "h");
        tank.post("/losses", Map.of("fish", "" + wrasse, "how", "rehomed"));
        assertThat(fish(wrasse).stage()).isEqualTo(Stage.GONE);
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .residents())
                .noneMatch(p -> p.species().scientificName().equals("Halichoeres chrysus"));
        assertThat(tank.page("/log/fish")).containsPattern(said("page.fishList.noLongerHere"));
        Pelluna.bean(Ledger.class)
                .takeBack(
                        Pelluna.owned(tank.id),
                        Pelluna.bean(Deaths.class)
                                .elsewhere(List.of(Pelluna.owned(tank.id)))
                                .get(0)
                                .id());
        assertThat(fish(wrasse).stage()).as("the same fish again").isEqualTo(Stage.DISPLAY);
        assertThat(tank.fish()).hasSize(4);
    }

    @Test
    void lengthsAreMeasuredAndGrowthFollows() {
        long wrasse = tank.wrasse();
        String today = Pelluna.today().toString();
        tank.post("/log/fish/" + wrasse + "/length", Map.of("length", "7,6", "on", today));
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .residents()
                        .get(1)
                        .lengthCm())
                .isEqualTo(7.6);
        assertThat(tank.page("/log/fish/" + wrasse)).containsPattern(said("page.fish.measured2", "7.6 cm"));
        tank.post(
                "/log/fish/" + wrasse + "/length",
                Map.of("length", "7.1", "on", Pelluna.today().minusDays(60).toString()));
        assertThat(tank.page("/log/fish/" + wrasse)).containsPattern(said("page.fish.measuredLengths"));
        assertThat(tank.post("/log/fish/" + wrasse + "/length", Map.of("length", "long", "on", today))
                        .body())
                .containsPattern(said("app.fish.NoLength"));
    }

    @Test
    void aPictureIsKeptByWhatItIsAndNotByItsName() {
        long boss = tank.boss();
        assertThat(upload(boss, Base64.getDecoder().decode(PNG)).statusCode()).isEqualTo(200);
        HttpResponse<String> picture = Pelluna.get(tank.at("/log/fish/" + boss + "/picture"));
        assertThat(picture.headers().firstValue("Content-Type")).contains("image/png");
        assertThat(upload(boss, "<svg onload='alert(1)'/>  no picture".getBytes(StandardCharsets.UTF_8))
                        .body())
                .containsPattern(said("app.picture.NoPicture"));
        assertThat(Pelluna.get(tank.at("/log/fish/" + tank.wrasse() + "/picture"))
                        .statusCode())
                .isEqualTo(404);
    }

    private HttpResponse<String> upload(long fish, byte[] bytes) {
        return Pelluna.upload(tank.at("/log/fish/" + fish + "/picture"), Map.of(), "file", bytes);
    }

    @Test
    void theRecordIsLearnedShownAndCanBeSetAside() {
        tank.watched(Duration.ofDays(2), 60, 30);
        OpenTank opened = Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id));
        assertThat(opened.plan().residents().get(0).own().acts()).isEqualTo(30);
        double learned = index(opened);
        assertThat(tank.page("/log/pecking-order"))
                .containsPattern(said("behaviour.SeenOfIt"))
                .containsPattern(said("page.standing.setItAside"));
        assertThat(Pelluna.get(tank.at("/plan.json")).body())
                .as("the plan file says it too")
                .contains("\"record\"");
        tank.post("/log/pecking-order/aside", Map.of("fish", "" + tank.boss(), "aside", "true"));
        double plain = index(Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id)));
        assertThat(plain).isLessThan(learned);
        assertThat(tank.page("/log/pecking-order")).containsPattern(said("page.behaviour.setAsideItCountsAsItsKind"));
    }

    private static double index(OpenTank opened) {
        return opened.assessment().tension().stream()
                .filter(t -> t.aggressor()
                                .id()
                                .equals(opened.plan().residents().get(0).id())
                        && t.target()
                                .id()
                                .equals(opened.plan().residents().get(1).id()))
                .findFirst()
                .orElseThrow()
                .index();
    }

    @Test
    void hoursInWhichTheBossWasOutAreNotExpectedOfIt() {
        tank.watched(Duration.ofDays(3), 60, 0);
        double before = Pelluna.bean(TankPlans.class)
                .open(Pelluna.owned(tank.id))
                .plan()
                .residents()
                .get(0)
                .own()
                .hours();
        Pelluna.bean(Interventions.class)
                .recorded(
                        Pelluna.owned(tank.id),
                        Intervention.TIME_OUT,
                        tank.wrasse(),
                        tank.boss(),
                        Pelluna.now().minus(Duration.ofDays(4)),
                        Pelluna.now().minus(Duration.ofDays(2)),
                        "");
        assertThat(before).isEqualTo(1);
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .residents()
                        .get(0)
                        .own()
                        .known())
                .isFalse();
    }

    @Test
    void aNamedMemberGoesWithItsGroupAndComesBackWithIt() {
        long pair = tank.fish("Amphiprion ocellaris");
        tank.post("/log/fish/" + pair + "/member", Map.of("name", "the large one", "role", "female"));
        tank.post("/losses", Map.of("fish", "" + pair, "count", "2", "how", "returned"));
        assertThat(tank.fish())
                .filteredOn(f -> f.name().equals("the large one"))
                .singleElement()
                .satisfies(f -> assertThat(f.stage()).isEqualTo(Stage.DROPPED));
        Pelluna.bean(Ledger.class)
                .takeBack(
                        Pelluna.owned(tank.id),
                        Pelluna.bean(Deaths.class)
                                .elsewhere(List.of(Pelluna.owned(tank.id)))
                                .get(0)
                                .id());
        assertThat(tank.fish())
                .filteredOn(f -> f.name().equals("the large one"))
                .singleElement()
                .satisfies(f -> assertThat(f.stage()).isEqualTo(Stage.DISPLAY));
    }

    @Test
    void whoIsTakenOffThePlanElsewhereIsGoneEvenFromATimeOut() {
        tank.post(
                "/log/measures",
                Map.of("measure", "time-out", "forFish", "" + tank.wrasse(), "byFish", "" + tank.boss()));
        long boss = tank.boss();
        Pelluna.bean(PlanSteps.class)
                .change(Pelluna.owned(tank.id), new PlanChange.TakenOff(), plan -> plan.withoutResident(0));
        assertThat(fish(boss).stage()).isEqualTo(Stage.DROPPED);
        assertThat(tank.page("/log/fish/" + boss)).containsPattern(said("livestock.LifeEvent.TAKEN_OFF"));
    }

    @Test
    void twoOfOneKindKeepTheirOwnNames() {
        tank.post("/residents", Map.of("species", "Halichoeres chrysus", "count", "1", "lengthCm", "6"));
        assertThat(tank.fish()).hasSize(5);
        long first = tank.wrasse();
        tank.post("/log/fish/" + first + "/called", Map.of("name", "Saffron", "role", ""));
        assertThat(tank.post("/log/typed", Map.of("text", "dottyback chased yellow wrasse"))
                        .body())
                .as("both are meant")
                .containsPattern(said("sighting.OneOf"));
        tank.post("/log/typed", Map.of("text", "dottyback chased saffron"));
        assertThat(tank.page("/log/fish/" + first)).containsPattern(said("behaviour.EventType.CHASED") + " Saffron");
    }

    @Test
    void theHistoryLeavesOutThatItAteAsEveryDay() {
        long wrasse = tank.wrasse();
        tank.act("eats", wrasse, null, Pelluna.now(), "e");
        tank.act("hides", wrasse, null, Pelluna.now(), "h");
        assertThat(tank.page("/log/fish/" + wrasse))
                .containsPattern(said("behaviour.EventType.HIDES"))
                .doesNotContainPattern("wrasse " + said("behaviour.EventType.EATS") + "[.]");
    }
}
