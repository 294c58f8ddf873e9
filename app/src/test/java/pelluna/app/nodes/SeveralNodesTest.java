package pelluna.app.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import pelluna.app.testing.TestCluster;

/** Two nodes behind nginx on one PostgreSQL: one is killed, one is upgraded, and no keeper notices. */
@Timeout(900)
class SeveralNodesTest {
    private static final int LINES = 12;
    private static String database;

    @TempDir
    private static Path folder;

    @BeforeAll
    static void aDatabase() {
        String name = "pelluna_nodes_" + UUID.randomUUID().toString().substring(0, 8);
        TestCluster.jdbc().sql("create database " + name).update();
        database = TestCluster.url().replaceFirst("/[^/]*$", "/" + name);
    }

    @AfterAll
    static void tidy() {
        TestCluster.jdbc()
                .sql("drop database " + database.substring(database.lastIndexOf('/') + 1) + " with (force)")
                .update();
    }

    private static JdbcClient rows() {
        return JdbcClient.create(new DriverManagerDataSource(database, "pelluna", TestCluster.password()));
    }

    @Test
    void oneEndsAndOneIsUpgradedAndNoKeeperNotices() throws Exception {
        List<Integer> ports = Proxy.free(5);
        try (Node first = node("first", ports.get(0), ports.get(1), Map.of())) {
            first.ready();
            try (Node second = node("second", ports.get(2), ports.get(3), Map.of());
                    Proxy proxy = new Proxy(folder, ports.get(4), List.of(ports.get(0), ports.get(2)))) {
                second.ready();
                proxy.ready();
                Keeper keeper = new Keeper(URI.create("http://127.0.0.1:" + ports.get(4)));
                keeper.signsIn();
                List<String> written = new ArrayList<>();
                writes(keeper, written);
                bothSeeWhatOneHasWritten(keeper, ports);
                first.kill();
                writes(keeper, written);
                upgraded(keeper, written, ports);
                assertThat(rows().sql("select note from log_entry where note like 'node %' order by id")
                                .query(String.class)
                                .list())
                        .as("nothing that was answered is lost, nothing is there twice")
                        .containsExactlyElementsOf(written);
            }
        }
    }

    private static Node node(String name, int port, int watched, Map<String, String> settings) throws IOException {
        return new Node(port, watched, database, folder.resolve(name + ".txt"), settings);
    }

    private static void writes(Keeper keeper, List<String> written) throws Exception {
        for (int i = 0; i < LINES; i++) {
            String note = "node " + written.size();
            keeper.notes(note);
            written.add(note);
            assertThat(keeper.reads("/tanks/1/log")).contains(note);
        }
    }

    /** What is written by one node stands at once in the page of the other, whatever that one has at hand. */
    private static void bothSeeWhatOneHasWritten(Keeper keeper, List<Integer> ports) throws Exception {
        List<Keeper> each = List.of(keeper.at(ports.get(0)), keeper.at(ports.get(2)));
        for (Keeper one : each) {
            String name = "Tank of " + one.port();
            one.renames(name);
            for (Keeper other : each) {
                assertThat(other.reads("/tanks/1/tank")).contains(name);
            }
        }
    }

    /** A node with the next schema comes up in place of the one that ended, while the old one serves. */
    private static void upgraded(Keeper keeper, List<String> written, List<Integer> ports) throws Exception {
        Path next = Files.createDirectory(folder.resolve("next"));
        Files.writeString(next.resolve("V999__next.sql"), "create table of_the_next (id bigint primary key);");
        try (Node upgraded = node(
                "upgraded",
                ports.get(0),
                ports.get(1),
                Map.of("SPRING_FLYWAY_LOCATIONS", "classpath:db/migration,filesystem:" + next))) {
            writes(keeper, written);
            upgraded.ready();
            assertThat(rows().sql("select count(*) from of_the_next")
                            .query(Integer.class)
                            .single())
                    .isZero();
            writes(keeper, written);
            assertThat(keeper.at(ports.get(0)).reads("/tanks/1/today")).contains("Tank of");
            assertThat(keeper.at(ports.get(2)).reads("/tanks/1/today")).contains("Tank of");
        }
    }
}
