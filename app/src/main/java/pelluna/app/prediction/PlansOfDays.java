package pelluna.app.prediction;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.log.Fights;
import pelluna.app.losses.Deaths;
import pelluna.app.odds.PastPlans;
import pelluna.core.plan.PlanFile;
import pelluna.words.Words;

/** The plans that were kept on the days of arrivals, for who holds odds against what happened. */
@Component
class PlansOfDays implements PastPlans {
    private final PredictionRows words;
    private final Individuals fish;
    private final Deaths deaths;
    private final Fights fights;
    private final CurrentKeeper keeper;

    PlansOfDays(PredictionRows words, Individuals fish, Deaths deaths, Fights fights, CurrentKeeper keeper) {
        this.words = words;
        this.fish = fish;
        this.deaths = deaths;
        this.fights = fights;
        this.keeper = keeper;
    }

    @Override
    @Transactional(readOnly = true)
    public List<Past> of(OwnedTank tank) {
        Words say = keeper.words();
        List<OwnedTank> alone = List.of(tank);
        Map<Long, LivestockEntity> rows =
                fish.rows(alone).stream().collect(Collectors.toMap(LivestockEntity::id, f -> f));
        Map<LocalDate, List<PredictionRows.Head>> days = words.heads(OwnedTank.ids(alone)).stream()
                .filter(h -> rows.containsKey(h.fishId()) && !PredictionReview.undone(rows.get(h.fishId()), h))
                .collect(Collectors.groupingBy(
                        PredictionRows.Head::onDay,
                        () -> new TreeMap<>(Comparator.reverseOrder()),
                        Collectors.toList()));
        Map<Long, Fish> known = fish.all(alone);
        List<Amiss> amiss = amiss(alone, known, say);
        List<Past> all = new ArrayList<>();
        days.forEach((on, heads) -> all.add(new Past(
                heads.get(0).id(),
                on,
                say.list(heads.stream()
                        .map(h -> ForecastWords.name(known, h.fishId(), say))
                        .distinct()
                        .toList()),
                amiss.stream().filter(a -> !a.on().isBefore(on)).toList())));
        return all;
    }

    /** Oldest first. */
    private List<Amiss> amiss(List<OwnedTank> alone, Map<Long, Fish> known, Words say) {
        Stream<Amiss> lost = deaths.of(alone).stream()
                .filter(d -> d.fish() != null)
                .map(d -> amiss(d.on(), lost(d, known, say), known.get(d.fish())));
        Stream<Amiss> hurt = fights.serious(alone).stream()
                .filter(Fights.Fight::hurt)
                .map(f -> amiss(
                        f.on(),
                        say.text("page.odds.wasHurt", say.title(ForecastWords.name(known, f.other(), say)), f.on()),
                        known.get(f.other())));
        return Stream.concat(lost, hurt).sorted(Comparator.comparing(Amiss::on)).toList();
    }

    /** @param fish null for one that is not known any more */
    private static Amiss amiss(LocalDate on, String says, Fish fish) {
        return new Amiss(
                on, says, fish == null ? "" : fish.species().scientificName(), fish == null ? null : fish.cameOn());
    }

    private static String lost(Deaths.Death d, Map<Long, Fish> known, Words say) {
        String who = ForecastWords.name(known, d.fish(), say);
        Fish fish = known.get(d.fish());
        return fish != null && fish.count() > 1
                ? say.text("page.odds.someWereLost", who, d.count(), d.on(), say.of(d.cause()))
                : say.text("page.odds.wasLost", say.title(who), d.on(), say.of(d.cause()));
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<PlanFile> plan(OwnedTank tank, long word) {
        return words.findByIdAndTankId(word, tank.id()).map(PredictionEntity::plan);
    }
}
