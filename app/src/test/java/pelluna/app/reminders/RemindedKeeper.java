package pelluna.app.reminders;

import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.PushedDevice;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;

/** A keeper with a tank whose water wants a test. */
final class RemindedKeeper {
    final String address = UUID.randomUUID() + "@reef.example";
    final Visitor visitor = Visitor.signedUp("Reminded", address);
    final long tank = tank("By the stairs");

    long tank(String name) {
        String made = visitor.post(
                        "/tanks", Map.of("name", name, "lengthCm", "150", "widthCm", "60", "waterHeightCm", "55"))
                .uri()
                .toString();
        Matcher id = Pattern.compile("/tanks/(\\d+)/").matcher(made);
        if (!id.find()) {
            throw new IllegalStateException("no tank was made: " + made);
        }
        return Long.parseLong(id.group(1));
    }

    void tested(int daysAgo) {
        visitor.post(
                "/tanks/" + tank + "/log/water",
                Map.of("on", Pelluna.today().minusDays(daysAgo).toString(), "nitrate", "5"));
    }

    PushedDevice takesNotifications() throws Exception {
        PushedDevice device = new PushedDevice();
        visitor.post("/account/reminders/devices", device.form());
        return device;
    }

    void mailsAt(String hour) {
        visitor.post("/account/reminders/mail", Map.of("on", "true", "at", hour));
    }

    void quiet(String from, String to) {
        visitor.post("/account/reminders/quiet", Map.of("from", from, "to", to));
    }

    /** The next turn of this keeper is now. */
    void round() {
        sql("update reminder set look_at = '2000-01-01' where keeper_id = (select id from keeper where email = ?)");
        Pelluna.bean(Rounds.class).go();
    }

    /** The last mail was a day before it was. */
    void aDayLater() {
        sql("update reminder set mailed_on = mailed_on - 1 where keeper_id = (select id from keeper where email = ?)");
    }

    private void sql(String change) {
        TestCluster.jdbc().sql(change).param(address).update();
    }

    String lastLetter(String column) {
        return TestCluster.jdbc()
                .sql("select " + column + " from mail where address = ? order by id desc limit 1")
                .param(address)
                .query(String.class)
                .single();
    }
}
