package pelluna.app.pooled;

import java.util.List;
import java.util.Optional;
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
     * @param keepers who share on this server; 0 where they are fewer than five and left out
     * @param files   of other installations that are signed and count
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
            PoolRows.Sharers who = rows.sharers();
            boolean here = who.keepers() >= Experience.LEAST_KEEPERS;
            boolean enough = here || who.files() > 0;
            Optional<Reliability> ofPairs = enough
                    ? Optional.of(Reliability.of(rows.said(here).stream()
                            .map(s -> new Reliability.Said(s.chance(), s.pairs(), s.hard()))
                            .toList()))
                    : Optional.empty();
            return new Said(
                    here ? who.keepers() : 0,
                    who.files(),
                    ofPairs,
                    ofPairs.map(r -> ReliabilityDrawing.draw(r, say)).orElse(""),
                    enough ? rows.topics(here, true) : List.of());
        });
    }
}
