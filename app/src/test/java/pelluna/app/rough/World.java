package pelluna.app.rough;

import java.security.GeneralSecurityException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import pelluna.app.planning.PlanSteps;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.PushedDevice;
import pelluna.app.testing.TestCluster;

/** A tank with something of everything in it, and ways to make one more of each. */
final class World {
    private static final AtomicInteger FILES = new AtomicInteger();

    static final String TODAY = Pelluna.today().toString();
    /** What ends a tank, or goes on elsewhere. */
    private static final Set<String> ENDS = Set.of("/tanks", "/tanks/{id}/remove", "/tanks/{id}/what-if/keep");

    final LogTank tank;
    /** The second part of the name of a species that only this world's keeper knows. */
    final String epithet;

    World(String name) {
        tank = new LogTank(name);
        epithet = name.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]", "");
        wish("Gramma loreto");
        wish("Nemateleotris magnifica");
        tank.post("/reefscape/add", Map.of("kind", "rock"));
        tank.post("/reefscape/add", Map.of("kind", "hide"));
    }

    /** What a test may have left that every tank of the keeper would see. */
    static void asNew() {
        JdbcClient jdbc = TestCluster.jdbc();
        for (String sql : new String[] {
            "delete from own_fact",
            "delete from own_species",
            "delete from program_token",
            "update keeper set units = 'METRIC', theme = 'system', arrows_from = 20, currency = '', food_price = "
                    + "null, sheet_price = "
                    + "null, salt_price = null"
        }) {
            jdbc.sql(sql).update();
        }
    }

    /** Sends a good request to every address that is written to, but for those that end the tank. */
    void everything() {
        Routes.good().forEach((pattern, good) -> {
            if (!ENDS.contains(pattern)) {
                Routes.Sent sent = good.apply(this);
                Pelluna.post(sent.path(), sent.form());
            }
        });
    }

    /** The number of the newest row of its tank; 0 if there is none. */
    String newest(String table) {
        return TestCluster.jdbc()
                .sql("select coalesce(max(id), 0) from " + table + " where tank_id = ?")
                .param(tank.id)
                .query(String.class)
                .single();
    }

    String at(String path) {
        return tank.at(path);
    }

    /** The mark of the plan as it is now. */
    String mark() {
        return Pelluna.bean(PlanSteps.class).mark(Pelluna.owned(tank.id));
    }

    private String made(String path, Map<String, String> form, String pattern) {
        var answer = tank.post(path, form);
        Matcher id = Pattern.compile(pattern).matcher(answer.uri() + " " + answer.body());
        if (answer.statusCode() >= 400 || !id.find()) {
            throw new IllegalStateException(path + " made nothing: " + answer.statusCode());
        }
        return id.group(1);
    }

    /** A species of the catalogue on which only this world has a word. */
    String disputed() {
        return epithet.length() % 2 == 0 ? "Gramma-loreto" : "Gramma-melacara";
    }

    String wish(String species) {
        return made("/wish-list", Map.of("species", species), "wish=(\\d+)");
    }

    /** What a browser says of itself that takes notifications. */
    Map<String, String> device() {
        TestCluster.jdbc().sql("delete from push_device").update();
        try {
            return new PushedDevice().form();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The number of such a browser. */
    String pushed() {
        Pelluna.post("/account/reminders/devices", device());
        return TestCluster.jdbc()
                .sql("select max(id) from push_device")
                .query(String.class)
                .single();
    }

    /** A token of the keeper. */
    String token() {
        Pelluna.post("/account/programs", Map.of("name", "One more", "scope", "read", "days", "30"));
        return TestCluster.jdbc()
                .sql("select max(id) from program_token")
                .query(String.class)
                .single();
    }

    /** A lesson that nobody has begun. */
    static String lesson(String word) {
        TestCluster.jdbc()
                .sql("delete from lesson_try where lesson = ?")
                .param(word)
                .update();
        return word;
    }

    /** As if nothing had been shared yet. */
    static void sharesNothing() {
        for (String table : List.of("pool_pair", "pool_topic", "pool_life")) {
            TestCluster.jdbc()
                    .sql("delete from " + table + " where keeper_id is not null")
                    .update();
        }
    }

    /** A file of figures like no other. */
    static String file() {
        return """
            {"pellunaFigures": 1, "tanks": 1, "pairs": [{"aggressor": "Gramma loreto", "target": "Gramma melacara",
             "keepers": 900000, "seenToFightHard": 1, "expected": %d.5}]}""".formatted(FILES.incrementAndGet());
    }

    /** The number of such a file that was taken in. */
    String figures() {
        Pelluna.post("/account/figures", Map.of("text", file()));
        return TestCluster.jdbc()
                .sql("select max(id) from figures_source")
                .query(String.class)
                .single();
    }

    String slept() {
        return made("/shop-card/sleep", Map.of("species", "Gramma loreto"), "shop-card/sleep/(\\d+)");
    }

    String boss() {
        return Long.toString(tank.boss());
    }

    String wrasse() {
        return Long.toString(tank.wrasse());
    }

    String shoal() {
        return Long.toString(tank.fish("Sphaeramia nematoptera"));
    }

    /** A resident fish more, by its number in the log. */
    String fish() {
        tank.post(
                "/residents",
                Map.of(
                        "species",
                        "Salarias fasciatus",
                        "lengthCm",
                        "8",
                        "since",
                        Pelluna.today().minusDays(50).toString()));
        return Long.toString(tank.fish().stream().mapToLong(f -> f.id()).max().orElseThrow());
    }

    String resident() {
        return last(tank.page("/tank"), "/residents/(\\d+)/remove");
    }

    String crew() {
        tank.post("/losses/crew", Map.of("kind", "hermits", "count", "9"));
        return last(tank.page("/losses/crew"), "/losses/crew/(\\d+)/count");
    }

    String incident() {
        return made("/losses/incidents", Map.of("title", "A crash", "kind", "crash", "on", TODAY), "/incidents/(\\d+)");
    }

    String loss() {
        return made("/losses", Map.of("fish", fish(), "how", "lost", "cause", "unknown"), "/losses/(\\d+)");
    }

    String stay() {
        wish("Ecsenius midas");
        tank.post(
                "/arrivals/quarantine",
                Map.of(
                        "fish",
                        newest(),
                        "place",
                        "1",
                        "on",
                        Pelluna.today().minusDays(3).toString()));
        return last(tank.page("/arrivals/quarantine"), "/quarantine/(\\d+)/look");
    }

    /** The wish that was put in last, as the plan names it. */
    String newest() {
        var wishes = Pelluna.bean(pelluna.app.planning.TankPlans.class)
                .open(Pelluna.owned(tank.id))
                .plan()
                .wishes();
        return wishes.get(wishes.size() - 1).id();
    }

    /** A newcomer in its box. */
    String boxed() {
        wish("Gramma melacara");
        return made("/log/introducing", Map.of("fish", newest(), "method", "box-days"), "which=(\\d+)");
    }

    /** A newcomer out of its box. */
    String released() {
        String way = boxed();
        tank.post("/log/introducing/" + way + "/release", Map.of());
        return way;
    }

    String measure() {
        tank.post("/log/measures", Map.of("measure", "mirror", "forFish", wrasse(), "byFish", boss()));
        return last(tank.page("/log/bullied/" + wrasse()), "/log/measures/(\\d+)/end");
    }

    void test() {
        tank.post("/arrivals/test", Map.of("on", TODAY, "nitrate", "12"));
    }

    String sandbox() {
        return made("/what-if", Map.of(), "/tanks/(\\d+)/reefscape");
    }

    private static String last(String page, String pattern) {
        Matcher m = Pattern.compile(pattern).matcher(page);
        String found = null;
        while (m.find()) {
            found = m.group(1);
        }
        if (found == null) {
            throw new IllegalStateException("nothing like " + pattern);
        }
        return found;
    }

    static Map<String, String> form(String... pairs) {
        Map<String, String> form = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            form.put(pairs[i], pairs[i + 1]);
        }
        return form;
    }
}
