package pelluna.app.reminders;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.time.Clock;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.app.database.AskedFor;
import pelluna.app.testing.Letters;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.PushedDevice;
import pelluna.app.testing.TestCluster;
import tools.jackson.databind.JsonNode;

/** What is due reaches who is to know, once, and not in the quiet hours. */
class RoundsTest {
    /** An hour of the day that has passed, whatever the clock of the tests says by now. */
    private static final String PASSED = "00:00";

    private final RemindedKeeper keeper = new RemindedKeeper();

    @Test
    void aDeviceIsToldOnceAndOnlyItCanReadIt() throws Exception {
        keeper.tested(20);
        PushedDevice device = keeper.takesNotifications();
        keeper.round();
        List<JsonNode> come = device.fetched();
        assertThat(come).hasSize(1);
        assertThat(come.get(0).path("title").asString()).isEqualTo("By the stairs");
        assertThat(come.get(0).path("body").asString()).containsPattern(said("page.today.testTheWater"));
        assertThat(come.get(0).path("href").asString()).isEqualTo("/tanks/" + keeper.tank + "/today");
        keeper.round();
        assertThat(device.fetched()).isEmpty();
        assertThat(TestCluster.jdbc()
                        .sql("select encode(body, 'escape') from push_message where address = ?")
                        .param(device.endpoint().substring("/push-service/".length()))
                        .query(String.class)
                        .list())
                .hasSize(1)
                .noneMatch(b -> b.contains("stairs"));
    }

    @Test
    void whatIsDoneAndDueAgainIsToldAgain() throws Exception {
        keeper.tested(20);
        PushedDevice device = keeper.takesNotifications();
        keeper.round();
        keeper.tested(15);
        keeper.round();
        assertThat(device.fetched())
                .as("the newer takes the place of the older")
                .hasSize(1);
        keeper.tested(0);
        keeper.round();
        assertThat(device.fetched()).isEmpty();
    }

    @Test
    void nothingComesInQuietHoursAndAllOfItAfterwards() throws Exception {
        keeper.tested(20);
        PushedDevice device = keeper.takesNotifications();
        keeper.mailsAt(PASSED);
        keeper.aDayLater();
        LocalTime now = LocalTime.now(Pelluna.bean(Clock.class));
        keeper.quiet(minute(now.minusMinutes(30)), minute(now.plusHours(1)));
        keeper.round();
        assertThat(device.fetched()).isEmpty();
        int letters = Letters.to(keeper.address);
        keeper.quiet("", "");
        keeper.round();
        assertThat(device.fetched()).hasSize(1);
        assertThat(Letters.to(keeper.address)).isEqualTo(letters + 1);
    }

    private static String minute(LocalTime time) {
        return time.truncatedTo(ChronoUnit.MINUTES).toString();
    }

    @Test
    void theMailComesOnceADayWithWhatIsDueAndTheWayToEndIt() {
        keeper.tested(20);
        int letters = Letters.to(keeper.address);
        keeper.mailsAt(PASSED);
        keeper.round();
        assertThat(Letters.to(keeper.address)).as("its hour has passed today").isEqualTo(letters);
        keeper.aDayLater();
        keeper.round();
        keeper.round();
        assertThat(Letters.to(keeper.address)).isEqualTo(letters + 1);
        assertThat(keeper.lastLetter("subject")).containsPattern(said("page.mail.dueSubject", 1, "By the stairs"));
        assertThat(keeper.lastLetter("body"))
                .containsPattern(said("page.today.testTheWater"))
                .containsPattern("http://127\\.0\\.0\\.1:\\d+/tanks/" + keeper.tank + "/today")
                .containsPattern("http://127\\.0\\.0\\.1:\\d+/account/reminders");
        keeper.aDayLater();
        keeper.round();
        assertThat(Letters.to(keeper.address)).isEqualTo(letters + 2);
    }

    @Test
    void noMailComesOnADayOnWhichNothingIsDue() {
        keeper.tested(0);
        int letters = Letters.to(keeper.address);
        keeper.mailsAt(PASSED);
        keeper.aDayLater();
        keeper.round();
        assertThat(Letters.to(keeper.address)).isEqualTo(letters);
    }

    @Test
    void aMailSpeaksTheLanguageOfItsReader() {
        keeper.tested(20);
        keeper.visitor.post("/settings/language", Map.of("language", "de"));
        keeper.mailsAt(PASSED);
        keeper.aDayLater();
        keeper.round();
        assertThat(keeper.lastLetter("subject")).isEqualTo("Eine Sache ist fällig · By the stairs");
    }

    @Test
    void aTankThatIsPutAwayRemindsNobody() throws Exception {
        keeper.tested(20);
        keeper.visitor.post("/tanks/" + keeper.tank + "/archive", Map.of("what", "away"));
        assertThat(TestCluster.jdbc()
                        .sql("select archived_at is not null from tank where id = ?")
                        .param(keeper.tank)
                        .query(Boolean.class)
                        .single())
                .isTrue();
        PushedDevice device = keeper.takesNotifications();
        keeper.round();
        assertThat(device.fetched()).isEmpty();
    }

    @Test
    void aHelperIsRemindedAndAViewerIsNot() throws Exception {
        keeper.tested(20);
        for (String role : List.of("helper", "viewer")) {
            RemindedKeeper other = new RemindedKeeper();
            TestCluster.jdbc()
                    .sql("insert into tank_member (tank_id, keeper_id, role)"
                            + " select ?, id, ? from keeper where email = ?")
                    .params(keeper.tank, role, other.address)
                    .update();
            PushedDevice device = other.takesNotifications();
            other.round();
            assertThat(device.fetched()).as(role).hasSize("helper".equals(role) ? 1 : 0);
        }
    }

    @Test
    void aDeviceThatIsGoneIsNotWrittenToAgain() throws Exception {
        keeper.tested(20);
        PushedDevice device = keeper.takesNotifications();
        TestCluster.jdbc()
                .sql("delete from push_mailbox where address = ?")
                .param(device.endpoint().substring("/push-service/".length()))
                .update();
        keeper.round();
        assertThat(TestCluster.jdbc()
                        .sql("select count(*) from push_device where endpoint = ?")
                        .param(device.endpoint())
                        .query(Integer.class)
                        .single())
                .isZero();
        PushedDevice next = keeper.takesNotifications();
        keeper.round();
        assertThat(next.fetched()).as("what reached nobody is not told yet").hasSize(1);
    }

    @Test
    void whatWasSetWhileATurnWentOnIsLookedAtAtOnce() {
        keeper.mailsAt(PASSED);
        Told told = Pelluna.bean(Told.class);
        Told.Turn turn = AskedFor.all(told::take).stream()
                .filter(t -> t.keeper() == id())
                .findFirst()
                .orElseThrow();
        keeper.mailsAt("09:00");
        AskedFor.all(() -> {
            told.ends(turn, Pelluna.now().plusSeconds(86_400));
            return true;
        });
        assertThat(AskedFor.all(told::take)).extracting(Told.Turn::keeper).contains(id());
    }

    private long id() {
        return TestCluster.jdbc()
                .sql("select id from keeper where email = ?")
                .param(keeper.address)
                .query(Long.class)
                .single();
    }
}
