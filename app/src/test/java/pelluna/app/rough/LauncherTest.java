package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** The launcher itself: what is killed is started again with nothing lost, and a backup brings everything back. */
@Timeout(600)
class LauncherTest {
    private static final Path ROOT = Files.exists(Path.of("frontend"))
            ? Path.of("").toAbsolutePath()
            : Path.of("..").toAbsolutePath().normalize();
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    private static final Pattern CODE = Pattern.compile("with this code: (\\w+)");
    /** The browser of who runs the server. */
    private static final HttpClient CLIENT =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();

    private static final Duration PATIENCE = Duration.ofMinutes(6);
    private Path home;
    /** An address of this machine that stands for one of a house. */
    private static final String PHONES = "127.0.0.2";

    private Process running;
    private int port;
    private int phones;

    @BeforeEach
    void aHome() throws IOException {
        home = Files.createTempDirectory("pelluna-home");
        Files.setPosixFilePermissions(home, PosixFilePermissions.fromString("rwx--x--x"));
        try (ServerSocket free = new ServerSocket(0);
                ServerSocket other = new ServerSocket(0)) {
            port = free.getLocalPort();
            phones = other.getLocalPort();
        }
    }

    @AfterEach
    void tidy() throws IOException, InterruptedException {
        end();
        try (Stream<Path> all = Files.walk(home)) {
            for (Path p : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(p);
            }
        }
    }

    private ProcessBuilder pelluna(String... args) {
        List<String> command =
                new ArrayList<>(List.of("bash", ROOT.resolve("pelluna").toString()));
        command.addAll(List.of(args));
        ProcessBuilder p = new ProcessBuilder(command).redirectErrorStream(true);
        p.environment().put("PELLUNA_HOME", home.toString());
        p.environment()
                .put(
                        "PELLUNA_CLASSPATH",
                        // without the browser's driver, which is larger than all the rest
                        Stream.of(System.getProperty("java.class.path").split(":"))
                                .filter(part -> !part.contains("driver-bundle"))
                                .collect(Collectors.joining(":")));
        return p;
    }

    /** What a command printed, and its exit code in the last line. */
    private String run(String... args) throws IOException, InterruptedException {
        Process p = pelluna(args).start();
        String said = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return said + "exit " + p.waitFor();
    }

    private void serve() throws IOException {
        running = pelluna(
                        "serve",
                        "--port",
                        Integer.toString(port),
                        "--lan",
                        PHONES,
                        "--lan-port",
                        Integer.toString(phones))
                .redirectOutput(home.resolve("said.txt").toFile())
                .start();
        assertThat(answers())
                .as("it starts: " + Files.readString(home.resolve("said.txt")))
                .isTrue();
    }

    private void end() throws InterruptedException {
        if (running != null) {
            running.destroy();
            if (!running.waitFor(1, TimeUnit.MINUTES)) {
                running.destroyForcibly();
            }
            running = null;
        }
    }

