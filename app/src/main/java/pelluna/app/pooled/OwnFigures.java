package pelluna.app.pooled;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import pelluna.app.database.AskedFor;
import pelluna.app.prediction.FiguresFile;
import pelluna.core.losses.Topic;
import pelluna.core.pooled.Experience;
import pelluna.core.units.Named;
import pelluna.core.units.Rounding;

/**
 * What the keepers of this server share, added up for other installations: nothing that fewer than five of them have
 * had, and nothing that came from elsewhere.
 */
@Component
class OwnFigures {
    private static final int DIGITS = 3;

    private final PoolRows rows;

    OwnFigures(PoolRows rows) {
        this.rows = rows;
    }

    FiguresFile all() {
        return AskedFor.all(() -> new FiguresFile(
                FiguresFile.FORMAT, rows.tanks(), List.of(), topics(), List.of(), List.of(), pairs(), kinds()));
    }

    private List<FiguresFile.PairPart> pairs() {
        Map<String, List<FiguresFile.PairPart>> pairs = rows.pairs().stream()
                .filter(p -> p.keeper() != null)
                .map(PoolRows.Pair::seen)
                .collect(Collectors.groupingBy(
                        p -> p.aggressor() + " > " + p.target(), TreeMap::new, Collectors.toList()));
        return pairs.values().stream()
                .filter(p -> p.size() >= Experience.LEAST_KEEPERS)
                .map(OwnFigures::sum)
                .toList();
    }

    private List<FiguresFile.KindPart> kinds() {
        Map<String, List<FiguresFile.KindPart>> kinds = rows.kinds().stream()
                .filter(k -> k.keeper() != null)
                .map(PoolRows.Kind::seen)
                .collect(Collectors.groupingBy(FiguresFile.KindPart::species, TreeMap::new, Collectors.toList()));
        return kinds.entrySet().stream()
                .filter(e -> e.getValue().size() >= Experience.LEAST_KEEPERS)
                .map(e -> new FiguresFile.KindPart(
                        e.getKey(),
                        e.getValue().size(),
                        e.getValue().stream()
                                .mapToInt(FiguresFile.KindPart::fish)
                                .sum(),
                        e.getValue().stream()
                                .mapToLong(FiguresFile.KindPart::days)
                                .sum(),
                        e.getValue().stream()
                                .mapToInt(FiguresFile.KindPart::lost)
                                .sum()))
                .toList();
    }

    private static FiguresFile.PairPart sum(Collection<FiguresFile.PairPart> of) {
        FiguresFile.PairPart any = of.iterator().next();
        return new FiguresFile.PairPart(
                any.aggressor(),
                any.target(),
                of.size(),
                of.stream().mapToInt(FiguresFile.PairPart::seenToFightHard).sum(),
                Rounding.to(
                        DIGITS,
                        of.stream().mapToDouble(FiguresFile.PairPart::expected).sum()));
    }

    private List<FiguresFile.TallyPart> topics() {
        List<PoolRows.Topic> here =
                rows.topics().stream().filter(PoolRows.Topic::here).toList();
        Set<String> keepers = new HashSet<>();
        here.forEach(t -> keepers.add(t.from()));
        return keepers.size() < Experience.LEAST_KEEPERS ? List.of() : tallies(here);
    }

    /** Summed by topic, in their order. */
    static List<FiguresFile.TallyPart> tallies(List<PoolRows.Topic> of) {
        Map<Topic, FiguresFile.TallyPart> sums = new TreeMap<>();
        for (PoolRows.Topic t : of) {
            Named.find(Topic.class, t.topic())
                    .ifPresent(topic -> sums.merge(
                            topic,
                            new FiguresFile.TallyPart(topic, t.both(), t.saidOnly(), t.happenedOnly(), t.neither()),
                            (a, b) -> new FiguresFile.TallyPart(
                                    topic,
                                    a.saidAndHappened() + b.saidAndHappened(),
                                    a.saidOnly() + b.saidOnly(),
                                    a.happenedOnly() + b.happenedOnly(),
                                    a.neither() + b.neither())));
        }
        return List.copyOf(sums.values());
    }
}
