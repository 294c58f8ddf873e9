package pelluna.app.rough;

import static pelluna.app.rough.World.TODAY;
import static pelluna.app.rough.World.form;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import pelluna.app.testing.Pelluna;

/** One good request for every address that is written to. A test holds the list to the addresses that there are. */
final class Routes {
    /** What is sent where. */
    record Sent(String path, Map<String, String> form) {}

    private static final Map<String, Function<World, Sent>> GOOD = new LinkedHashMap<>();
    private static final String AHEAD = Pelluna.today().plusDays(60).toString();
    private static final String PLAN = """
        {"pelluna": 1, "name": "Brought", "tank": {"lengthCm": 120, "widthCm": 50, "waterHeightCm": 50},
         "residents": [], "wishes": [{"species": "Gramma loreto"}]}""";

    private Routes() {}

    static Map<String, Function<World, Sent>> good() {
        return GOOD;
    }

    /** Every address of the running program that is written to. */
    static Set<String> written() {
        return mapped(RequestMethod.POST);
    }

    static Set<String> read() {
        return mapped(RequestMethod.GET);
    }

    private static Set<String> mapped(RequestMethod method) {
        Set<String> all = new TreeSet<>();
        Pelluna.bean(RequestMappingHandlerMapping.class).getHandlerMethods().keySet().stream()
                .filter(m -> m.getMethodsCondition().getMethods().contains(method))
                .forEach(m -> all.addAll(m.getPatternValues()));
        return all;
    }

    private static void put(String pattern, Function<World, Map<String, String>> form) {
        GOOD.put(pattern, w -> new Sent(pattern.replace("{id}", Long.toString(w.tank.id)), form.apply(w)));
    }

    private static void put(
            String pattern,
            String variable,
            Function<World, String> number,
            Function<World, Map<String, String>> form) {
        GOOD.put(pattern, w -> {
            String which = number.apply(w);
            return new Sent(
                    pattern.replace("{id}", Long.toString(w.tank.id)).replaceFirst("\\{" + variable + "[^}]*}+", which),
                    form.apply(w));
        });
    }

    private static Function<World, Map<String, String>> with(String... pairs) {
        return w -> form(pairs);
    }

    /** About a fish of the plan, made for the plan as it is. */
    private static Function<World, Map<String, String>> hand(String fish, String... pairs) {
        return w -> {
            Map<String, String> form = form(pairs);
            form.replaceAll((key, value) -> Pelluna.fish(w.tank.id, value));
            form.put("fish", Pelluna.fish(w.tank.id, fish));
            form.put("of", w.mark());
            return form;
        };
    }

