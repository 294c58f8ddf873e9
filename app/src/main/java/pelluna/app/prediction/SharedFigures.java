package pelluna.app.prediction;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.crew.Crews;
import pelluna.app.losses.LifeBook;
import pelluna.core.losses.Calibration;
import pelluna.core.losses.Hindsight;
import pelluna.core.losses.Life;
import pelluna.core.units.Rounding;

/**
 * Figures of a keeper's losses that may be shared: no names of keepers, tanks, fish or shops, no days of the calendar,
 * no notes, no money. Its format is in docs/figures-file.md.
 */
@Component
public class SharedFigures {
    private final LifeBook book;
    private final PredictionReview review;
    private final Crews crew;
    private final SharedPairs pairs;

    SharedFigures(LifeBook book, PredictionReview review, Crews crew, SharedPairs pairs) {
        this.book = book;
        this.review = review;
        this.crew = crew;
        this.pairs = pairs;
    }

    @Transactional(readOnly = true)
    public FiguresFile of(Collection<OwnedTank> tanks) {
        PredictionReview.Page page = review.page(tanks);
        List<Life> lives = book.of(tanks).lives();
        return new FiguresFile(
                FiguresFile.FORMAT,
                tanks.size(),
                lives.stream().map(SharedFigures::life).toList(),
                page.tallies().stream().map(SharedFigures::tally).toList(),
                page.bins().stream().map(SharedFigures::bin).toList(),
                crew.figures(tanks).entrySet().stream()
                        .map(e -> new FiguresFile.CrewPart(
                                e.getKey(),
                                e.getValue().lost(),
                                Rounding.to(1, e.getValue().months())))
                        .toList(),
                pairs.of(tanks),
                kinds(lives));
    }

    private static List<FiguresFile.KindPart> kinds(List<Life> lives) {
        Map<String, List<Life>> kinds = lives.stream()
                .collect(Collectors.groupingBy(l -> l.species().scientificName(), TreeMap::new, Collectors.toList()));
        return kinds.entrySet().stream()
                .map(e -> new FiguresFile.KindPart(
                        e.getKey(),
                        1,
                        e.getValue().size(),
                        e.getValue().stream().mapToLong(Life::days).sum(),
                        (int) e.getValue().stream().filter(Life::lost).count()))
                .toList();
    }

    private static FiguresFile.LifePart life(Life l) {
        return new FiguresFile.LifePart(
                l.species().scientificName(),
                l.days(),
                l.lost(),
                l.cause().orElse(null),
                l.source().captiveBred().orElse(null),
                l.source().school().orElse(null),
                l.place(),
                l.openCover().orElse(null),
                l.pressed().orElse(null));
    }

    private static FiguresFile.TallyPart tally(Hindsight.Tally t) {
        return new FiguresFile.TallyPart(t.topic(), t.both(), t.saidOnly(), t.missed(), t.neither());
    }

    private static FiguresFile.BinPart bin(Calibration.Bin b) {
        return new FiguresFile.BinPart(
                b.step(), b.fought().of(), b.fought().hits(), b.hard().hits(), Rounding.to(1, b.hours()));
    }
}
