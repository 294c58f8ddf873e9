package pelluna.app.reminders;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.PushedDevice;
import pelluna.app.testing.TestCluster;

class RemindersPagesTest {
    private static final String PAGE = "/account/reminders";
    private final RemindedKeeper keeper = new RemindedKeeper();

    private String page() {
        return keeper.visitor.get(PAGE).body();
    }

    private HttpResponse<String> post(String what, Map<String, String> form) {
        return keeper.visitor.post(PAGE + what, form);
    }

    @Test
    void beforeAnythingIsSetTheCalendarRingsAndNothingElseDoes() {
        assertThat(page())
                .containsPattern(said("page.reminders.whatCalendarDoes", "18:00"))
                .containsPattern(
                        "value=\"true\" role=\"switch\"\\s+aria-label=\"A mail each day\" aria-checked=\"false\"")
                .containsPattern("value=\"false\"\\s+role=\"switch\"\\s+aria-label=\"Alarms[^>]* aria-checked=\"true\"")
                .containsPattern(said("page.reminders.inside"));
    }

    @Test
    void theMailHasASwitchAndAnHour() {
        assertThat(post("/mail", Map.of("on", "true", "at", "06:30")).body())
                .containsPattern("aria-label=\"A mail each day\" aria-checked=\"true\"")
                .contains("value=\"06:30\"");
        assertThat(post("/mail", Map.of("on", "false", "at", "06:30")).body())
                .containsPattern("aria-label=\"A mail each day\" aria-checked=\"false\"");
        HttpResponse<String> refused = post("/mail", Map.of("on", "true", "at", "half past six"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).containsPattern(said("app.reminders.NoHour"));
    }

    @Test
    void quietHoursMoveTheMailAndTheAlarm() {
        post("/quiet", Map.of("from", "17:00", "to", "09:15"));
        assertThat(page())
                .containsPattern(said("page.reminders.mailAfterQuiet", "09:15"))
                .containsPattern(said("page.reminders.whatCalendarDoes", "17:00"));
        assertThat(post("/quiet", Map.of("from", "17:00", "to", "")).body())
                .containsPattern(said("app.reminders.QuietHalf"));
        assertThat(post("/quiet", Map.of("from", "17:00", "to", "17:00")).body())
                .containsPattern(said("app.reminders.QuietAllDay"));
        assertThat(post("/quiet", Map.of("from", "", "to", "")).body())
                .doesNotContainPattern(said("page.reminders.mailAfterQuiet", "09:15"));
    }

    @Test
    void theCalendarRingsAtTheHourThatThePageSaysOrNotAtAll() {
        keeper.visitor.post(
                "/tanks/" + keeper.tank + "/tank", Map.of("rockKg", "40", "cover", "mesh", "cycledOn", "2024-01-01"));
        keeper.visitor.post("/tanks/" + keeper.tank + "/begin/fish", Map.of("species", "Gramma loreto"));
        assertThat(calendar()).contains("BEGIN:VALARM").contains(":-PT6H");
        post("/quiet", Map.of("from", "16:30", "to", "09:00"));
        assertThat(calendar()).contains(":-PT7H30M");
        post("/calendar", Map.of("on", "false"));
        assertThat(calendar()).contains("BEGIN:VEVENT").doesNotContain("BEGIN:VALARM");
    }

    private String calendar() {
        return keeper.visitor.get("/tanks/" + keeper.tank + "/calendar.ics").body();
    }

    @Test
    void aDeviceStandsOnThePageUntilItIsEnded() throws Exception {
        PushedDevice device = keeper.takesNotifications();
        keeper.visitor.post(PAGE + "/devices", device.form());
        assertThat(page().split("data-device=\"" + device.endpoint(), -1))
                .as("one that comes twice is one")
                .hasSize(2);
        assertThat(post("/try", Map.of()).body()).containsPattern(said("page.reminders.sent"));
        assertThat(device.fetched())
                .extracting(n -> n.path("body").asString())
                .containsExactly("Reminders arrive on this device.");
        String row = TestCluster.jdbc()
                .sql("select id from push_device where endpoint = ?")
                .param(device.endpoint())
                .query(String.class)
                .single();
        assertThat(post("/devices/" + row + "/remove", Map.of()).body()).doesNotContain(device.endpoint());
        assertThat(post("/try", Map.of()).body()).containsPattern(said("app.reminders.NoDeviceYet"));
    }

    @Test
    void aBrowserThatSomebodyElseUsesNowIsTheirs() throws Exception {
        PushedDevice device = keeper.takesNotifications();
        RemindedKeeper next = new RemindedKeeper();
        next.visitor.post(PAGE + "/devices", device.form());
        assertThat(page()).doesNotContain(device.endpoint());
        assertThat(next.visitor.get(PAGE).body()).contains(device.endpoint());
    }

    @Test
    void nobodyEndsADeviceOfSomebodyElse() throws Exception {
        PushedDevice device = keeper.takesNotifications();
        long row = TestCluster.jdbc()
                .sql("select id from push_device where endpoint = ?")
                .param(device.endpoint())
                .query(Long.class)
                .single();
        new RemindedKeeper().visitor.post(PAGE + "/devices/" + row + "/remove", Map.of());
        assertThat(page()).contains(device.endpoint());
    }

    @Test
    void whatIsNoDeviceIsRefused() throws Exception {
        Map<String, String> good = new PushedDevice().form();
        assertThat(refused(good, "endpoint", "https://push.example/abc"))
                .containsPattern(said("app.reminders.NotOutside"));
        assertThat(refused(good, "endpoint", "/push-service/short")).containsPattern(said("app.reminders.NotOutside"));
        assertThat(refused(good, "publicKey", "BBBB")).containsPattern(said("app.reminders.NoDevice"));
        assertThat(refused(good, "publicKey", "no base64!")).containsPattern(said("app.reminders.NoDevice"));
        assertThat(refused(good, "publicKey", "B" + "A".repeat(86))).containsPattern(said("app.reminders.NoDevice"));
        assertThat(refused(good, "secret", "AAAA")).containsPattern(said("app.reminders.NoDevice"));
    }

    private String refused(Map<String, String> good, String field, String value) {
        Map<String, String> form = new HashMap<>(good);
        form.put(field, value);
        HttpResponse<String> answer = post("/devices", form);
        assertThat(answer.statusCode()).as(field + " " + value).isEqualTo(422);
        return answer.body();
    }

    @Test
    void thereIsAnEndToDevices() throws Exception {
        for (int i = 0; i < Devices.MOST; i++) {
            keeper.takesNotifications();
        }
        assertThat(post("/devices", new PushedDevice().form()).body())
                .containsPattern(said("app.reminders.TooManyDevices"));
    }
}
