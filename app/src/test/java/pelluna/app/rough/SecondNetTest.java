package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;

/** Past every check of the program: the database itself shows and takes nothing of another keeper's. */
class SecondNetTest {
    /** What belongs to no tank, or is asked before anybody knows who asks. */
    private static final Set<String> WITHOUT = Set.of(
            "account_link",
            "flyway_schema_history",
            "keeper",
            "mail",
            "push_mailbox",
            "push_message",
            "sent_write",
            "shedlock",
            "sheet_way",
            "spring_session",
            "spring_session_attributes",
            "user_credentials",
            "wrong_guess");

    private static World theirs;
    private static long neighbour;

    @BeforeAll
    static void aNeighboursTank() {
        theirs = new World("Theirs");
        theirs.everything();
        neighbour = TestCluster.jdbc()
                .sql("insert into keeper (name, email) values ('next door', 'nextdoor@reef.example') returning id")
                .query(Long.class)
                .single();
        moveTo(neighbour);
    }

    @AfterAll
    static void alone() {
        World.asNew();
        TestCluster.jdbc()
                .sql("delete from keeper where id = ?")
                .param(neighbour)
                .update();
    }

    private static void moveTo(long keeper) {
        TestCluster.jdbc()
                .sql("update tank set keeper_id = ? where id = ? or sandbox_of = ?")
                .params(keeper, theirs.tank.id, theirs.tank.id)
                .update();
    }

    /** As the program asks for a keeper, without any of its checks. */
    private static JdbcClient asInes() {
        return Pelluna.bean(JdbcClient.class);
    }

    private static List<String> tables(String which) {
        return TestCluster.jdbc()
                .sql("select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace "
                        + "where n.nspname = 'public' and c.relkind = 'r' and " + which + " order by 1")
                .query(String.class)
                .list();
    }

    @Test
    void everyTableButAFewHasTheNet() {
        assertThat(tables("not c.relrowsecurity")).containsExactlyInAnyOrderElementsOf(WITHOUT);
        assertThat(tables("c.relrowsecurity")).hasSizeGreaterThan(25);
    }

    private static List<String> ofATank() {
        return TestCluster.jdbc()
                .sql("select table_name from information_schema.columns where table_schema = 'public' "
                        + "and column_name = 'tank_id' order by 1")
                .query(String.class)
                .list();
    }

    @Test
    void noRowOfTheNeighboursIsSeenChangedOrDeleted() {
        Map<String, String> leaks = new TreeMap<>();
        int full = 0;
        for (String table : ofATank()) {
            String where = " where tank_id = " + theirs.tank.id;
            int there = count(TestCluster.jdbc(), table + where);
            full += there > 0 ? 1 : 0;
            int seen = count(asInes(), table + where);
            int changed = asInes().sql("update " + table + " set version = version" + where)
                    .update();
            int gone = asInes().sql("delete from " + table + where).update();
            if (seen + changed + gone > 0 || count(TestCluster.jdbc(), table + where) != there) {
                leaks.put(table, seen + " seen, " + changed + " changed, " + gone + " deleted");
            }
        }
        assertThat(leaks).isEmpty();
        assertThat(full).as("tables in which there was something to see").isGreaterThan(14);
    }

    private static int count(JdbcClient as, String from) {
        return as.sql("select count(*) from " + from).query(Integer.class).single();
    }

    @Test
    void partsOfTheNeighboursRowsAreNotSeenEither() {
        for (String part : List.of(
                "livestock_event",
                "livestock_length",
                "quarantine_check",
                "release_look",
                "crew_count",
                "kept_statement")) {
            int all = count(TestCluster.jdbc(), part);
            int own = count(asInes(), part);
            assertThat(own).as(part).isLessThan(all);
        }
    }

    @Test
    void nothingIsPutIntoTheNeighboursTank() {
        assertThatThrownBy(
                        () -> asInes().sql("insert into crew (tank_id, kind, name) values (?, 'snails', 'Slipped in')")
                                .param(theirs.tank.id)
                                .update())
                .isInstanceOf(DataAccessException.class)
                .hasStackTraceContaining("row-level security");
        assertThatThrownBy(() -> asInes().sql("update tank set keeper_id = ? where name = 'Lantern Ledge'")
                        .param(neighbour)
                        .update())
                .as("one's own tank cannot be put into another's hands either")
                .isInstanceOf(DataAccessException.class);
        assertThat(asInes().sql("update tank set name = 'Taken' where id = ?")
                        .param(theirs.tank.id)
                        .update())
                .isZero();
    }

    @Test
    void aMemberSeesTheTankAndAViewerWritesNothing() {
        long ines = Pelluna.keeper();
        member(ines, "viewer");
        assertThat(count(asInes(), "livestock where tank_id = " + theirs.tank.id))
                .isPositive();
        assertThat(asInes().sql("update livestock set version = version where tank_id = ?")
                        .param(theirs.tank.id)
                        .update())
                .isZero();
        member(ines, "helper");
        assertThat(asInes().sql("update watch set version = version where tank_id = ?")
                        .param(theirs.tank.id)
                        .update())
                .isPositive();
        assertThat(asInes().sql("update tank set version = version where id = ?")
                        .param(theirs.tank.id)
                        .update())
                .as("the tank itself is not a helper's to change")
                .isZero();
        member(ines, "adviser");
        assertThat(asInes().sql("update tank set version = version where id = ?")
                        .param(theirs.tank.id)
                        .update())
                .isEqualTo(1);
        TestCluster.jdbc().sql("delete from tank_member").update();
        assertThat(count(asInes(), "livestock where tank_id = " + theirs.tank.id))
                .isZero();
    }

    private static void member(long keeper, String role) {
        TestCluster.jdbc()
                .sql("insert into tank_member (tank_id, keeper_id, role) values (?, ?, ?) "
                        + "on conflict (tank_id, keeper_id) do update set role = excluded.role")
                .params(theirs.tank.id, keeper, role)
                .update();
    }

    @Test
    void theProgramAsksInARoleThatOwnsNothing() {
        assertThat(asInes().sql("select current_user").query(String.class).single())
                .isEqualTo("pelluna_asks");
        assertThatThrownBy(() -> asInes().sql("select * from flyway_schema_history")
                        .query()
                        .listOfRows())
                .isInstanceOf(DataAccessException.class);
        assertThatThrownBy(() -> asInes().sql("alter table crew disable row level security")
                        .update())
                .isInstanceOf(DataAccessException.class);
    }
}
