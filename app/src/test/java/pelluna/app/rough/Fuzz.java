package pelluna.app.rough;

import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.sessions.JqwikSession;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import pelluna.app.testing.Pelluna;

/**
 * Requests for every address, made from its parameters: good ones with something wrong in them. Seeded: the same seed
 * asks the same.
 */
final class Fuzz {
    /** Pages of a tank that are opened to see that nothing broke them. */
    private static final List<String> PAGES = List.of(
            "/today",
            "/tank",
            "/wish-list",
            "/reefscape",
            "/reefscape/pairs",
            "/arrivals",
            "/arrivals/quarantine",
            "/arrivals/leaving",
            "/arrivals/list",
            "/arrivals/upkeep",
            "/arrivals/restock",
            "/log",
            "/log/head-count",
            "/log/water",
            "/log/sheets",
            "/log/pecking-order",
            "/log/health",
            "/log/fish",
            "/log/introducing",
            "/losses",
            "/losses/new",
            "/losses/crew",
            "/losses/predicted",
            "/losses/incidents",
            "/species",
            "/my-facts",
            "/import-export",
            "/plan.json",
            "/assessment.json",
            "/calendar.ics",
            "/reefscape/picture.svg",
            "/log/sheets/sightings.csv",
            "/log/sheets/tests.csv",
            "/log/sheets/fish.csv",
            "/log/sheets/losses.csv",
            "/log/sheets/measures.csv",
            "/log/sheets/crew.csv",
            "/log/sheets/watches.csv");

    private static final String TYPED = "Typed by a keeper, 4711";
    /** Fields that hold text of a keeper's own. */
    private static final Set<String> TEXTS = Set.of("note", "title", "seen", "lesson", "shop", "why", "names");

    private final Random random;
    private final Values values;
    private World world;
    private int asked;
    private final List<String> troubles = new ArrayList<>();

    Fuzz(long seed) {
        random = new Random(seed);
        values = new Values(random);
        world = new World("Fuzzed");
    }

    /** Goes on with a new tank: the old one fills up. */
    void anew() {
        world = new World("Fuzzed");
    }

    int asked() {
        return asked;
    }

    List<String> troubles() {
        return troubles;
    }

    /** So many odd requests for each of some addresses, then every page of the tank. */
    void batch(List<String> written, List<String> read, int each) {
        JqwikSession.run(() -> ask(written, read, each));
        pagesStand();
    }

    private void ask(List<String> written, List<String> read, int each) {
        for (String address : written) {
            Routes.Sent good = good(address);
            for (int i = 0; i < each; i++) {
                write(address, good);
            }
        }
        for (String address : read) {
            for (int i = 0; i < each; i++) {
                read(address);
            }
        }
    }

    /** A good request; in a tank that earlier ones have left unable to take it, one for a new tank. */
    private Routes.Sent good(String address) {
        try {
            return Routes.good().get(address).apply(world);
        } catch (IllegalStateException | java.util.NoSuchElementException spent) {
            anew();
            return Routes.good().get(address).apply(world);
        }
    }

