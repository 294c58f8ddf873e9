package pelluna.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Visitor;

/** Days and hours are those of whoever reads, wherever the server stands; and tanks that are put away. */
class TimeZoneTest {
    /** From one of them to the other a whole day passes: wherever the server stands, one has another date. */
    private static final List<String> FAR = List.of("Pacific/Kiritimati", "Pacific/Pago_Pago");

    private static Visitor kai;
    private static String tank;

    @BeforeAll
    static void aKeeper() {
        kai = Visitor.signedUp("Kai", UUID.randomUUID() + "@reef.example");
        tank = kai.post("/tanks", Map.of("name", "Far out", "lengthCm", "90", "widthCm", "50", "waterHeightCm", "45"))
                .uri()
                .getPath()
                .replaceFirst("/tank$", "");
    }

    private static LocalDate in(String zone) {
        return Pelluna.now().atZone(ZoneId.of(zone)).toLocalDate();
    }

    @Test
    void todayIsTheDayOfWhoReads() {
        assertThat(in(FAR.get(0))).isNotEqualTo(in(FAR.get(1)));
        for (String zone : FAR) {
            kai.post("/account/zone", Map.of("zone", zone));
            String feed = kai.get(tank + "/log/water").body();
            assertThat(feed).as(zone).contains("value=\"" + in(zone) + "\"");
        }
        assertThat(kai.post("/account/zone", Map.of("zone", "Atlantis/Main")).body())
                .containsPattern(said("app.signin.NoSuchZone"));
        kai.post("/account/zone", Map.of("zone", ""));
        assertThat(kai.get(tank + "/log/water").body()).contains("value=\"" + Pelluna.today() + "\"");
    }

    @Test
    void aTankThatIsPutAwayIsReadAndNotChangedUntilItIsBack() {
        kai.post(tank + "/archive", Map.of("what", "away"));
        assertThat(kai.get("/tanks").body()).contains("Far out").containsPattern(said("page.tanks.archived"));
        assertThat(kai.get(tank + "/tank").body()).containsPattern(said("page.tank.bringBack"));
        assertThat(kai.post(tank + "/wish-list", Map.of("species", "Gramma loreto"))
                        .body())
                .containsPattern(said("app.account.PutAway"));
        kai.post(tank + "/archive", Map.of("what", "back"));
        kai.post(tank + "/wish-list", Map.of("species", "Gramma loreto"));
        assertThat(kai.get(tank + "/wish-list").body()).contains("Gramma loreto");
    }
}
