package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** What ends by itself is started again, but not for ever. */
class KeepRunningTest {
    private static final Path ROOT = Files.exists(Path.of("frontend"))
            ? Path.of("").toAbsolutePath()
            : Path.of("..").toAbsolutePath().normalize();

    /** The launcher's loop with a server that ends at once in a way of its own. */
    private static String said(String ends) throws IOException, InterruptedException {
        Path home = Files.createTempDirectory("pelluna-loop");
        String script = "here=" + ROOT + "; home=" + home + "; . $here/scripts/machine.sh; . $here/scripts/watch.sh;"
                + " run_server() { (" + ends
                + ") & server=$!; }; sleep() { :; }; set -eu; keep_running own own 8080; echo ended";
        Process p = new ProcessBuilder("bash", "-c", script)
                .redirectErrorStream(true)
                .start();
        String said = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        p.waitFor();
        Files.deleteIfExists(home);
        return said;
    }

    @Test
    void aServerThatEndsAgainAndAgainIsGivenUpWithTheReasonWhy() throws IOException, InterruptedException {
        assertThat(said("exit 3"))
                .contains("starting it again, for the 1. time of 5", "for the 5. time of 5", "it is not started again")
                .doesNotContain("ended\n", "6. time");
    }

    @Test
    void aServerThatWasAskedToEndIsNotStartedAgain() throws IOException, InterruptedException {
        assertThat(said("exit 143")).isEqualTo("ended\n");
        assertThat(said("exit 0")).isEqualTo("ended\n");
    }
}
