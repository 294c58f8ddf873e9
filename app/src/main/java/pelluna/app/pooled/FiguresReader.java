package pelluna.app.pooled;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import pelluna.app.limits.Refused;
import pelluna.app.prediction.FiguresFile;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.losses.Topic;
import pelluna.core.units.Named;
import tools.jackson.databind.JsonNode;

/**
 * Reads pairs and topics of a file of figures, as docs/figures-file.md has them; species that nobody knows are left
 * out.
 */
@Component
class FiguresReader {
    static final int MOST_PAIRS = 20_000;
    private static final int MOST_KEEPERS = 1_000_000;
    private static final int MOST_TIMES = 1_000_000_000;

    private final Catalogue catalogue;

    FiguresReader(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** @throws Refused if it is no file of figures, or holds what cannot be */
    FiguresFile read(JsonNode file) {
        JsonNode pairs = file.path("pairs");
        if (file.path("pellunaFigures").asInt(0) != FiguresFile.FORMAT || !pairs.isArray()) {
            throw no();
        }
        if (pairs.size() > MOST_PAIRS) {
            throw new Refused("file", new PooledRefusal.TooManyPairs(MOST_PAIRS));
        }
        Map<List<String>, FiguresFile.PairPart> all = new LinkedHashMap<>();
        for (JsonNode p : pairs) {
            pair(p).ifPresent(one -> {
                if (all.put(List.of(one.aggressor(), one.target()), one) != null) {
                    throw no();
                }
            });
        }
        List<FiguresFile.TallyPart> topics = new ArrayList<>();
        for (JsonNode t : file.path("saidAndHappened")) {
            topic(t).ifPresent(topics::add);
        }
        return new FiguresFile(
                FiguresFile.FORMAT,
                0,
                List.of(),
                topics,
                List.of(),
                List.of(),
                all.values().stream()
                        .sorted(Comparator.comparing(FiguresFile.PairPart::aggressor)
                                .thenComparing(FiguresFile.PairPart::target))
                        .toList(),
                kinds(file.path("kinds")));
    }

    private List<FiguresFile.KindPart> kinds(JsonNode file) {
        if (file.size() > MOST_PAIRS) {
            throw new Refused("file", new PooledRefusal.TooManyPairs(MOST_PAIRS));
        }
        Map<String, FiguresFile.KindPart> all = new TreeMap<>();
        for (JsonNode k : file) {
            int keepers = count(k, "keepers", MOST_KEEPERS);
            int fish = count(k, "fish", MOST_TIMES);
            FiguresFile.KindPart seen = new FiguresFile.KindPart(
                    catalogue
                            .find(k.path("species").asString(""))
                            .map(Species::scientificName)
                            .orElse(""),
                    keepers,
                    fish,
                    count(k, "days", MOST_TIMES),
                    count(k, "lost", fish));
            boolean twice = !seen.species().isEmpty() && all.put(seen.species(), seen) != null;
            if (keepers < 1 || fish < 1 || twice) {
                throw no();
            }
        }
        return List.copyOf(all.values());
    }

    private Optional<FiguresFile.PairPart> pair(JsonNode p) {
        int keepers = count(p, "keepers", MOST_KEEPERS);
        int hard = count(p, "seenToFightHard", keepers);
        JsonNode expected = p.path("expected");
        if (keepers < 1 || !expected.isNumber() || !(expected.asDouble() >= 0 && expected.asDouble() <= keepers)) {
            throw no();
        }
        Optional<Species> aggressor = catalogue.find(p.path("aggressor").asString(""));
        Optional<Species> target = catalogue.find(p.path("target").asString(""));
        return aggressor.isEmpty() || target.isEmpty()
                ? Optional.empty()
                : Optional.of(new FiguresFile.PairPart(
                        aggressor.get().scientificName(),
                        target.get().scientificName(),
                        keepers,
                        hard,
                        expected.asDouble()));
    }

    private static Optional<FiguresFile.TallyPart> topic(JsonNode t) {
        int both = count(t, "saidAndHappened", MOST_TIMES);
        int said = count(t, "saidOnly", MOST_TIMES);
        int happened = count(t, "happenedOnly", MOST_TIMES);
        int neither = count(t, "neither", MOST_TIMES);
        return Named.find(Topic.class, t.path("topic").asString(""))
                .map(topic -> new FiguresFile.TallyPart(topic, both, said, happened, neither));
    }

    private static int count(JsonNode of, String field, int most) {
        JsonNode n = of.path(field);
        if (!n.isIntegralNumber() || !n.canConvertToInt() || n.asInt() < 0 || n.asInt() > most) {
            throw no();
        }
        return n.asInt();
    }

    private static Refused no() {
        return new Refused("file", new PooledRefusal.NoFigures());
    }
}
