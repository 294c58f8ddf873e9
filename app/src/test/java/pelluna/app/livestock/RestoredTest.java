package pelluna.app.livestock;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.testing.SpareDatabase;
import pelluna.app.testing.TestCluster;

/** A backup of each released schema is restored by the launcher, and brought over with nothing lost. */
class RestoredTest {
    private static final Path ROOT = Files.exists(Path.of("frontend")) ? Path.of(".") : Path.of("..");

    @TempDir
    private Path folder;

    @ParameterizedTest
    @ValueSource(strings = {"v1", "v2", "v3", "v4", "v5", "v6", "v7", "v9-lived"})
    void aBackupOfEachReleaseComesBackWhole(String release) throws SQLException, IOException, InterruptedException {
        Path backup = folder.resolve("kept.backup");
        try (SpareDatabase then = SpareDatabase.of(release)) {
            dump(then, backup);
            Map<String, List<String>> before = ReleasedDataTest.toldBefore(then);
            String said = restored(backup);
            try (SpareDatabase now = SpareDatabase.named("pelluna")) {
                assertThat(said).contains("Restored", "exit 0");
                assertThat(ReleasedDataTest.toldAfter(now)).isEqualTo(before);
                assertThat(before.get("residents")).hasSizeGreaterThan(3);
            }
        }
    }

    private static String restored(Path backup) throws IOException, InterruptedException {
        ProcessBuilder p = new ProcessBuilder(
                        "bash", ROOT.resolve("pelluna").toString(), "restore", "--force", backup.toString())
                .redirectErrorStream(true);
        p.environment().put("PELLUNA_HOME", TestCluster.home().toString());
        return finished(p.start());
    }

    private static void dump(SpareDatabase database, Path to) throws IOException, InterruptedException {
        try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            Path tool = versions.max(Comparator.naturalOrder()).orElseThrow().resolve("bin/pg_dump");
            ProcessBuilder p = new ProcessBuilder(
                            tool.toString(),
                            "-h",
                            "127.0.0.1",
                            "-p",
                            Integer.toString(TestCluster.port()),
                            "-U",
                            "pelluna",
                            "-Fc",
                            "-f",
                            to.toString(),
                            database.name())
                    .redirectErrorStream(true);
            p.environment().put("PGPASSWORD", TestCluster.password());
            assertThat(finished(p.start())).endsWith("exit 0");
        }
    }

    private static String finished(Process p) throws IOException, InterruptedException {
        return new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8) + "exit " + p.waitFor();
    }
}
