package pelluna.app.pooled;

import java.util.List;
import org.springframework.stereotype.Component;
import pelluna.app.database.AskedFor;
import pelluna.app.prediction.FiguresFile;
import pelluna.core.pooled.Experience;
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
        return rows.pairs().stream()
                .filter(p -> p.source() == null && p.seen().keepers() >= Experience.LEAST_KEEPERS)
                .map(PoolRows.Pair::seen)
                .map(p -> new FiguresFile.PairPart(
                        p.aggressor(), p.target(), p.keepers(), p.seenToFightHard(), Rounding.to(DIGITS, p.expected())))
                .toList();
    }

    private List<FiguresFile.KindPart> kinds() {
        return rows.kinds().stream()
                .filter(k -> k.source() == null && k.seen().keepers() >= Experience.LEAST_KEEPERS)
                .map(PoolRows.Kind::seen)
                .toList();
    }

    private List<FiguresFile.TallyPart> topics() {
        return rows.sharers().keepers() < Experience.LEAST_KEEPERS ? List.of() : rows.topics(true, false);
    }
}
