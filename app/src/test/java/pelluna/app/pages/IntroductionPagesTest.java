package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.fish.Fish;
import pelluna.app.introduction.Interventions;
import pelluna.app.introduction.Introductions;
import pelluna.app.introduction.WaysIn;
import pelluna.app.log.LogBook;
import pelluna.app.log.LogFigures;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.behaviour.RateChange;
import pelluna.core.behaviour.Stretch;
import pelluna.core.introduction.GateReason;
import pelluna.core.introduction.Intervention;
import pelluna.core.introduction.Method;
import pelluna.core.livestock.Stage;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/** Bringing in, over HTTP: box, gate, release, looks, the ladder and what each step did. */
class IntroductionPagesTest {
    private static final Words SAY = Words.english(UnitSystem.METRIC);

    private LogTank tank;

    @BeforeEach
    void aTankWithAWish() {
        tank = new LogTank("Bringing in");
        tank.post("/wish-list", Map.of("species", "Gramma loreto", "want", "4"));
    }

    private Fish gramma() {
        return tank.fish().stream()
                .filter(f -> f.species().scientificName().equals("Gramma loreto"))
                .findFirst()
                .orElseThrow();
    }

    private List<Introductions.Coming> coming() {
        return Pelluna.bean(Introductions.class)
                .coming(Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id)));
    }

    private long box() {
        tank.post(
                "/log/introducing",
                Map.of(
                        "fish",
                        Pelluna.fish(tank.id, "w#0"),
                        "method",
                        "box-days",
                        "length",
                        "30",
                        "width",
                        "15",
                        "height",
                        "20"));
        return coming().get(0).id();
    }

    @Test
    void thePlannedArrivalShowsItsProtocolItsBoxAndHowToCarryIt() {
        String page = tank.page("/log/introducing?next=" + Pelluna.fish(tank.id, "w#0"));
        assertThat(page)
                .contains("Royal gramma")
                .containsPattern(said("page.introduction.stepByStep"))
                .containsPattern(said("introduction.DueStep"))
                .containsPattern(said("page.introduction.catchingAndCarrying"))
                .containsPattern(said("introduction.NoWaterAcross"))
                .containsPattern(said("page.introduction.theLeastThatSuitsOfAs"));
    }

    @Test
    void fromTheBoxThroughTheGateIntoTheTank() {
        long way = box();
        assertThat(gramma().stage()).isEqualTo(Stage.BOX);
        assertThat(tank.page("/log/introducing"))
                .containsPattern(said("page.introduction.inTheBoxForSince"))
                .containsPattern(said("introduction.MoreWatches"))
                .containsPattern(said("introduction.NeverSeenEating"))
                .containsPattern(said("page.introduction.itSuitsTheFishAndThe"));
        assertThat(tank.page("/log"))
                .containsPattern(said("page.log.inTheBox"))
                .containsPattern(said("behaviour.EventType.STRUCK_BOX"));
        tank.post("/log/introducing/" + way + "/release", Map.of());
        assertThat(gramma().stage()).isEqualTo(Stage.DISPLAY);
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .residents())
                .as("the wish came true")
                .anyMatch(p -> p.species().scientificName().equals("Gramma loreto"));
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .wishes())
                .isEmpty();
        assertThat(tank.page("/log/introducing"))
                .containsPattern(said("page.introduction.looksAfterRelease"))
                .containsPattern(said("page.standing.isItSettling"))
                .containsPattern(said("behaviour.NobodyWatched"));
        assertThat(tank.page("/log/fish/" + gramma().id()))
                .containsPattern(said("livestock.LifeEvent.WISHED"))
                .containsPattern(said("page.introduction.intoTheSeeThroughBox"))
                .containsPattern(said("page.introduction.outOfTheBoxIntoTheTank"));
    }

    @Test
    void theGateOpensWithQuietWatchesAndAMeal() {
        tank.post("/log/introducing", Map.of("fish", Pelluna.fish(tank.id, "w#0"), "method", "box-days"));
        // the same three days ago: written down afterwards
        Introductions bringing = Pelluna.bean(Introductions.class);
        long way = coming().get(0).id();
        assertThat(coming().get(0).gate().orElseThrow().open()).isFalse();
        Pelluna.bean(WaysIn.class).callOff(Pelluna.owned(tank.id), way, "begun anew");
        long again = Pelluna.bean(WaysIn.class).backIntoTheBox(Pelluna.owned(tank.id), tank.wrasse(), tank.boss());
        assertThat(bringing.coming(Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id))))
                .extracting(Introductions.Coming::id)
                .containsExactly(again);
        tank.act("eats", tank.wrasse(), null, Pelluna.now(), "e");
        assertThat(coming().get(0).gate().orElseThrow().missing())
                .doesNotContain(new GateReason.NeverSeenEating())
                .hasAtLeastOneElementOfType(GateReason.MoreWatches.class);
    }

    @Test
    void strikesAtTheBoxAreCountedByWatch() {
        box();
        LogBook log = Pelluna.bean(LogBook.class);
        tank.post("/log/watch", Map.of("what", "begin"));
        tank.post(
                "/log/sighting",
                Map.of("fish", "" + tank.boss(), "doing", "struck-box", "other", "" + gramma().id(), "times", "3"));
        log.end(Pelluna.owned(tank.id), Pelluna.now());
        assertThat(coming().get(0).boxWatches())
                .singleElement()
                .satisfies(w -> assertThat(w.strikes()).isEqualTo(3));
        assertThat(Pelluna.bean(LogFigures.class).contests(Pelluna.owned(tank.id)))
                .as("a fish in a box cannot contest")
                .isEmpty();
    }

    @Test
    void calledOffItsWishStays() {
        long way = box();
        tank.post("/log/introducing/" + way + "/off", Map.of("how", "would not eat"));
        assertThat(gramma().stage()).isEqualTo(Stage.WISHED);
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .wishes())
                .hasSize(1);
        assertThat(tank.page("/log/introducing"))
                .contains("would not eat")
                .containsPattern(said("page.introduction.comesNext"));
    }

    @Test
    void aBoxOfWordsIsRefused() {
        assertThat(tank.post(
                                "/log/introducing",
                                Map.of(
                                        "fish",
                                        Pelluna.fish(tank.id, "w#0"),
                                        "method",
                                        "box-days",
                                        "length",
                                        "large",
                                        "width",
                                        "1",
                                        "height",
                                        "1"))
                        .body())
                .containsPattern(said("app.introduction.NoBox"));
        assertThat(tank.post("/log/introducing", Map.of("fish", "w0", "method", "box-days"))
                        .statusCode())
                .isEqualTo(404);
        assertThat(coming()).isEmpty();
    }

    @Test
    void straightInComesWithItsLooks() {
        tank.post("/log/introducing", Map.of("fish", Pelluna.fish(tank.id, "w#0"), "method", "straight-in"));
        Introductions.Coming c = coming().get(0);
        assertThat(c.inTheBox()).isFalse();
        assertThat(c.looks()).hasSize(5);
        assertThat(tank.page("/today"))
                .containsPattern(saidWith("page.today.callTheRollIsNew", "0", "[^<>]*royal gramma"))
                .containsPattern(saidWith("page.today.lookAt", "0", "[^<>]*royal gramma"));
        assertThat(Pelluna.get(tank.at("/calendar.ics")).body())
                .containsPattern("SUMMARY:"
                        + saidWith("page.introduction.lookAt", "0", "[^,\n]*royal gramma")
                                .pattern()
                                .split(",\\\\s")[0]);
        tank.post(
                "/log/introducing/" + c.id() + "/look",
                Map.of("look", "first-hour", "inSight", "true", "whole", "true", "note", "behind the rock"));
        assertThat(coming().get(0).looks().get(0).done())
                .isPresent()
                .get()
                .asString()
                .containsPattern(said("page.introduction.lookNotSeenEating"))
                .contains("behind the rock");
        assertThat(tank.page("/today"))
                .as("it was seen today")
                .doesNotContainPattern(said("page.today.callTheRollIsNew"));
    }

    @Test
    void whatWasDoneIsHeldAgainstTheDaysBefore() {
        for (int day = 12; day > 6; day--) {
            tank.watched(Duration.ofDays(day).minusHours(3), 30, 4);
        }
        Interventions measures = Pelluna.bean(Interventions.class);
        measures.recorded(
                Pelluna.owned(tank.id),
                Intervention.MOVED_ROCK,
                tank.wrasse(),
                tank.boss(),
                Pelluna.now().minus(Duration.ofDays(6)),
                Pelluna.now().minus(Duration.ofDays(6)),
                "");
        for (int day = 5; day > 0; day--) {
            tank.watched(Duration.ofDays(day).minusHours(3), 30, day == 3 ? 1 : 0);
        }
        Interventions.Told told =
                measures.told(Pelluna.owned(tank.id), tank.wrasse()).get(0);
        assertThat(told.taken().did().before().acts()).isEqualTo(24);
        assertThat(told.taken().did().since().acts()).isEqualTo(1);
        assertThat(told.taken().did().way()).isEqualTo(RateChange.Way.CALMER);
        assertThat(tank.page("/log/bullied/" + tank.wrasse()))
                .containsPattern(said("introduction.HasHelped"))
                .containsPattern(said("behaviour.Chance.HARDLY"))
                .containsPattern(said("behaviour.InFigures"));
        assertThat(tank.page("/log/pecking-order"))
                .containsPattern(said("introduction.Intervention.MOVED_ROCK") + ""
                        + saidWith("page.behaviour.forFish", "0", "[^<>]*yellow wrasse"));
    }

    @Test
    void twoThingsAtOnceCannotBeToldApart() {
        Interventions measures = Pelluna.bean(Interventions.class);
        Instant then = Pelluna.now().minus(Duration.ofDays(4));
        measures.recorded(Pelluna.owned(tank.id), Intervention.MIRROR, tank.wrasse(), tank.boss(), then, null, "");
        measures.recorded(
                Pelluna.owned(tank.id),
                Intervention.SECOND_FEEDING_PLACE,
                tank.wrasse(),
                tank.boss(),
                then.plusSeconds(60),
                null,
                "");
        assertThat(measures.told(Pelluna.owned(tank.id), tank.wrasse()).get(0).says(SAY))
                .containsPattern(said("page.introduction.inTheSameDaysWhichOfThem"));
    }

    @Test
    void theBossOnTimeOutIsOutAndComesBack() {
        tank.post(
                "/log/measures",
                Map.of("measure", "time-out", "forFish", "" + tank.wrasse(), "byFish", "" + tank.boss()));
        assertThat(tank.fish().stream()
                        .filter(f -> f.id() == tank.boss())
                        .findFirst()
                        .orElseThrow()
                        .stage())
                .isEqualTo(Stage.TIME_OUT);
        assertThat(tank.page("/log/head-count")).doesNotContain("dottyback");
        assertThat(tank.page("/log/fish/" + tank.boss()))
                .containsPattern(said("page.fish.outOfTheTankForAWhile"))
                .containsPattern(said("page.fish.backInTheTank"));
        long id = Pelluna.bean(Interventions.class)
                .told(Pelluna.owned(tank.id), null)
                .get(0)
                .id();
        tank.post("/log/measures/" + id + "/end", Map.of());
        assertThat(tank.fish().stream()
                        .filter(f -> f.id() == tank.boss())
                        .findFirst()
                        .orElseThrow()
                        .stage())
                .isEqualTo(Stage.DISPLAY);
        assertThat(tank.post(
                                "/log/measures",
                                Map.of("measure", "time-out", "forFish", "" + tank.wrasse(), "byFish", ""))
                        .body())
                .containsPattern(said("app.introduction.WhoGoes"));
    }

    @Test
    void pulledOutByRule() {
        tank.act("wound", tank.wrasse(), null, Pelluna.now(), "w");
        assertThat(tank.page("/log/bullied/" + tank.wrasse()))
                .containsPattern(said("introduction.Wounded"))
                .containsPattern(said("introduction.TakeOneOut"));
    }

    @Test
    void whatStruckAtTheBoxIsNotHeldAgainstTheDaysInTheTank() {
        Instant now = Pelluna.now();
        Pelluna.bean(WaysIn.class)
                .recorded(
                        Pelluna.owned(tank.id),
                        tank.wrasse(),
                        Method.BOX_DAYS,
                        null,
                        now.minus(Duration.ofDays(9)),
                        now.minus(Duration.ofDays(5)));
        tank.watched(Duration.ofDays(7), 60, 0);
        tank.act(
                "struck-box",
                tank.boss(),
                tank.wrasse(),
                now.minus(Duration.ofDays(7)).plusSeconds(60),
                "s");
        tank.watched(Duration.ofDays(4), 60, 5);
        Interventions measures = Pelluna.bean(Interventions.class);
        measures.recorded(
                Pelluna.owned(tank.id),
                Intervention.MIRROR,
                tank.wrasse(),
                tank.boss(),
                now.minus(Duration.ofDays(3)),
                null,
                "");
        tank.watched(Duration.ofDays(1), 60, 5);
        Interventions.Told told =
                measures.told(Pelluna.owned(tank.id), tank.wrasse()).get(0);
        assertThat(told.taken().did().before())
                .as("from its release on, contests only")
                .isEqualTo(new Stretch(5, 1));
        assertThat(told.taken().did().since()).isEqualTo(new Stretch(5, 1));
        assertThat(told.says(SAY)).containsPattern(said("behaviour.Chance.COULD_BE"));
    }

    @Test
    void aMeasureIsJudgedOnlyUntilTheNextBegins() {
        Interventions measures = Pelluna.bean(Interventions.class);
        Instant now = Pelluna.now();
        tank.watched(Duration.ofDays(8), 60, 6);
        measures.recorded(
                Pelluna.owned(tank.id),
                Intervention.FEED_MORE,
                tank.wrasse(),
                null,
                now.minus(Duration.ofDays(6)),
                null,
                "");
        tank.watched(Duration.ofDays(5), 60, 6);
        measures.recorded(
                Pelluna.owned(tank.id),
                Intervention.MOVED_ROCK,
                tank.wrasse(),
                null,
                now.minus(Duration.ofDays(3)),
                now.minus(Duration.ofDays(3)),
                "");
        tank.watched(Duration.ofDays(1), 60, 0);
        List<Interventions.Told> told = measures.told(Pelluna.owned(tank.id), tank.wrasse());
        assertThat(told.get(1).taken().did().since())
                .as("more food, until the rock was moved")
                .isEqualTo(new Stretch(6, 1));
        assertThat(told.get(0).taken().did().before())
                .as("rock: since more food began")
                .isEqualTo(new Stretch(6, 1));
        assertThat(told.get(0).taken().did().since()).isEqualTo(new Stretch(0, 1));
    }

    @Test
    void aFishInTheBoxThatIsPutDownAsArrivedIsTheSameFishAndOutOfTheBox() {
        box();
        long id = gramma().id();
        String mark = tank.page("/arrivals").replaceFirst("(?s).*name=\"of\"\\s+value=\"([^\"]+)\".*", "$1");
        tank.post("/arrivals/arrived", Map.of("fish", Pelluna.fish(tank.id, "w#0"), "of", mark));
        assertThat(gramma().id()).isEqualTo(id);
        assertThat(gramma().stage()).isEqualTo(Stage.DISPLAY);
        assertThat(tank.fish().stream().filter(f -> f.species().scientificName().equals("Gramma loreto")))
                .hasSize(1);
        assertThat(coming().get(0).inTheBox()).isFalse();
        assertThat(tank.page("/log/introducing")).containsPattern(said("page.introduction.looksAfterRelease"));
    }

    @Test
    void backThroughTheBoxTheResidentStaysOnThePlanAndTheMeasureEndsWithItsRelease() {
        tank.post(
                "/log/measures",
                Map.of("measure", "back-through-box", "forFish", "" + tank.wrasse(), "byFish", "" + tank.boss()));
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .residents())
                .hasSize(4);
        assertThat(tank.page("/log/head-count")).containsPattern(said("page.roll.inTheBox"));
        tank.post("/log/introducing/" + coming().get(0).id() + "/release", Map.of());
        assertThat(Pelluna.bean(Interventions.class)
                        .told(Pelluna.owned(tank.id), tank.wrasse())
                        .get(0)
                        .running())
                .isFalse();
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .residents())
                .hasSize(4);
        assertThat(tank.fish())
                .filteredOn(f -> f.id() == tank.wrasse())
                .singleElement()
                .satisfies(f -> assertThat(f.stage()).isEqualTo(Stage.DISPLAY));
    }

    @Test
    void lightsAreTheTanksAndLooksHangOnThem() {
        tank.post("/log/lights", Map.of("on", "08:00", "off", "19:30"));
        tank.post("/log/introducing", Map.of("fish", Pelluna.fish(tank.id, "w#0"), "method", "straight-in"));
        assertThat(coming().get(0).looks().get(2).due().toLocalTime()).isEqualTo(LocalTime.of(9, 0));
        assertThat(tank.post("/log/lights", Map.of("on", "dawn", "off", "19:30"))
                        .body())
                .containsPattern(said("app.introduction.NoTimesOfDay"));
    }
}
