package pelluna.app.rough;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pelluna.app.testing.TestCluster;

/** How many rows every table has, for what a write did and what it must not have done. */
final class Rows {
    private Rows() {}

    private static List<String> tables() {
        return TestCluster.jdbc()
                .sql("select table_name from information_schema.tables where table_schema = 'public' and "
                        + "table_type = 'BASE TABLE'"
                        + " and table_name not in ('sent_write', 'flyway_schema_history', 'probe_reading', "
                        // made beside requests from what they write
                        + "'pooled_pair', 'pooled_life', "
                        + "'spring_session', 'spring_session_attributes') "
                        + "order by 1")
                .query(String.class)
                .list();
    }

    static Map<String, Long> counted() {
        String sql = tables().stream()
                .map(t -> "select '" + t + "' as name, count(*) as rows from " + t)
                .collect(Collectors.joining(" union all "));
        Map<String, Long> all = new LinkedHashMap<>();
        TestCluster.jdbc()
                .sql(sql)
                .query((row, i) -> all.put(row.getString("name"), row.getLong("rows")))
                .list();
        return all;
    }

    /** What has become more or fewer, by table. */
    static Map<String, Long> since(Map<String, Long> before) {
        Map<String, Long> now = counted();
        Map<String, Long> change = new LinkedHashMap<>();
        now.forEach((table, rows) -> {
            long more = rows - before.getOrDefault(table, 0L);
            if (more != 0) {
                change.put(table, more);
            }
        });
        return change;
    }
}