    static {
        put("/settings/arrows", with("from", "25"));
        put("/settings/theme", with("theme", "system"));
        put("/settings/units", with("units", "METRIC"));
        put("/settings/language", with("language", ""));
        put("/account/reminders/mail", with("on", "true", "at", "08:00"));
        put("/account/reminders/calendar", with("on", "true"));
        put("/account/reminders/quiet", with("from", "22:00", "to", "07:00"));
        put("/account/reminders/devices", World::device);
        put("/account/reminders/devices/{device}/remove", "device", World::pushed, with());
        put("/account/reminders/try", w -> {
            w.pushed();
            return form();
        });
        put("/begin", with("lengthCm", "120", "widthCm", "50", "waterHeightCm", "50"));
        put("/begin/sample", with());
        put("/tanks/{id}/begin", with("what", "cycled", "answer", "six-months"));
        put("/tanks/{id}/begin/fish", with("species", "Gramma melacara"));
        put("/tanks/{id}/shop-card/bought", with("species", "Gramma melacara", "into", "tank"));
        put("/tanks/{id}/stock-list", with("text", "2 royal gramma"));
        put("/tanks/{id}/stock-list/wishes", with("take", "Gramma melacara*2"));
        put("/tanks/{id}/shop-card/sleep", with("species", "Gramma melacara"));
        put("/tanks/{id}/shop-card/sleep/{life}", "life", World::slept, with("what", "drop"));
        put("/tanks", with("name", "One more", "lengthCm", "100", "widthCm", "50", "waterHeightCm", "50"));
        put("/tanks/from-plan", with("plan", PLAN));
        put(
                "/learn/{lesson}/add",
                "lesson",
                w -> World.lesson("first-fish"),
                with("species", "royal gramma", "count", "1"));
        put("/learn/{lesson}/off", "lesson", w -> World.lesson("every-level"), with("place", "0"));
        put(
                "/learn/{lesson}/tank",
                "lesson",
                w -> World.lesson("open-top"),
                with("cover", "mesh", "school", "none", "meals", "2"));
        put("/learn/{lesson}/play", "lesson", w -> World.lesson("predators"), with());
        put("/learn/{lesson}/again", "lesson", w -> World.lesson("restock"), with());
        put("/learn/{lesson}/done", "lesson", w -> World.lesson("reef-crew"), with());
        put("/account/figures/share", w -> {
            World.sharesNothing();
            return form("on", "false");
        });
        put("/account/figures", w -> form("text", World.file()));
        put("/account/figures/{source}/aside", "source", World::figures, with("aside", "true"));
        put("/account/figures/{source}/remove", "source", World::figures, with());
        put("/tanks/{id}/others", with("aside", "true"));
        put("/account/programs", with("name", "A script", "scope", "read", "days", "30"));
        put("/account/programs/{token}/end", "token", w -> w.token(), with());
        put("/tanks/{id}/arrivals/arrived", w -> {
            w.wish("Ecsenius bicolor");
            return hand(w.newest()).apply(w);
        });
        put("/tanks/{id}/arrivals/best", with());
        put("/tanks/{id}/arrivals/day", hand("w#0", "on", AHEAD));
        put("/tanks/{id}/arrivals/drop", w -> {
            w.wish("Ecsenius bicolor");
            return hand(w.newest()).apply(w);
        });
        put("/tanks/{id}/arrivals/free", hand("w#0"));
        put("/tanks/{id}/arrivals/join", hand("w#0", "with", "w#1"));
        put("/tanks/{id}/arrivals/leaves", hand("r#1", "on", AHEAD, "why", "outgrown"));
        put("/tanks/{id}/arrivals/odds/again", with());
        put("/tanks/{id}/arrivals/odds/stop", with());
        put("/tanks/{id}/arrivals/part", hand("w#0"));
        put("/tanks/{id}/arrivals/place", hand("w#1", "place", "1"));
        put("/tanks/{id}/arrivals/price-of", hand("w#0", "price", "31.5"));
        put("/tanks/{id}/arrivals/prices", with("currency", "EUR", "food", "4", "sheet", "0.5", "salt", "3"));
        put("/tanks/{id}/arrivals/quarantine", w -> {
            w.wish("Valenciennea puellaris");
            return form("fish", w.newest(), "place", "2", "on", TODAY);
        });
        put("/tanks/{id}/arrivals/quarantine/{stay}/end", "stay", World::stay, with("how", "given"));
        put("/tanks/{id}/arrivals/quarantine/{stay}/look", "stay", World::stay, with("eats", "true", "note", "well"));
        put("/tanks/{id}/arrivals/quarantine/{stay}/release", "stay", World::stay, with());
        GOOD.put(
                "/tanks/{id}/arrivals/restock",
                w -> new Sent(
                        "/tanks/" + Pelluna.tank("Fallow") + "/arrivals/restock",
                        form(
                                "from",
                                Pelluna.today().plusDays(9).toString(),
                                "until",
                                Pelluna.today().plusDays(40).toString())));
        put("/tanks/{id}/arrivals/restock/end", with());
        put("/tanks/{id}/arrivals/split", w -> {
            w.tank.post("/wish-list", form("species", "Chromis viridis", "count", "6"));
            return hand(w.newest(), "apart", "2").apply(w);
        });
        put("/tanks/{id}/arrivals/test", with("on", TODAY, "nitrate", "11"));
        put("/tanks/{id}/arrivals/undo", w -> {
            w.tank.post("/reefscape/add", form("kind", "hide"));
            w.tank.post("/reefscape/add", form("kind", "hide"));
            return form();
        });
        put("/tanks/{id}/archive", with("what", "back"));
        put("/tanks/{id}/people/invite", with("email", "guest@reef.example", "role", "viewer"));
        put("/tanks/{id}/people/withdraw", w -> form("invitation", w.newest("invitation")));
        put("/tanks/{id}/people/end", w -> form("member", w.newest("tank_member")));
        put("/tanks/{id}/people/leave", with());
        put("/tanks/{id}/people/note", with("text", "The skimmer hums."));
        put("/tanks/{id}/people/note/remove", w -> form("which", w.newest("tank_note")));
        put("/tanks/{id}/links", with("what", "plan-0", "days", "7"));
        put("/tanks/{id}/links/end", w -> form("link", w.newest("share_link")));
        put("/tanks/{id}/calendar/open", with());
        put("/tanks/{id}/calendar/close", with());
        put("/tanks/{id}/catalogue", with("text", "scientificName,family\n", "act", "look"));
        put("/tanks/{id}/import-export", with("text", PLAN));
        put("/tanks/{id}/log/back", w -> {
            w.tank.post("/log/typed", form("text", "dottyback eats"));
            w.tank.post("/log/typed", form("text", "wrasse eats"));
            return form();
        });
        put("/tanks/{id}/log/introducing", w -> {
            w.wish("Opistognathus aurifrons");
            return form("fish", w.newest(), "method", "box-days");
        });
        put(
                "/tanks/{id}/log/introducing/{which}/look",
                "which",
                World::released,
                with("look", "first-hour", "inSight", "true"));
        put("/tanks/{id}/log/introducing/{which}/off", "which", World::boxed, with("how", "begun anew"));
        put("/tanks/{id}/log/introducing/{which}/release", "which", World::boxed, with());
        put("/tanks/{id}/log/feed", with("what", "fed", "note", "mysis"));
        put(
                "/tanks/{id}/log/fish/{which}/bought",
                "which",
                World::boss,
                with("shop", "The Corner Tank", "price", "20"));
        put("/tanks/{id}/log/fish/{which}/called", "which", World::boss, with("name", "Inky"));
        put("/tanks/{id}/log/fish/{which}/count", "which", World::shoal, with("count", "3"));
        put("/tanks/{id}/log/fish/{which}/is", "which", World::fish, with("what", "missing"));
        put("/tanks/{id}/log/fish/{which}/length", "which", World::boss, with("length", "6"));
        put("/tanks/{id}/log/fish/{which}/member", "which", World::shoal, with("name", "Spot"));
        put("/tanks/{id}/log/fish/{which}/picture", "which", World::boss, with());
        put("/tanks/{id}/log/fish/{which}/sex", "which", World::boss, with("role", "male"));
        put("/tanks/{id}/log/lights", with("on", "09:00", "off", "20:00"));
        put("/tanks/{id}/log/measures", w -> form("measure", "mirror", "forFish", w.wrasse(), "byFish", w.boss()));
        put("/tanks/{id}/log/measures/{measure}/end", "measure", World::measure, with());
        put("/tanks/{id}/log/probe", with("address", "http://127.0.0.1:1999/reading", "minutes", "120", "on", "false"));
        put("/tanks/{id}/log/head-count", with("all", "eats"));
        put("/tanks/{id}/log/sheets", with());
        put("/sheets/{name}/stop", "name", w -> "nobody-s", with());
        put("/tanks/{id}/log/sheets/take", with("text", "on,nitrate\n" + TODAY + ",13\n"));
        put(
                "/tanks/{id}/log/sighting",
                w -> form(
                        "fish",
                        w.boss(),
                        "doing",
                        "chased",
                        "other",
                        w.wrasse(),
                        "times",
                        "2",
                        "x",
                        "0.5",
                        "y",
                        "0.4"));
        put("/tanks/{id}/log/pecking-order/aside", w -> form("fish", w.boss(), "aside", "true"));
        put("/tanks/{id}/log/typed", with("text", "dottyback nipped wrasse"));
        put("/tanks/{id}/log/watch", with("what", "toggle"));
        put("/tanks/{id}/log/water", with("on", TODAY, "nitrate", "14"));
        put("/tanks/{id}/losses", w -> form("fish", w.fish(), "how", "lost", "cause", "jumped", "sure", "seen"));
        put(
                "/tanks/{id}/losses/before",
                with(
                        "species",
                        "Gramma loreto",
                        "came",
                        "2024-03-01",
                        "on",
                        "2024-09-01",
                        "how",
                        "lost",
                        "cause",
                        "unknown"));
        put("/tanks/{id}/losses/crew", with("kind", "snails", "count", "12"));
        put("/tanks/{id}/losses/crew/{which}/count", "which", World::crew, with("count", "8"));
        put("/tanks/{id}/losses/crew/{which}/gone", "which", World::crew, with());
        put("/tanks/{id}/losses/crew/{which}/keeps", "which", World::crew, with("wanted", "10"));
        put("/tanks/{id}/losses/incidents", with("title", "A crash", "kind", "crash", "on", TODAY));
        put("/tanks/{id}/losses/incidents/{number}/close", "number", World::incident, with());
        put(
                "/tanks/{id}/losses/incidents/{number}/is",
                "number",
                World::incident,
                with("title", "A storm", "kind", "crash", "on", TODAY, "from", TODAY, "until", TODAY));
        put(
                "/tanks/{id}/losses/incidents/{number}/told",
                "number",
                World::incident,
                with("what", "The heater", "lesson", "Two heaters"));
        GOOD.put(
                "/tanks/{id}/losses/wait", w -> new Sent(w.at("/losses/wait"), form("until", AHEAD, "back", w.loss())));
        put("/tanks/{id}/losses/{number:\\d+}/back", "number", World::loss, with());
        put(
                "/tanks/{id}/losses/{number:\\d+}/right",
                "number",
                World::loss,
                with("how", "lost", "cause", "disease", "count", "1"));
        put("/tanks/{id}/name", with("name", "Named anew"));
        put(
                "/tanks/{id}/own-species",
                w -> form(
                        "scientificName",
                        "Gramma " + w.epithet,
                        "names",
                        w.epithet + " gramma",
                        "like",
                        "Gramma loreto"));
        put("/tanks/{id}/own-species/{path}/remove", "path", w -> "Gramma-" + w.epithet, with());
        put("/tanks/{id}/reefscape/add", with("kind", "hide"));
        put("/tanks/{id}/reefscape/measure", hand("r#0", "length", "6"));
        put("/tanks/{id}/reefscape/move", with("kind", "rock", "i", "0", "dx", "2", "dy", "0"));
        put("/tanks/{id}/reefscape/take", with("kind", "hide", "i", "0"));
        put("/tanks/{id}/reefscape/try", w -> form("attempt", "fed 3 true", "of", w.mark()));
        put("/tanks/{id}/reefscape/undo", w -> {
            w.tank.post("/reefscape/add", form("kind", "hide"));
            w.tank.post("/reefscape/add", form("kind", "hide"));
            return form();
        });
        put("/tanks/{id}/remove", with());
        GOOD.put("/tanks/{id}/remove", w -> new Sent("/tanks/" + Pelluna.tank("To be given up") + "/remove", form()));
        put("/tanks/{id}/residents", with("species", "Salarias fasciatus", "lengthCm", "8", "since", "2025-02-01"));
        put(
                "/tanks/{id}/residents/{resident}/remove",
                "resident",
                w -> {
                    w.fish();
                    return w.resident();
                },
                with());
        put("/tanks/{id}/side-by-side/{path}", "path", w -> "Gramma-loreto", with("act", "keep"));
        GOOD.put(
                "/tanks/{id}/species/{path}/own/{fact}",
                w -> new Sent(w.at("/species/" + w.disputed() + "/own/skill"), form("skill", "3", "why", "tried")));
        GOOD.put(
                "/tanks/{id}/species/{path}/own/{fact}/undo",
                w -> new Sent(w.at("/species/" + w.disputed() + "/own/skill/undo"), form()));
        put("/tanks/{id}/stance", with("stance", "bold", "place", "wishes"));
        put("/tanks/{id}/start", with("startOn", AHEAD));
        put("/tanks/{id}/tank", with("hides", "9"));
        put("/tanks/{id}/what-if", with());
        GOOD.put("/tanks/{id}/what-if/drop", w -> new Sent("/tanks/" + w.sandbox() + "/what-if/drop", form()));
        GOOD.put("/tanks/{id}/what-if/keep", w -> new Sent("/tanks/" + w.sandbox() + "/what-if/keep", form()));
        put("/tanks/{id}/wish-list", with("species", "Pseudocheilinus hexataenia", "want", "4"));
        put("/tanks/{id}/wish-list/{wish}", "wish", w -> w.wish("Centropyge bispinosa"), with("want", "5"));
        put("/tanks/{id}/wish-list/{wish}/remove", "wish", w -> w.wish("Centropyge bispinosa"), with());
        put(
                "/tanks/{id}/wish-list/{wish}/risk",
                "wish",
                w -> w.wish("Zebrasoma flavescens"),
                with("how", "box-and-gate"));
    }
}
