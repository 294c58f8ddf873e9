package pelluna.app.lessons;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.lessons.Goal;
import pelluna.core.lessons.Lesson;
import pelluna.core.odds.Months;
import pelluna.core.odds.Odds;
import pelluna.core.odds.Player;
import pelluna.core.odds.Rates;
import pelluna.core.odds.Remedy;
import pelluna.core.plan.PlanFile;

/** Eight tanks to learn on: each begins wrong, and can be planned well; played, compared, kept. */
class LessonsTest {
    private static final PlanFiles FILES = new PlanFiles(Catalogue::shipped);
    private static final LessonPlans LESSONS = new LessonPlans(FILES);
    private static final LocalDate DAY = LocalDate.of(2027, 5, 9);
    private static final int RUNS = 300;
    private static final int TURNS = 600;

    private static Assessment assessed(PlanFile file) {
        return new Assessor().assess(FILES.plan(file, DAY));
    }

    private static Odds odds(Assessment a) {
        return new Player(new Remedy.Version(a.plan(), a.arrivals()), Rates.USUAL, 1).play(RUNS);
    }

    @ParameterizedTest
    @EnumSource
    void eachBeginsWrongAndOurPlanReachesEverything(Lesson lesson) {
        Assessment begins = assessed(LESSONS.begins(lesson, DAY));
        Assessment ours = assessed(LESSONS.ours(lesson, DAY));
        assertThat(lesson.goals()).anySatisfy(g -> assertThat(g.met(begins)).isFalse());
        assertThat(lesson.goals())
                .allSatisfy(g -> assertThat(g.met(ours)).as("%s", g).isTrue());
        assertThat(begins.plan().tank().glassLitres())
                .as("the same glass")
                .isEqualTo(ours.plan().tank().glassLitres());
        assertThat(begins.plan().startOn()).as("days move with the calendar").isEqualTo(DAY);
        assertThat(odds(ours).allWell().get(Months.SIX)).isGreaterThan(0.5);
        assertThat(odds(ours).allWell().get(Months.ALL))
                .as("better than with everything that stands on the list at first")
                .isGreaterThan(Player.ofWishes(begins.plan(), Rates.USUAL, 1)
                        .play(RUNS)
                        .allWell()
                        .get(Months.ALL));
        assertThat(Goal.there(ours)).isNotEmpty();
    }

    @Test
    void somePlansThatBeginHaveNoHopeAtAll() {
        assertThat(odds(new Assessor().assess(FILES.plan(LESSONS.ours(Lesson.FIRST_FISH, DAY), DAY)))
                        .allWell()
                        .get(Months.SIX))
                .isGreaterThan(0.6);
        Assessment begins = assessed(LESSONS.begins(Lesson.FIRST_FISH, DAY));
        Odds all = Player.ofWishes(begins.plan(), Rates.USUAL, 1).play(RUNS);
        assertThat(all.allWell().get(Months.SIX)).isLessThan(0.05);
    }

    @BeforeEach
    void nothingTried() {
        Pelluna.url();
        TestCluster.jdbc().sql("delete from lesson_try").update();
    }

    private static String body(String at) {
        var answer = Pelluna.get(at);
        assertThat(answer.statusCode()).isEqualTo(200);
        return answer.body();
    }

    private static String over(String at) throws InterruptedException {
        for (int turn = 0; turn < TURNS; turn++) {
            String page = body(at);
            if (!page.contains("data-again")) {
                return page;
            }
            Thread.sleep(100);
        }
        throw new AssertionError(body(at));
    }

    @Test
    void aTankIsPlannedPlayedComparedAndKept() throws InterruptedException {
        assertThat(body("/learn")).containsPattern(said("page.learn.begin"));
        String at = "/learn/first-fish";
        Pelluna.post(at + "/off", Map.of("place", "1"));
        Pelluna.post(at + "/off", Map.of("place", "0"));
        assertThat(body(at)).containsPattern(said("page.learn.nobodyYet"));
        var which = Pelluna.post(at + "/add", Map.of("species", "clownfish", "count", "2"));
        assertThat(which.statusCode()).isEqualTo(422);
        assertThat(which.body())
                .as("what was typed stays, also for who taps the one that was meant")
                .contains("value=\"Amphiprion ocellaris\"", "value=\"clownfish\"")
                .containsPattern("name=\"count\"[^>]* value=\"2\"");
        assertThat(body(at + "/names?q=clownfish")).contains("value=\"Amphiprion ocellaris\"", "outcome-fits");
        assertThat(Pelluna.post(at + "/add", Map.of("species", "royal gramma", "count", "41"))
                        .statusCode())
                .isEqualTo(422);
        Pelluna.post(
                at + "/add",
                Map.of("species", "clownfish", "chosen", "Amphiprion ocellaris", "count", "2", "bred", "true"));
        Pelluna.post(at + "/add", Map.of("species", "neon goby", "count", "1", "bred", "true"));
        Pelluna.post(at + "/tank", Map.of("cover", "mesh", "school", "thirty-days-watch", "meals", "2"));
        Pelluna.post(at + "/done", Map.of());
        assertThat(body("/learn")).as("not played yet").doesNotContainPattern(said("page.learn.solvedOn"));
        Pelluna.post(at + "/play", Map.of());
        String page = over(at);
        assertThat(page).containsPattern(said("page.learn.done")).contains("class=\"history\"");
        Pelluna.post(at + "/done", Map.of());
        assertThat(body("/learn")).containsPattern(said("page.learn.solvedOn"));
        Pelluna.post(at + "/again", Map.of());
        assertThat(body("/learn")).as("what went well stays so").containsPattern(said("page.learn.solvedOn"));
        assertThat(Pelluna.get("/learn/no-such-tank").statusCode()).isEqualTo(404);
    }

    @Test
    void aBadPlanIsNoneThatWentWell() throws InterruptedException {
        String at = "/learn/three-surgeonfish";
        Pelluna.post(at + "/play", Map.of());
        assertThat(over(at)).doesNotContainPattern(said("page.learn.done"));
        Pelluna.post(at + "/done", Map.of());
        assertThat(body("/learn")).doesNotContainPattern(said("page.learn.solvedOn"));
    }
}
