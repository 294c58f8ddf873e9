package pelluna.app.losses;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.crew.Crews;
import pelluna.app.drawing.Likeness;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.planning.TankPlans;
import pelluna.app.tank.TankEntity;
import pelluna.core.losses.Cause;
import pelluna.words.Words;

/** The ledger in words: who, when, how, what it cost, and what the plan had said. */
@Component
class LedgerView {
    private static final int FISH_WIDE = 58;
    private static final int MARK_WIDE = 34;
    private static final int YEAR = 365;

    private final TankPlans plans;
    private final Individuals fish;
    private final Crews crew;
    private final DepartureRows rows;
    private final PredictionsInHindsight predictions;

    LedgerView(TankPlans plans, Individuals fish, Crews crew, DepartureRows rows, PredictionsInHindsight predictions) {
        this.plans = plans;
        this.fish = fish;
        this.crew = crew;
        this.rows = rows;
        this.predictions = predictions;
    }

    /**
     * One line of the ledger.
     *
     * @param kept   days kept, in words; empty if nobody knows
     * @param how    cause and how sure, or where it went
     * @param brief  what the plan had said, in one sentence; empty for the crew
     * @param inTank name of its tank
     */
    record Line(
            long id,
            long tank,
            String inTank,
            String who,
            Likeness likeness,
            LocalDate on,
            String kept,
            boolean lost,
            Cause cause,
            String how,
            String seen,
            Double cost,
            boolean pictured,
            String brief,
            int count) {
        public String drawing() {
            return likeness.draw(FISH_WIDE);
        }
    }

    /** One cause with a mark for each that was lost to it. */
    record Marks(Cause cause, int count, List<Mark> marks, double cost) {}

    /** One mark, one fish. */
    record Mark(String drawing, String title, String href) {}

    /** @param unpriced losses without a cost */
    record Money(double all, double lastYear, int unpriced) {
        public boolean any() {
            return all > 0;
        }
    }

    /** Everybody who departed, newest first. */
    @Transactional(readOnly = true)
    public List<Line> lines(Collection<OwnedTank> tanks) {
        Map<Long, Fish> known = fish.all(tanks);
        Map<Long, LivestockEntity> entities =
                fish.rows(tanks).stream().collect(Collectors.toMap(LivestockEntity::id, f -> f));
        Map<Long, Crews.Named> crews = crew.named(tanks);
        Map<Long, String> names = plans.tanks().stream().collect(Collectors.toMap(TankEntity::id, TankEntity::name));
        List<Line> lines = new ArrayList<>();
        Map<Long, PredictionsInHindsight.Prediction> words = predictions.words(tanks);
        for (DepartureEntity d : rows.standing(OwnedTank.ids(tanks))) {
            line(d, known, entities, crews, words, names.getOrDefault(d.tankId(), ""))
                    .ifPresent(lines::add);
        }
        return lines;
    }

    private Optional<Line> line(
            DepartureEntity d,
            Map<Long, Fish> known,
            Map<Long, LivestockEntity> entities,
            Map<Long, Crews.Named> crews,
            Map<Long, PredictionsInHindsight.Prediction> words,
            String tank) {
        Words say = plans.words();
        String how = d.lost() ? say.title(d.cause()) + by(d, known, say) + ", " + say.of(d.sure()) : say.title(d.how());
        if (d.crewId() != null) {
            Crews.Named c = crews.get(d.crewId());
            return c == null
                    ? Optional.empty()
                    : Optional.of(new Line(
                            d.id(),
                            d.tankId(),
                            tank,
                            (d.count() > 1 ? d.count() + " " : "") + c.name(),
                            Likeness.of(c.kind(), c.name()),
                            d.onDay(),
                            "",
                            d.lost(),
                            d.cause(),
                            how,
                            d.seen(),
                            d.cost(),
                            d.pictureId() != null,
                            "",
                            d.count()));
        }
        Fish f = known.get(d.fishId());
        if (f == null) {
            return Optional.empty();
        }
        return Optional.of(new Line(
                d.id(),
                d.tankId(),
                tank,
                who(f, d.count(), say),
                Likeness.of(f.species()),
                d.onDay(),
                kept(entities.get(f.id()), d.onDay(), say),
                d.lost(),
                d.cause(),
                how,
                d.seen(),
                d.cost(),
                d.pictureId() != null,
                d.lost() ? brief(d, f, words, say) : "",
                d.count()));
    }