    private void write(String address, Routes.Sent good) {
        Map<String, List<String>> form = new LinkedHashMap<>();
        good.form().forEach((k, v) -> form.put(k, new ArrayList<>(List.of(v))));
        parameters(address, RequestMethod.POST)
                .forEach(p -> form.putIfAbsent(p, new ArrayList<>(List.of(values.next()))));
        List<String> names = new ArrayList<>(form.keySet());
        String text = names.stream().filter(TEXTS::contains).findFirst().orElse(null);
        if (text != null && random.nextBoolean()) {
            form.put(text, List.of(TYPED));
        }
        for (int change = 0; change <= random.nextInt(2) && !names.isEmpty(); change++) {
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(6)) {
                case 0 -> form.remove(name);
                case 1 -> form.computeIfPresent(name, (k, v) -> List.of(v.get(0), values.next()));
                case 2 -> form.put(values.next(), List.of(values.next()));
                default -> form.put(name, List.of(values.next()));
            }
        }
        String body = body(form);
        String path = random.nextInt(8) == 0 ? elsewhere(good.path()) : good.path();
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(Pelluna.url() + path))
                .header("Accept", random.nextInt(10) == 0 ? "text/xml" : "text/html")
                .header(
                        "Content-Type",
                        random.nextInt(20) == 0 ? "application/json" : "application/x-www-form-urlencoded");
        if (random.nextBoolean()) {
            request.header("Referer", Pelluna.url() + world.at(PAGES.get(random.nextInt(20))));
        }
        HttpResponse<String> answer =
                send(request.POST(HttpRequest.BodyPublishers.ofString(body)), "POST " + path + " " + shown(body));
        boolean typed = form.values().stream().anyMatch(v -> v.contains(TYPED));
        boolean page = answer.headers().firstValue("Content-Type").orElse("").startsWith("text/html");
        if (typed && page && answer.statusCode() == 422 && !answer.body().contains(TYPED)) {
            troubles.add("text lost: POST " + path + " " + shown(body));
        }
    }

    private String body(Map<String, List<String>> form) {
        List<String> pairs = new ArrayList<>();
        form.forEach((k, v) -> v.forEach(x -> pairs.add(encoded(k) + "=" + encoded(x))));
        String body = String.join("&", pairs);
        return random.nextInt(25) == 0 ? body + "&odd=%FF%FE" : random.nextInt(40) == 0 ? body + "&%" : body;
    }

    private void read(String address) {
        String path = address.replaceFirst(
                "/tanks/\\{id}",
                "/tanks/" + (random.nextInt(10) == 0 ? encoded(values.next()) : Long.toString(world.tank.id)));
        while (path.contains("{")) {
            String odd = random.nextBoolean() ? Integer.toString(random.nextInt(60)) : encoded(values.next());
            path = path.replaceFirst("\\{[^}]*}+", odd.isEmpty() ? "x" : odd);
        }
        List<String> query = new ArrayList<>();
        for (String p : parameters(address, RequestMethod.GET)) {
            if (random.nextInt(3) > 0) {
                query.add(p + "=" + encoded(values.next()));
            }
        }
        String all = path + (query.isEmpty() ? "" : "?" + String.join("&", query));
        send(
                HttpRequest.newBuilder(URI.create(Pelluna.url() + all))
                        .header("Accept", random.nextInt(10) == 0 ? "text/xml" : "text/html,*/*")
                        .GET(),
                "GET " + shown(all));
    }

    private HttpResponse<String> send(HttpRequest.Builder request, String what) {
        asked++;
        HttpResponse<String> answer = Rough.send(request.build());
        if (answer.statusCode() >= 500) {
            troubles.add(answer.statusCode() + ": " + what);
        }
        if (answer.body().contains("<script>alert(1)")) {
            troubles.add("raw script: " + what);
        }
        return answer;
    }

    /** Another number or word in the place of the last one in a path. */
    private String elsewhere(String path) {
        String odd = encoded(values.next());
        return path.replaceFirst("/(\\d+)(/[a-z-]+)?$", "/" + (odd.isEmpty() ? "0" : odd) + "$2");
    }

    private void pagesStand() {
        if (Pelluna.get(world.at("/tank")).statusCode() == 404) {
            world = new World("Fuzzed");
        }
        for (String page : PAGES) {
            HttpResponse<String> answer = Rough.send(HttpRequest.newBuilder(URI.create(Pelluna.url() + world.at(page)))
                    .GET()
                    .build());
            if (answer.statusCode() != 200) {
                troubles.add("broken afterwards: " + page + " " + answer.statusCode());
            }
        }
        world.tank.fish().stream().limit(4).forEach(f -> {
            for (String page : List.of("/log/fish/" + f.id(), "/log/bullied/" + f.id())) {
                HttpResponse<String> answer = Pelluna.get(world.at(page));
                if (answer.statusCode() >= 500) {
                    troubles.add("broken afterwards: " + page);
                }
            }
        });
    }

    private static List<String> parameters(String address, RequestMethod method) {
        return Pelluna.bean(RequestMappingHandlerMapping.class).getHandlerMethods().entrySet().stream()
                .filter(e -> e.getKey().getMethodsCondition().getMethods().contains(method)
                        && e.getKey().getPatternValues().contains(address))
                .findFirst()
                .stream()
                .flatMap(e -> Stream.of(e.getValue().getMethod().getParameters()))
                .filter(p -> AnnotatedElementUtils.hasAnnotation(p, RequestParam.class)
                        && !Map.class.isAssignableFrom(p.getType())
                        && !p.getType().getSimpleName().equals("MultipartFile"))
                .map(p -> p.getAnnotation(RequestParam.class).name().isEmpty()
                        ? p.getName()
                        : p.getAnnotation(RequestParam.class).name())
                .toList();
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private static String shown(String text) {
        return text.length() > 300 ? text.substring(0, 300) + "…" : text;
    }
}
