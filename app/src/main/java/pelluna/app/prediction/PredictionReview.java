package pelluna.app.prediction;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.log.Fights;
import pelluna.app.log.LogFigures;
import pelluna.app.log.WatchEntity;
import pelluna.app.losses.Deaths;
import pelluna.app.losses.PredictionsInHindsight;
import pelluna.core.catalogue.Stance;
import pelluna.core.livestock.Stage;
import pelluna.core.losses.Calibration;
import pelluna.core.losses.Hindsight;
import pelluna.core.losses.Topic;
import pelluna.core.units.Named;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** Holds what plans had said against what happened. Reads what was kept; computes no assessment anew. */
@Service
public class PredictionReview implements PredictionsInHindsight {
    /** Days of a quarrel that are told one by one. */
    private static final int LAST_DAYS = 4;

    private final CurrentKeeper keeper;
    private final PredictionRows words;
    private final KeptForecasts forecasts;
    private final Individuals fish;
    private final Deaths deaths;
    private final Fights fights;
    private final Clock clock;

    PredictionReview(
            PredictionRows words,
            KeptForecasts forecasts,
            Individuals fish,
            Deaths deaths,
            Fights fights,
            Clock clock,
            CurrentKeeper keeper) {
        this.keeper = keeper;
        this.words = words;
        this.forecasts = forecasts;
        this.fish = fish;
        this.deaths = deaths;
        this.fights = fights;
        this.clock = clock;
    }

    /** What is at hand for some tanks. @param heads the last word on each fish that came to stay, by fish */
    private record Kept(
            Map<Long, OwnedTank> tanks,
            Map<Long, PredictionRows.Head> heads,
            Map<Long, List<Forecast>> said,
            List<Fights.Fight> fights,
            Happenings happened,
            Map<Long, Fish> known,
            Map<Long, LivestockEntity> rows,
            Words say) {}

    private Kept kept(Collection<OwnedTank> tanks) {
        Words say = keeper.words();
        Map<Long, Fish> known = fish.all(tanks);
        List<LivestockEntity> rows = fish.rows(tanks);
        Map<Long, LivestockEntity> byId = rows.stream().collect(Collectors.toMap(LivestockEntity::id, f -> f));
        Map<Long, PredictionRows.Head> heads = new LinkedHashMap<>();
        words.heads(OwnedTank.ids(tanks)).stream()
                .filter(h -> byId.containsKey(h.fishId()) && !undone(byId.get(h.fishId()), h))
                .forEach(h -> heads.put(h.fishId(), h));
        Map<Long, List<Forecast>> said = forecasts.of(
                heads.values().stream().map(PredictionRows.Head::id).toList());
        Map<Long, Long> groupOf = rows.stream()
                .filter(f -> f.partOf() != null)
                .collect(Collectors.toMap(LivestockEntity::id, LivestockEntity::partOf));
        List<Fights.Fight> serious = fights.serious(tanks);
        return new Kept(
                tanks.stream().collect(Collectors.toMap(OwnedTank::id, t -> t)),
                heads,
                said,
                serious,
                new Happenings(deaths.of(tanks), serious, fights.signs(tanks), groupOf, say),
                known,
                byId,
                say);
    }

