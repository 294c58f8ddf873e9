package pelluna.app.nodes;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Pelluna as its launcher keeps it running, on data of its own; killed from outside. */
final class Launched implements AutoCloseable {
    private static final Path ROOT = Files.exists(Path.of("frontend")) ? Path.of(".") : Path.of("..");

    private final Path home;
    private final int port;
    private Process launcher;

    Launched(Path home) throws IOException {
        this.home = home;
        // the database's own user has to get in
        Files.setPosixFilePermissions(home, PosixFilePermissions.fromString("rwx--x--x"));
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        keepOn();
    }

    URI site() {
        return URI.create("http://127.0.0.1:" + port);
    }

    /** Starts the launcher where it has given up, as a machine's own service manager does. */
    void keepOn() throws IOException {
        if (launcher != null && launcher.isAlive()) {
            return;
        }
        ProcessBuilder builder = new ProcessBuilder(
                        "bash", ROOT.resolve("pelluna").toString(), "demo", "--port", Integer.toString(port))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        home.resolve("said.log").toFile()));
        builder.environment().put("PELLUNA_HOME", home.resolve("data").toString());
        builder.environment()
                .put(
                        "PELLUNA_CLASSPATH",
                        Stream.of(System.getProperty("java.class.path").split(":"))
                                .filter(part -> !part.contains("driver-bundle"))
                                .collect(Collectors.joining(":")));
        launcher = builder.start();
    }

    void killsThePrograms() throws IOException, InterruptedException {
        kill(home.resolve("data/server.pid"));
    }

    void killsTheDatabases() throws IOException, InterruptedException {
        kill(home.resolve("data/db/postmaster.pid"));
    }

    /** As the system does it when there is no memory left. */
    private static void kill(Path number) throws IOException, InterruptedException {
        if (Files.exists(number)) {
            String process = Files.readAllLines(number).get(0).strip();
            new ProcessBuilder("kill", "-KILL", process).start().waitFor();
        }
    }

    String said() throws IOException {
        return Files.readString(home.resolve("said.log"));
    }

    @Override
    public void close() throws InterruptedException {
        launcher.destroy();
        launcher.waitFor();
    }
}
