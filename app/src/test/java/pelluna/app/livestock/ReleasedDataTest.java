package pelluna.app.livestock;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.testing.SpareDatabase;
import pelluna.core.livestock.LifeCourse;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.units.Named;

/**
 * What the demo of each released schema had written, and a tank of the last one in which much has happened: told from
 * wishes, residents and fish, and again from their lives.
 */
class ReleasedDataTest {
    @ParameterizedTest
    @ValueSource(strings = {"v1", "v2", "v3", "v4", "v5", "v6", "v7", "v9-lived"})
    void nothingIsLost(String release) throws SQLException, IOException {
        try (SpareDatabase data = SpareDatabase.of(release)) {
            Map<String, List<String>> before = toldBefore(data);
            assertThat(toldAfter(data)).isEqualTo(before);
            assertThat(before.get("residents")).hasSizeGreaterThan(3);
            assertThat(before.get("wishes")).hasSizeGreaterThan(10);
            everyLifeStandsWhereItsEventsLead(data);
        }
    }

    /** What it says of its fish when it is brought as far as the last schema that told of wishes and fish apart. */
    static Map<String, List<String>> toldBefore(SpareDatabase data) throws SQLException, IOException {
        data.to("9");
        data.run("create table if not exists before_livestock as select coalesce(max(id), 0) as fish from fish");
        return told(data, "before");
    }

    /** What it says of the same when it is brought to this release, from wherever it is. */
    static Map<String, List<String>> toldAfter(SpareDatabase data) throws SQLException, IOException {
        if (data.asked("select to_regclass('before_livestock')") == null) {
            toldBefore(data);
        }
        data.toNow();
        return told(data, "after");
    }

    /** A calendar's link was kept as it was; now its hash is, and it opens the same. Lines have an author now. */
    @Test
    void whatWasOpenedGoesOnAndWhatWasWrittenHasItsAuthor() throws SQLException, IOException {
        try (SpareDatabase data = SpareDatabase.of("v7")) {
            data.run("update tank set calendar_token = 'read-me-' || id where sandbox_of is null");
            String tanks = data.asked("select count(*) from tank where sandbox_of is null");
            String lines = data.asked("select count(*) from log_entry");
            data.toNow();
            assertThat(data.asked("select count(*) from share_link where what = 'calendar' and expires_at is null "
                            + "and secret = sha256(('read-me-' || tank_id)::bytea)"))
                    .isEqualTo(tanks)
                    .isNotEqualTo("0");
            assertThat(data.asked("select count(*) from log_entry e join tank t on t.id = e.tank_id "
                            + "where e.author_id = t.keeper_id"))
                    .isEqualTo(lines)
                    .isNotEqualTo("0");
        }
    }

    /** Answers by the name of their question. */
    private static Map<String, List<String>> told(SpareDatabase data, String file) throws SQLException, IOException {
        Map<String, List<String>> told = new TreeMap<>();
        try (InputStream in = ReleasedDataTest.class.getResourceAsStream("/released/" + file + ".sql")) {
            String questions = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            for (String question : questions.split("(?m)^-- ")) {
                if (!question.isBlank()) {
                    String[] named = question.split("\n", 2);
                    told.put(named[0].split(":")[0], data.all(named[1]));
                }
            }
        }
        return told;
    }

    private static void everyLifeStandsWhereItsEventsLead(SpareDatabase data) throws SQLException {
        List<String> lives = data.all("select stage || ':' || string_agg(event, ',' order by e.id) from livestock l "
                + "join livestock_event e on e.livestock_id = l.id group by l.id");
        assertThat(lives).hasSize(Integer.parseInt(data.asked("select count(*) from livestock")));
        for (String life : lives) {
            String[] parts = life.split(":");
            List<LifeEvent> events = Arrays.stream(parts[1].split(","))
                    .map(e -> Named.find(LifeEvent.class, e).orElseThrow())
                    .toList();
            assertThat(LifeCourse.of(events).word()).as(life).isEqualTo(parts[0]);
        }
    }
}