    /** An arrival that was taken back on its own day never was. */
    static boolean undone(LivestockEntity f, PredictionRows.Head h) {
        return f.stage().wish() || f.stage() == Stage.DROPPED && h.onDay().equals(f.leftOn());
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, Prediction> words(Collection<OwnedTank> tanks) {
        Kept kept = kept(tanks);
        Map<Long, Prediction> told = new HashMap<>();
        List<Deaths.Death> lost = deaths.of(tanks);
        kept.heads()
                .forEach((number, head) -> told.put(
                        number,
                        word(
                                kept,
                                head,
                                kept.said().getOrDefault(head.id(), List.of()),
                                lost.stream()
                                        .filter(d -> number.equals(d.fish())
                                                || d.fish() != null
                                                        && kept.rows().containsKey(d.fish())
                                                        && number.equals(kept.rows()
                                                                .get(d.fish())
                                                                .partOf()))
                                        .toList(),
                                kept.say())));
        return told;
    }

    private static Prediction word(
            Kept kept, PredictionRows.Head head, List<Forecast> said, List<Deaths.Death> lost, Words say) {
        List<Said> lines = new ArrayList<>();
        for (Forecast s : said) {
            if (s.step().atLeast(Step.RIPPLE)) {
                lines.add(said(kept, head, s, say));
            }
        }
        lines.sort(Comparator.comparing(Said::step).reversed().thenComparing(Said::became));
        List<String> missed = new ArrayList<>();
        for (Topic topic : Topic.values()) {
            kept.happened()
                    .happened(topic, head.fishId(), head.onDay())
                    .filter(w -> !warned(said, topic))
                    .ifPresent(w -> missed.add(say.text(
                            "page.prediction.thePlanHadSaidNothingAtChop",
                            kept.say().title(topic),
                            w)));
        }
        return new Prediction(
                head.id(),
                head.onDay(),
                say.of(Named.find(Stance.class, head.stance()).orElse(Stance.CUSTOMARY)),
                lines,
                missed,
                lost.stream().collect(Collectors.toMap(Deaths.Death::id, d -> brief(said, d, kept.say()))));
    }

    private static Said said(Kept kept, PredictionRows.Head head, Forecast s, Words say) {
        Optional<Topic> topic = Topic.of(s.rule(), s.about());
        Optional<String> bore = kept.happened().bore(s, head.onDay());
        return new Said(
                s.step(),
                ForecastWords.title(s, kept.known(), kept.say()),
                say.sentences(s.reasons()),
                bore.isPresent() ? Became.HAPPENED : topic.isPresent() ? Became.NOT_SO_FAR : Became.CANNOT_TELL,
                bore.map(kept.say()::title)
                        .orElse(
                                topic.isPresent()
                                        ? say.text("page.prediction.notSoFarAsFarAsThe")
                                        : say.text("page.prediction.nothingInALogCouldBearThis")));
    }

    private static boolean warned(List<Forecast> said, Topic topic) {
        return said.stream()
                .anyMatch(s -> s.step().atLeast(Step.CHOP)
                        && Topic.of(s.rule(), s.about()).filter(t -> t == topic).isPresent());
    }

    /** What it had said of the very thing that it died of. */
    private static String brief(List<Forecast> said, Deaths.Death death, Words say) {
        Optional<Topic> topic = Topic.of(death.cause());
        if (topic.isEmpty()) {
            return say.text("page.prediction.ofSuchACauseNoPlanCan");
        }
        return said.stream()
                .filter(s -> s.step() != Step.CALM
                        && Topic.of(s.rule(), s.about())
                                .filter(t -> t == topic.get())
                                .isPresent()
                        && (s.other() == null
                                || death.by() == null
                                || s.other().equals(death.by())
                                || s.fish().equals(death.by())))
                .max(Comparator.comparing(Forecast::step))
                .map(s -> (s.step().atLeast(Step.CHOP)
                                ? say.text("page.prediction.said")
                                : say.text("page.prediction.hintedAt"))
                        + " (" + say.title(s.step()) + "): " + say.sentences(s.reasons()))
                .orElse(say.text("page.prediction.notSaidThePlanWasCalmAbout", say.of(topic.get())));
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, Boolean> pressed(Collection<OwnedTank> tanks) {
        Map<Long, Boolean> pressed = new HashMap<>();
        List<PredictionRows.Head> heads = words.heads(OwnedTank.ids(tanks));
        Map<Long, List<Forecast>> said =
                forecasts.of(heads.stream().map(PredictionRows.Head::id).toList());
        heads.forEach(h -> pressed.put(
                h.fishId(),
                said.getOrDefault(h.id(), List.of()).stream()
                        .anyMatch(s -> s.rule().equals(Forecast.TENSION)
                                && s.step().atLeast(Step.CHOP)
                                && h.fishId().equals(s.other()))));
        return pressed;
    }

    /**
     * Two who were seen to fight hard, with what was said of them.
     *
     * @param days  one sentence for each of the last days
     * @param before how many more days there were
     * @param asked when the plan was asked about them, or that it was not
     */
    record Fought(LocalDate last, String who, List<String> days, int before, String asked, List<Said> said) {}

    /** Everything that the page of hindsight tells. */
    record Page(
            int arrivals,
            List<Hindsight.Tally> tallies,
            List<Calibration.Bin> bins,
            String trend,
            List<Fought> fights,
            List<WarnedAndDone> risks) {}

    /**
     * A fish that was taken though Pelluna refused it. @param became what has happened to it since that had been said,
     * or that nothing
     * has
     */
    record WarnedAndDone(LocalDate on, String who, String warned, boolean happened, String became) {}

    @Transactional(readOnly = true)
    Page page(Collection<OwnedTank> tanks) {
        Kept kept = kept(tanks);
        List<Hindsight.Seen> seen = new ArrayList<>();
        kept.heads().values().forEach(h -> {
            List<Forecast> said = kept.said().getOrDefault(h.id(), List.of());
            for (Topic topic : Topic.values()) {
                seen.add(new Hindsight.Seen(
                        topic,
                        warned(said, topic),
                        kept.happened().happened(topic, h.fishId(), h.onDay()).isPresent()));
            }
        });
        List<Calibration.Bin> bins = Calibration.of(pairs(kept));
        return new Page(
                kept.heads().size(),
                Hindsight.tallied(seen),
                bins,
                kept.say().of(Calibration.trend(bins)),
                fought(kept, kept.say()),
                warnedAndDone(kept, kept.say()));
    }

    private static List<WarnedAndDone> warnedAndDone(Kept kept, Words say) {
        List<WarnedAndDone> all = new ArrayList<>();
        kept.heads()
                .values()
                .forEach(h -> kept.said().getOrDefault(h.id(), List.of()).stream()
                        .filter(s -> s.rule().equals(Forecast.OWN_RISK))
                        .findFirst()
                        .ifPresent(s -> {
                            List<String> came = java.util.Arrays.stream(Topic.values())
                                    .map(t -> kept.happened()
                                            .happened(t, h.fishId(), h.onDay())
                                            .map(w -> kept.say().of(t) + ": " + w))
                                    .flatMap(Optional::stream)
                                    .toList();
                            all.add(new WarnedAndDone(
                                    h.onDay(),
                                    ForecastWords.name(kept.known(), h.fishId(), say),
                                    say.sentences(s.reasons()),
                                    !came.isEmpty(),
                                    came.isEmpty()
                                            ? say.text("page.prediction.nothingOfItSoFarAsFar")
                                            : say.title(String.join("; ", came)) + "."));
                        }));
        return all;
    }

    private List<Calibration.Pair> pairs(Kept kept) {
        Map<Long, List<WatchEntity>> watches = new HashMap<>();
        List<Calibration.Pair> pairs = new ArrayList<>();
        kept.heads().values().forEach(h -> {
            Instant since = h.onDay().atStartOfDay(clock.getZone()).toInstant();
            List<WatchEntity> all = watches.computeIfAbsent(
                    h.tankId(), t -> fights.watches(kept.tanks().get(t)));
            List<LogFigures.Watched> acts = fights.contestsSince(kept.tanks().get(h.tankId()), since);
            Map<Long, Forecast> hardest = new LinkedHashMap<>();
            kept.said().getOrDefault(h.id(), List.of()).stream()
                    .filter(s -> s.rule().equals(Forecast.TENSION))
                    .forEach(s -> hardest.merge(
                            h.fishId().equals(s.fish()) ? s.other() : s.fish(),
                            s,
                            (a, b) -> a.tension() >= b.tension() ? a : b));
            hardest.forEach((other, s) -> {
                Instant until = earlier(
                        gone(kept.rows().get(h.fishId())), gone(kept.rows().get(other)));
                double hours = LogFigures.hours(all, since, until);
                int n = acts.stream()
                        .filter(w -> between(kept, w, h.fishId(), other))
                        .mapToInt(LogFigures.Watched::acts)
                        .sum();
                pairs.add(new Calibration.Pair(
                        s.tension(),
                        s.step(),
                        hours,
                        n,
                        kept.happened().fought(h.fishId(), other, h.onDay()).isPresent()));
            });
        });
        return pairs;
    }

    private Instant gone(LivestockEntity f) {
        return f == null || f.leftOn() == null
                ? Instant.MAX
                : f.leftOn().plusDays(1).atStartOfDay(clock.getZone()).toInstant();
    }

    private static Instant earlier(Instant a, Instant b) {
        return a.isBefore(b) ? a : b;
    }

    private static boolean between(Kept kept, LogFigures.Watched w, Long one, Long other) {
        Long a = whole(kept, w.fish());
        Long b = whole(kept, w.other());
        return a.equals(one) && b.equals(other) || a.equals(other) && b.equals(one);
    }

    private static Long whole(Kept kept, long fish) {
        LivestockEntity f = kept.rows().get(fish);
        return f == null || f.partOf() == null ? Long.valueOf(fish) : f.partOf();
    }

    private static List<Fought> fought(Kept kept, Words say) {
        Map<List<Long>, List<Fights.Fight>> byPair = new LinkedHashMap<>();
        kept.fights()
                .forEach(f -> byPair.computeIfAbsent(List.of(f.fish(), f.other()), k -> new ArrayList<>())
                        .add(f));
        List<Fought> told = new ArrayList<>();
        byPair.forEach((pair, days) -> {
            LocalDate last = days.get(0).on();
            Long one = whole(kept, pair.get(0));
            Long other = whole(kept, pair.get(1));
            Optional<PredictionRows.Head> asked = kept.heads().values().stream()
                    .filter(h -> !h.onDay().isAfter(last)
                            && (h.fishId().equals(one) || h.fishId().equals(other))
                            && between(kept, h, one, other).findAny().isPresent())
                    .max(Comparator.comparing(PredictionRows.Head::onDay));
            told.add(new Fought(
                    last,
                    say.text(
                            "page.prediction.against",
                            ForecastWords.name(kept.known(), pair.get(0), say),
                            ForecastWords.name(kept.known(), pair.get(1), say)),
                    days.stream().limit(LAST_DAYS).map(d -> day(d, say)).toList(),
                    Math.max(0, days.size() - LAST_DAYS),
                    asked.map(h -> say.text("page.prediction.saidOn", h.onDay()))
                            .orElse(say.text("page.prediction.noPlanWasAskedBeforeTheyMet")),
                    asked.map(h -> between(kept, h, one, other)
                                    .map(s -> said(kept, h, s, say))
                                    .toList())
                            .orElse(List.of())));
        });
        told.sort(Comparator.comparing(Fought::last).reversed());
        return told;
    }

    private static String day(Fights.Fight f, Words say) {
        String acts = f.hard() == f.acts()
                ? say.text("page.prediction.fightAllHard", f.on(), f.acts())
                : say.text("page.prediction.fight", f.on(), f.acts(), f.hard());
        return f.hurt() ? say.text("page.prediction.fightAndHurt", acts) : acts;
    }

    /** What one word has of two fish, the gravest first. */
    private static Stream<Forecast> between(Kept kept, PredictionRows.Head h, Long one, Long other) {
        return kept.said().getOrDefault(h.id(), List.of()).stream()
                .filter(s -> s.other() != null
                        && (s.fish().equals(one) && s.other().equals(other)
                                || s.fish().equals(other) && s.other().equals(one)))
                .sorted(Comparator.comparing(Forecast::step).reversed());
    }

    /** The whole of what was kept on a day, as it was. */
    @Transactional(readOnly = true)
    Optional<PredictionEntity> whole(OwnedTank tank, long word) {
        return words.findByIdAndTankId(word, tank.id());
    }
}