    private static String brief(
            DepartureEntity d, Fish f, Map<Long, PredictionsInHindsight.Prediction> words, Words say) {
        PredictionsInHindsight.Prediction word = words.get(whole(f));
        return word != null
                ? word.brief().getOrDefault(d.id(), "")
                : d.inQuarantine()
                        ? say.text("page.losses.itDidNotComeAsFarAs")
                        : say.text("page.losses.thePlanWasNotAskedBeforeIt");
    }

    private static long whole(Fish f) {
        return f.partOf() == null ? f.id() : f.partOf();
    }

    private static String by(DepartureEntity d, Map<Long, Fish> known, Words say) {
        Fish by = d.byFish() == null ? null : known.get(d.byFish());
        return by == null
                ? ""
                : d.cause() == Cause.KILLED ? ": " + say.of(by.said()) : say.text("page.losses.by2", by.said());
    }

    /** 'Saffron', '2 × pajama cardinalfish'. */
    static String who(Fish f, int count, Words say) {
        return say.title(
                !f.name().isEmpty() && count == 1
                        ? f.name() + " (" + say.of(f.species()) + ")"
                        : say.of(f.species(), count));
    }

    static String kept(LivestockEntity f, LocalDate on, Words say) {
        LocalDate from = f == null ? null : LifeBook.start(f);
        if (from == null) {
            return "";
        }
        long days = Math.max(0, ChronoUnit.DAYS.between(from, on));
        return days < 60
                ? say.text("page.losses.days", (int) days)
                : days < 2 * YEAR
                        ? say.text("page.losses.months", Math.round(days / 30.4))
                        : say.text("page.losses.years", say.number(days / 365.25, 1));
    }

    /** Losses by cause, the most frequent first; each a small drawing of who it was. */
    List<Marks> marks(List<Line> lines, Words say) {
        List<Marks> all = new ArrayList<>();
        for (Cause cause : Cause.values()) {
            List<Line> mine = lines.stream()
                    .filter(l -> l.lost() && l.cause() == cause)
                    .sorted(Comparator.comparing(Line::on))
                    .toList();
            if (!mine.isEmpty()) {
                List<Mark> marks = new ArrayList<>();
                for (Line l : mine) {
                    for (int i = 0; i < l.count(); i++) {
                        marks.add(new Mark(
                                l.likeness().draw(MARK_WIDE),
                                l.who() + ", " + say.date(l.on()),
                                "/tanks/" + l.tank() + "/losses/" + l.id()));
                    }
                }
                all.add(new Marks(
                        cause,
                        marks.size(),
                        marks,
                        mine.stream()
                                .filter(l -> l.cost() != null)
                                .mapToDouble(Line::cost)
                                .sum()));
            }
        }
        all.sort(Comparator.comparingInt(Marks::count).reversed());
        return all;
    }

    Money money(List<Line> lines) {
        List<Line> lost = lines.stream().filter(Line::lost).toList();
        LocalDate year = plans.today().minusDays(YEAR);
        return new Money(
                lost.stream()
                        .filter(l -> l.cost() != null)
                        .mapToDouble(Line::cost)
                        .sum(),
                lost.stream()
                        .filter(l -> l.cost() != null && l.on().isAfter(year))
                        .mapToDouble(Line::cost)
                        .sum(),
                (int) lost.stream().filter(l -> l.cost() == null).count());
    }

    /** Those that were put right or taken back since, for who wants to see. */
    @Transactional(readOnly = true)
    public List<String> corrected(OwnedTank tank) {
        Map<Long, Fish> known = fish.all(List.of(tank));
        Map<Long, Crews.Named> crews = crew.named(List.of(tank));
        Words say = plans.words();
        return rows.corrected(tank.id()).stream()
                .map(d -> {
                    String who = d.crewId() != null
                            ? Optional.ofNullable(crews.get(d.crewId()))
                                    .map(Crews.Named::name)
                                    .orElseGet(() -> say.text("page.losses.crew"))
                            : Optional.ofNullable(known.get(d.fishId()))
                                    .map(f -> who(f, d.count(), say))
                                    .orElseGet(() -> say.of(Fish.said(null)));
                    return d.wasTakenBack()
                            ? say.text(
                                    "page.losses.takenBack",
                                    who,
                                    d.onDay(),
                                    (d.lost() ? say.of(d.cause()) + ", " + say.of(d.sure()) : say.of(d.how())))
                            : say.text(
                                    "page.losses.putRightSince",
                                    who,
                                    d.onDay(),
                                    (d.lost() ? say.of(d.cause()) + ", " + say.of(d.sure()) : say.of(d.how())));
                })
                .toList();
    }

    static List<Cause> causes() {
        return Arrays.asList(Cause.values());
    }
}
