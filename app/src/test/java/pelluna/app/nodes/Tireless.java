package pelluna.app.nodes;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/** Programs that write without a rest, and send again what was not answered, by the same key, until it is. */
final class Tireless implements AutoCloseable {
    private static final int AT_ONCE = 4;
    private static final int SAVED = 200;
    private static final int NOT_NOW = 503;
    private static final String SAYS_SO = "503, it says so";
    private static final String NONE = "no answer";
    /** While something is down. */
    static final List<String> EXPECTED = List.of(NONE, SAYS_SO);

    private final URI site;
    private final String token;
    private final HttpClient client = HttpClient.newHttpClient();
    private final ExecutorService hands = Executors.newFixedThreadPool(AT_ONCE);
    private final Set<String> answered = ConcurrentHashMap.newKeySet();
    private final Map<String, AtomicInteger> otherwise = new ConcurrentHashMap<>();
    private volatile boolean stopping;

    Tireless(URI site, String token) {
        this.site = site;
        this.token = token;
        for (int i = 0; i < AT_ONCE; i++) {
            hands.submit(this::write);
        }
    }

    /** A page of a list. */
    static String reads(URI from, String token) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(from)
                .header("Authorization", "Bearer " + token)
                .build();
        return HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.ofString())
                .body();
    }

    /** What was answered to be saved. */
    Set<String> answered() {
        return answered;
    }

    /** How often it was answered otherwise, or not at all. */
    Map<String, Integer> otherwise() {
        Map<String, Integer> counts = new TreeMap<>();
        otherwise.forEach((what, n) -> counts.put(what, n.get()));
        return counts;
    }

    private void write() {
        while (!stopping) {
            String note = UUID.randomUUID().toString();
            while (!saved(note)) {
                rest();
            }
            answered.add(note);
        }
    }

    private boolean saved(String note) {
        HttpRequest request = HttpRequest.newBuilder(site.resolve("/api/v1/tanks/1/log/feed"))
                .timeout(Duration.ofSeconds(20))
                .header("Authorization", "Bearer " + token)
                .header("Content-Type", "application/json")
                .header("Idempotency-Key", note)
                .POST(HttpRequest.BodyPublishers.ofString("{\"note\": \"" + note + "\"}"))
                .build();
        try {
            HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != SAVED) {
                count(answer.statusCode() == NOT_NOW ? SAYS_SO : answer.statusCode() + " " + answer.body());
            }
            return answer.statusCode() == SAVED && answer.body().contains("\"saved\":true");
        } catch (IOException gone) {
            count(NONE);
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private void count(String what) {
        if (!EXPECTED.contains(what)) {
            System.out.println(LocalTime.now() + " " + what);
        }
        otherwise.computeIfAbsent(what, w -> new AtomicInteger()).incrementAndGet();
    }

    private static void rest() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Once what is being written is answered. */
    @Override
    public void close() {
        stopping = true;
        hands.shutdown();
        try {
            if (!hands.awaitTermination(5, TimeUnit.MINUTES)) {
                throw new IllegalStateException("a write was never answered");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
