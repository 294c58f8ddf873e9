package pelluna.app.pooled;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import pelluna.app.database.AskedFor;
import pelluna.app.prediction.FiguresFile;
import pelluna.core.pooled.Experience;
import pelluna.core.pooled.Reliability;
import pelluna.words.Words;

/** What was said of everybody's fish who shares, held against what happened. Nothing of fewer than five keepers. */
@Component
class Everybody {
    private final PoolRows rows;

    Everybody(PoolRows rows) {
        this.rows = rows;
    }

    /**
     * What the page tells.
     *
     * @param keepers who share on this server
     * @param files   of other installations that count too
     * @param ofPairs hard fights of pairs; empty of too few keepers
     * @param drawing of it; empty with it
     * @param topics  of arrivals; empty of too few keepers
     */
    record Said(
            int keepers, int files, Optional<Reliability> ofPairs, String drawing, List<FiguresFile.TallyPart> topics) {
        /** Mean squared error in hundredths. */
        public long brier() {
            return ofPairs.map(r -> Math.round(100 * r.brier())).orElse(0L);
        }

        public long base() {
            return ofPairs.map(r -> Math.round(100 * r.base())).orElse(0L);
        }

        /** How much less it errs than the share on the whole, in hundredths; less than nothing where it errs more. */
        public long better() {
            return ofPairs.map(r -> Math.round(100 * r.skill())).orElse(0L);
        }
    }

    Said said(Words say) {
        return AskedFor.all(() -> {
            List<PoolRows.Pair> pairs = rows.pairs();
            Set<Long> keepers = new HashSet<>();
            Set<Long> files = new HashSet<>();
            List<Reliability.Said> said = new ArrayList<>();
            int told = 0;
            for (PoolRows.Pair p : pairs) {
                FiguresFile.PairPart seen = p.seen();
                said.add(
                        new Reliability.Said(seen.expected() / seen.keepers(), seen.keepers(), seen.seenToFightHard()));
                if (p.keeper() == null) {
                    files.add(p.source());
                    told = Math.max(told, seen.keepers());
                } else {
                    keepers.add(p.keeper());
                }
            }
            boolean enough = keepers.size() + told >= Experience.LEAST_KEEPERS;
            Optional<Reliability> ofPairs = enough ? Optional.of(Reliability.of(said)) : Optional.empty();
            return new Said(
                    keepers.size(),
                    files.size(),
                    ofPairs,
                    ofPairs.map(r -> ReliabilityDrawing.draw(r, say)).orElse(""),
                    enough ? OwnFigures.tallies(rows.topics()) : List.of());
        });
    }
}
