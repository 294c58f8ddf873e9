package pelluna.app.testing;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.log.LogBook;

/**
 * A tank of its own with a boss, a wrasse, a pair and a shoal, for tests of the log; over HTTP as a keeper's browser
 * would ask.
 */
public final class LogTank {
    public final long id;

    public LogTank(String name) {
        Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        id = Pelluna.tank(name);
        Pelluna.post(
                at("/tank"),
                Map.of(
                        "rockKg",
                        "50",
                        "hides",
                        "8",
                        "sandDepthCm",
                        "4",
                        "cover",
                        "mesh",
                        "cycledOn",
                        Pelluna.today().minusYears(2).toString()));
        resident("Pseudochromis springeri", 1, 5);
        resident("Halichoeres chrysus", 1, 7);
        resident("Amphiprion ocellaris", 2, 7);
        resident("Sphaeramia nematoptera", 4, 6);
    }

    private void resident(String species, int count, int cm) {
        Pelluna.post(
                at("/residents"),
                Map.of(
                        "species",
                        species,
                        "count",
                        Integer.toString(count),
                        "lengthCm",
                        Integer.toString(cm),
                        "since",
                        Pelluna.today().minusDays(200).toString()));
    }

    public String at(String path) {
        return "/tanks/" + id + path;
    }

    public List<Fish> fish() {
        return Pelluna.bean(Individuals.class).all(Pelluna.owned(id));
    }

    /** Number of the first fish of a species. */
    public long fish(String species) {
        return fish().stream()
                .filter(f -> f.species().scientificName().equals(species))
                .findFirst()
                .orElseThrow()
                .id();
    }

    public long boss() {
        return fish("Pseudochromis springeri");
    }

    public long wrasse() {
        return fish("Halichoeres chrysus");
    }

    public String page(String path) {
        HttpResponse<String> answer = Pelluna.get(at(path));
        if (answer.statusCode() != 200 || !answer.body().contains("</html>")) {
            throw new AssertionError(path + " answered " + answer.statusCode());
        }
        return answer.body();
    }

    public HttpResponse<String> post(String path, Map<String, String> form) {
        return Pelluna.post(at(path), form);
    }

    /** One act, sent as a phone would. */
    public HttpResponse<String> act(String doing, long who, Long whom, Instant at, String key) {
        Map<String, String> form = new HashMap<>(Map.of(
                "fish",
                Long.toString(who),
                "doing",
                doing,
                "at",
                Long.toString(at.toEpochMilli()),
                "key",
                key,
                "quiet",
                "true"));
        if (whom != null) {
            form.put("other", whom.toString());
        }
        return post("/log/sighting", form);
    }

    /** A past watch with so many chases by the boss of the wrasse. */
    public void watched(Duration ago, int minutes, int chases) {
        Instant began = Pelluna.now().minus(ago);
        Pelluna.bean(LogBook.class).watched(Pelluna.owned(id), began, began.plus(Duration.ofMinutes(minutes)));
        for (int i = 0; i < chases; i++) {
            act("chased", boss(), wrasse(), began.plusSeconds(1 + i), "w" + began.toEpochMilli() + "-" + i);
        }
    }
}