    private boolean answers() {
        Instant end = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(end)) {
            try {
                if (send(HttpRequest.newBuilder(at("/forgot")).GET()).statusCode() == 200) {
                    return true;
                }
                Thread.sleep(100);
            } catch (IOException e) {
                // not yet
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return false;
            }
        }
        return false;
    }

    private URI at(String path) {
        return URI.create("http://127.0.0.1:" + port + path);
    }

    private static HttpResponse<String> send(HttpRequest.Builder request) throws IOException {
        try {
            return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    /** By HTTPS at the address that was named, and not by plain HTTP. */
    private void aPhoneThatTrustsTheHouseComesIn() throws IOException, InterruptedException {
        String said = Files.readString(home.resolve("said.txt"));
        String start = "https://" + PHONES + ":" + phones + "/phone";
        assertThat(said).contains(start, "▀").containsPattern("SHA-256\\): ([0-9A-F]{2}:){31}[0-9A-F]{2}");
        HttpResponse<String> page = trusting(home.resolve("lan/authority.crt"))
                .send(HttpRequest.newBuilder(URI.create(start)).build(), HttpResponse.BodyHandlers.ofString());
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body()).contains(said.replaceAll("(?s).*SHA-256\\): (\\S+).*", "$1"));
        assertThat(page.headers().firstValue("Set-Cookie"))
                .hasValueSatisfying(c -> assertThat(c).contains("Secure"));
        assertThatThrownBy(() -> send(HttpRequest.newBuilder(URI.create(start))))
                .as("one that does not trust it")
                .isInstanceOf(SSLException.class);
        assertThat(send(HttpRequest.newBuilder(URI.create(start.replace("https", "http"))))
                        .statusCode())
                .isEqualTo(400);
    }

    private static HttpClient trusting(Path authority) throws IOException {
        try (InputStream in = Files.newInputStream(authority)) {
            KeyStore known = KeyStore.getInstance(KeyStore.getDefaultType());
            known.load(null, null);
            known.setCertificateEntry(
                    "house", CertificateFactory.getInstance("X.509").generateCertificate(in));
            TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
            trust.init(known);
            SSLContext tls = SSLContext.getInstance("TLS");
            tls.init(null, trust.getTrustManagers(), null);
            return HttpClient.newBuilder().sslContext(tls).build();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The first visit: the code that the console shows makes the account of who runs the server. */
    private void owner() throws IOException {
        Instant end = Instant.now().plus(PATIENCE);
        Matcher code = CODE.matcher(Files.readString(home.resolve("said.txt")));
        while (!code.find()) {
            assertThat(Instant.now()).as("the console shows a code").isBefore(end);
            code = CODE.matcher(Files.readString(home.resolve("said.txt")));
        }
        HttpResponse<String> answer = post(
                "/first",
                "/first",
                "code=" + code.group(1) + "&name=Odo&email=odo%40reef.example&password=nine+slow+herons+wade");
        assertThat(answer.statusCode()).isEqualTo(302);
    }

    /** A form of a page, with the token that the page shows. */
    private HttpResponse<String> post(String page, String path, String form) throws IOException {
        Matcher token = TOKEN.matcher(patiently(HttpRequest.newBuilder(at(page))
                        .header("Accept", "text/html")
                        .GET())
                .body());
        assertThat(token.find()).as("the form of " + page).isTrue();
        return patiently(HttpRequest.newBuilder(at(path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(form + "&_csrf=" + token.group(1))));
    }

    private void tank(String name) throws IOException {
        String form = "key=" + name + "&name=" + name + "&lengthCm=100&widthCm=50&waterHeightCm=50";
        assertThat(post("/tanks/new", "/tanks", form).statusCode()).isEqualTo(302);
    }

    /** Asks again while the answer is 'one moment', as a page does. */
    private static HttpResponse<String> patiently(HttpRequest.Builder request) throws IOException {
        Instant end = Instant.now().plus(PATIENCE);
        HttpResponse<String> answer = send(request);
        while (answer.statusCode() == 503 && Instant.now().isBefore(end)) {
            answer = send(request);
        }
        return answer;
    }

    private String tanks() throws IOException {
        return patiently(HttpRequest.newBuilder(at("/tanks/new")).GET()).body();
    }

    private static void kill(long process) throws IOException, InterruptedException {
        new ProcessBuilder("kill", "-KILL", Long.toString(process)).start().waitFor();
    }

    /** A backup as text. */
    private static String inside(Path file) throws IOException {
        try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            Path tool = versions.max(Comparator.naturalOrder()).orElseThrow().resolve("bin/pg_restore");
            Process p = new ProcessBuilder(tool.toString(), "-f", "-", file.toString()).start();
            return new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void whatIsKilledIsStartedAgainAndABackupBringsEverythingBack() throws IOException, InterruptedException {
        serve();
        owner();
        tank("Lagoon");
        aPhoneThatTrustsTheHouseComesIn();
        kill(Long.parseLong(
                Files.readAllLines(home.resolve("db/postmaster.pid")).get(0)));
        assertThat(answers()).as("after the database was killed").isTrue();
        assertThat(tanks()).contains("Lagoon");
        kill(Long.parseLong(Files.readString(home.resolve("server.pid")).strip()));
        assertThat(answers()).as("after the server was killed").isTrue();
        assertThat(tanks()).contains("Lagoon");

        Path file = home.resolve("kept.backup");
        assertThat(run("backup", file.toString())).contains("your own data", "losses, pictures", "exit 0");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
        assertThat(run("backup", file.toString())).contains("is there already", "--force", "exit 1");
        assertThat(run("backup", "--force", file.toString())).contains("exit 0");
        assertThat(run("restore", "--force", file.toString()))
                .contains("Pelluna is running", "nothing was changed", "exit 1");

        tank("Afterwards");
        end();
        assertThat(run("restore", file.toString())).contains("--force", "exit 1");
        Path damaged = home.resolve("damaged.backup");
        byte[] whole = Files.readAllBytes(file);
        Files.write(damaged, java.util.Arrays.copyOf(whole, whole.length / 2));
        assertThat(run("restore", "--force", damaged.toString())).contains("damaged", "othing was changed", "exit 1");
        String restored = run("restore", "--force", file.toString());
        assertThat(restored).contains("Restored", "exit 0");
        serve();
        assertThat(tanks()).contains("Lagoon").doesNotContain("Afterwards");
        end();
        String kept = restored.replaceAll("(?s).*--kept (\\S+).*", "$1");
        assertThat(run("restore", "--force", "--kept", kept)).contains("exit 0");
        assertThat(run("backup", "--force", file.toString())).contains("exit 0");
        assertThat(inside(file)).as("the old state was kept").contains("Lagoon", "Afterwards");
    }

    @Test
    void whatCannotBeIsSaidAndNothingIsWritten() throws IOException, InterruptedException {
        Path file = home.resolve("none.backup");
        assertThat(run("backup", "")).contains("the file has no name", "exit 2");
        assertThat(run("backup")).contains("needs a file", "exit 2");
        assertThat(run("backup", file.toString())).contains("There are no data", "exit 1");
        assertThat(run("backup", home.resolve("nowhere/x").toString())).contains("There is no folder", "exit 1");
        assertThat(run("restore", file.toString())).contains("There is no file", "exit 1");
        assertThat(run("serve", "--port", "99999"))
                .contains("from 1 to 65535", "exit 2")
                .doesNotContain("Exception");
        assertThat(Files.exists(file)).isFalse();
    }

    private static String bash(Path folder, String script) throws IOException, InterruptedException {
        Process p = new ProcessBuilder("bash", "-c", script)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(p.waitFor()).as(said).isZero();
        return said;
    }

    /** What './pelluna package' wrote, unpacked, where Maven would be heard if anybody called it, and no JDK is. */
    private ProcessBuilder unpacked(Path archive, String... args) {
        List<String> command =
                new ArrayList<>(List.of("bash", archive.resolve("pelluna").toString()));
        command.addAll(List.of(args));
        ProcessBuilder p = new ProcessBuilder(command).redirectErrorStream(true);
        p.environment().remove("PELLUNA_CLASSPATH");
        p.environment().put("PELLUNA_HOME", home.toString());
        p.environment().put("PELLUNA_COPY_AFTER", "1");
        p.environment().put("PATH", home.resolve("no") + ":" + System.getenv("PATH"));
        return p;
    }

    @Test
    void anArchiveRunsWithoutMavenAndKeepsACopyADay() throws IOException, InterruptedException {
        Files.createDirectory(home.resolve("no"));
        Files.writeString(home.resolve("no/mvn"), "#!/bin/sh\necho Maven was called\nexit 9\n");
        Files.writeString(home.resolve("no/javac"), "#!/bin/sh\nexit 127\n");
        bash(home, "chmod +x no/*");
        Path file = home.resolve("pelluna.tar.gz");
        assertThat(run("package", file.toString())).contains("SHA-256", "exit 0");
        String first = bash(home, "sha256sum <pelluna.tar.gz");
        assertThat(run("package", file.toString())).contains("exit 0");
        assertThat(bash(home, "sha256sum <pelluna.tar.gz")).as("made twice").isEqualTo(first);
        Path archive = home.resolve(
                bash(home, "tar -xzf pelluna.tar.gz && ls -d pelluna-*/").strip());
        bash(archive, "sha256sum --quiet -c SHA256SUMS");

        running = unpacked(archive, "serve", "--port", Integer.toString(port))
                .redirectOutput(home.resolve("said.txt").toFile())
                .start();
        assertThat(answers()).as(Files.readString(home.resolve("said.txt"))).isTrue();
        Path copies = home.resolve("copies");
        String copy = bash(home, "for i in $(seq 900); do ls copies/*.backup 2>/dev/null && exit; sleep 0.2; done");
        assertThat(inside(home.resolve(copy.strip()))).contains("flyway_schema_history");
        end();
        assertThat(Files.readString(home.resolve("said.txt"))).doesNotContain("Maven was called");
        assertThat(home.resolve("classes.jsa")).as("what the next start shares").isNotEmptyFile();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(copies)))
                .isEqualTo("rwx------");
    }

    @Test
    void whatJavaThereIsIsReadFromWhatItSays() throws IOException, InterruptedException {
        String script = ". " + ROOT.resolve("scripts/machine.sh") + "; packed() { true; };"
                + " for v in 'openjdk version \"17.0.19\" 2026-04-21' 'java version \"1.8.0_402\"'"
                + " 'openjdk 25 2025-09-16' ''; do"
                + " java() { echo \"$v\"; }; java_version; done; java() { return 127; }; java_version";
        assertThat(bash(home, script).lines()).containsExactly("17", "1", "25", "0", "0");
    }

    @Test
    void aServiceIsGivenUpAfterFiveStartsInTenMinutes() throws IOException {
        String[] parts =
                Files.readString(ROOT.resolve("scripts/pelluna.service")).split("\\[Service]");
        assertThat(parts[0]).as("[Unit]").contains("StartLimitIntervalSec=600", "StartLimitBurst=5");
        assertThat(parts[1]).as("systemd passes over them here").doesNotContain("StartLimit");
    }

    @Test
    void copiesAreKeptForAWeekAndOneOfEachOfFourWeeks() throws IOException, InterruptedException {
        Files.createDirectory(home.resolve("copies"));
        bash(
                home,
                "touch copies/mine; for d in $(seq 0 99); do"
                        + " touch copies/$(date -d \"2026-11-28 -$d days\" +%F).backup; done");
        bash(home, ". " + ROOT.resolve("scripts/copies.sh") + "; rotate_copies copies");
        assertThat(bash(home, "ls copies").lines())
                .containsExactly(
                        "2026-11-01.backup",
                        "2026-11-08.backup",
                        "2026-11-15.backup",
                        "2026-11-21.backup",
                        "2026-11-22.backup",
                        "2026-11-23.backup",
                        "2026-11-24.backup",
                        "2026-11-25.backup",
                        "2026-11-26.backup",
                        "2026-11-27.backup",
                        "2026-11-28.backup",
                        "mine");
    }
}
