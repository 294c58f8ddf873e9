package pelluna.app.prediction;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.crew.Crews;
import pelluna.app.losses.LifeBook;
import pelluna.core.losses.Calibration;
import pelluna.core.losses.Hindsight;
import pelluna.core.losses.Life;
import pelluna.words.Measures;

/**
 * Figures of a keeper's losses that may be shared: no names of keepers, tanks, fish or shops, no days of the calendar,
 * no notes, no money. Its format is in docs/figures-file.md.
 */
@Component
class SharedFigures {
    private final LifeBook book;
    private final PredictionReview hindsight;
    private final Crews crew;

    SharedFigures(LifeBook book, PredictionReview hindsight, Crews crew) {
        this.book = book;
        this.hindsight = hindsight;
        this.crew = crew;
    }

    @Transactional(readOnly = true)
    public Map<String, Object> of(Collection<Long> tanks) {
        PredictionReview.Page page = hindsight.page(tanks);
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("pellunaFigures", 1);
        tree.put("tanks", tanks.size());
        tree.put(
                "lives",
                book.of(tanks).lives().stream().map(SharedFigures::life).toList());
        tree.put(
                "saidAndHappened",
                page.tallies().stream().map(SharedFigures::tally).toList());
        tree.put(
                "tensionAndFights", page.bins().stream().map(SharedFigures::bin).toList());
        List<Map<String, Object>> crews = new ArrayList<>();
        crew.figures(tanks).forEach((kind, a) -> {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("kind", kind.word());
            one.put("lost", a.lost());
            one.put("animalMonths", Measures.round(a.months(), 1));
            crews.add(one);
        });
        tree.put("crew", crews);
        return tree;
    }

    private static Map<String, Object> life(Life l) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("species", l.species().scientificName());
        tree.put("days", l.days());
        tree.put("lost", l.lost());
        l.cause().ifPresent(c -> tree.put("cause", c.word()));
        l.source().captiveBred().ifPresent(b -> tree.put("captiveBred", b));
        l.source().school().ifPresent(s -> tree.put("quarantine", s.word()));
        tree.put("placeInOrder", l.place());
        l.openCover().ifPresent(o -> tree.put("openCover", o));
        l.pressed().ifPresent(p -> tree.put("pressedInPlan", p));
        return tree;
    }

    private static Map<String, Object> tally(Hindsight.Tally t) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("topic", t.topic().word());
        tree.put("saidAndHappened", t.both());
        tree.put("saidOnly", t.saidOnly());
        tree.put("happenedOnly", t.missed());
        tree.put("neither", t.neither());
        return tree;
    }

    private static Map<String, Object> bin(Calibration.Bin b) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("step", b.step().word());
        tree.put("pairsWatched", b.fought().of());
        tree.put("seenToContest", b.fought().hits());
        tree.put("seenToFightHard", b.hard().hits());
        tree.put("hoursWatched", Measures.round(b.hours(), 1));
        return tree;
    }
}
