package pelluna.app.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.CountedQueries;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;

/** Sums of a long log are asked for once, until somebody writes to the tank, whoever it is. */
class UntilWrittenTest {
    /** Days with a hard fight, as losses and hindsight ask for them. */
    private static final String HARD_DAYS = "having max(gravity)";

    private static final String SILENT = """
            select table_name || ' ' || what from information_schema.columns c
            join information_schema.tables using (table_schema, table_name)
            cross join (values ('INSERT'), ('UPDATE'), ('DELETE')) events (what)
            where c.table_schema = 'public' and column_name = 'tank_id'
              and table_type = 'BASE TABLE' and table_name <> 'tank_change' and not exists (
                select from information_schema.triggers t where t.event_object_table = c.table_name
                  and t.event_manipulation = what and t.action_statement like '%rows_changed%')""";

    private static List<String> sums(LogTank tank) {
        return CountedQueries.during(() -> tank.page("/losses")).stream()
                .filter(q -> q.contains(HARD_DAYS))
                .toList();
    }

    @Test
    void aPageThatComesAgainAsksForNoSumAnew() {
        LogTank tank = new LogTank("Asked once");
        tank.watched(Duration.ofHours(3), 20, 2);
        assertThat(sums(tank)).hasSize(1);
        assertThat(sums(tank)).isEmpty();
        tank.act("chased", tank.boss(), tank.wrasse(), Pelluna.now(), "once-more");
        assertThat(sums(tank)).hasSize(1);
        assertThat(sums(tank)).isEmpty();
    }

    @Test
    void aPlanThatNobodyWroteToIsNotReadAnew() {
        LogTank tank = new LogTank("Read until written");
        tank.act("chased", tank.boss(), tank.wrasse(), Pelluna.now(), "first");
        assertThat(fishRead(tank)).isNotEmpty();
        assertThat(fishRead(tank)).isEmpty();
        tank.post("/wish-list", Map.of("species", "Ecsenius midas"));
        assertThat(tank.page("/wish-list")).contains("Ecsenius midas");
        assertThat(fishRead(tank)).as("read by the page before").isEmpty();
    }

    private static List<String> fishRead(LogTank tank) {
        return CountedQueries.during(() -> tank.page("/tank")).stream()
                .filter(q -> q.contains(" from livestock "))
                .toList();
    }

    @Test
    void whatIsWrittenPastTheProgramIsSeenToo() {
        LogTank tank = new LogTank("Written by hand");
        tank.watched(Duration.ofHours(3), 20, 2);
        sums(tank);
        int rows = TestCluster.jdbc()
                .sql("update log_entry set gravity = 3 where tank_id = ? and other_id is not null")
                .param(tank.id)
                .update();
        assertThat(rows).isPositive();
        assertThat(sums(tank)).hasSize(1);
        LogTank other = new LogTank("Another");
        assertThat(other.post("/log/typed", Map.of("text", "dottyback eats")).statusCode())
                .isIn(200, 303);
        assertThat(sums(tank)).as("another tank's changes are no matter").isEmpty();
    }

    @Test
    void everyTableWithRowsOfATankSaysThatItChanged() {
        List<String> silent = TestCluster.jdbc().sql(SILENT).query(String.class).list();
        assertThat(silent).isEmpty();
    }
}
