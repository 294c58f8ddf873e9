package pelluna.app.losses;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.picture.PictureFile;
import pelluna.app.picture.Pictures;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.core.arrivals.Dated;
import pelluna.core.livestock.Stage;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Clearance;
import pelluna.core.losses.Sure;
import pelluna.core.units.Named;
import pelluna.words.Words;

/**
 * The page of one loss: what is known, what changes now, what the plan had said, and, after illness, who was exposed
 * and how long to wait.
 */
@Component
class LossView {
    private static final int EXPOSED_DAYS = 14;

    private final TankPlans plans;
    private final LedgerView ledger;
    private final MissingFish missing;
    private final DepartureRows rows;
    private final Individuals fish;
    private final AfterIllness afterIllness;
    private final Pictures pictures;
    private final PredictionsInHindsight predictions;

    LossView(
            TankPlans plans,
            LedgerView ledger,
            MissingFish missing,
            DepartureRows rows,
            Individuals fish,
            AfterIllness afterIllness,
            Pictures pictures,
            PredictionsInHindsight predictions) {
        this.plans = plans;
        this.ledger = ledger;
        this.missing = missing;
        this.rows = rows;
        this.fish = fish;
        this.afterIllness = afterIllness;
        this.pictures = pictures;
        this.predictions = predictions;
    }

    /**
     * After a loss to illness.
     *
     * @param exposed    who was in the water with it
     * @param waits      planned arrivals that would come too early
     * @param fallowDays if all fish leave the tank; @param fallowUntil if they did so today
     */
    record Illness(
            LocalDate lastSign,
            LocalDate clear,
            boolean over,
            List<String> exposed,
            List<String> waits,
            int fallowDays,
            LocalDate fallowUntil) {}

    /**
     * One departure.
     *
     * @param fish     null for one of the crew
     * @param proposed the cause that the log would have fit, in words; empty if none, or the same as was said
     * @param word     null if the plan was not asked, or it is one of the crew
     * @param illness  null for other causes
     */
    record Page(
            LedgerView.Line line,
            Long fish,
            boolean lost,
            Cause cause,
            Sure sure,
            Long by,
            List<String> changes,
            String proposed,
            PredictionsInHindsight.Prediction word,
            Illness illness,
            String sentence) {}

    @Transactional(readOnly = true)
    public Page of(OpenTank opened, long number) {
        OwnedTank tank = opened.owned();
        DepartureEntity d = rows.findByIdAndTankId(number, tank.id())
                .filter(DepartureEntity::counts)
                .orElseThrow(NoSuchTankException::new);
        LedgerView.Line line = ledger.lines(List.of(tank)).stream()
                .filter(l -> l.id() == number)
                .findFirst()
                .orElseThrow(NoSuchTankException::new);
        Fish f = d.fishId() == null ? null : fish.one(tank, d.fishId());
        List<String> changes =
                d.changes().isBlank() ? List.of() : Arrays.asList(d.changes().split("\n"));
        String proposed = d.lost()
                ? Named.find(Cause.class, d.proposed())
                        .filter(c -> c != d.cause())
                        .map(c -> opened.say()
                                .text(
                                        "page.losses.theLogWouldHaveFitBest",
                                        opened.say().of(c)))
                        .orElse("")
                : "";
        PredictionsInHindsight.Prediction word =
                f == null ? null : predictions.words(List.of(tank)).get(f.partOf() == null ? f.id() : f.partOf());
        return new Page(
                line,
                d.fishId(),
                d.lost(),
                d.cause(),
                d.sure(),
                d.byFish(),
                changes,
                proposed,
                word,
                afterIllness.of(opened, d).map(c -> illness(opened, d, c)).orElse(null),
                sentence(line, opened.say()));
    }

    private static String sentence(LedgerView.Line line, Words say) {
        return line.lost()
                ? (line.kept().isEmpty()
                        ? line.kept().isEmpty()
                                ? say.text("page.losses.lostOn", line.on())
                                : say.text("page.losses.lostOnItHadAPlaceHere", line.on())
                        : line.kept().isEmpty()
                                ? say.text("page.losses.lostOnAfter", line.on(), line.kept())
                                : say.text("page.losses.lostOnAfterItHadAPlace", line.on(), line.kept()))
                : say.text("page.losses.onThatIsNoLoss", line.how(), line.on());
    }

    /** How many of a group are missing. */
    int missing(OwnedTank tank, long number) {
        return missing.missing(tank, number).map(m -> m.count()).orElse(0);
    }

    @Transactional(readOnly = true)
    public Optional<PictureFile> picture(OwnedTank tank, long number) {
        return rows.findByIdAndTankId(number, tank.id()).flatMap(d -> pictures.of(tank, d.pictureId()));
    }

    private Illness illness(OpenTank opened, DepartureEntity d, Clearance clearance) {
        OwnedTank tank = opened.owned();
        List<Fish> all = fish.all(tank);
        List<String> exposed = new ArrayList<>();
        Set<Long> dead = rows.standing(List.of(tank.id())).stream()
                .filter(DepartureEntity::lost)
                .map(DepartureEntity::fishId)
                .collect(Collectors.toSet());
        for (LivestockEntity f : fish.rows(List.of(tank))) {
            boolean cameBefore = f.cameOn() == null || !f.cameOn().isAfter(d.onDay());
            boolean stayed = f.leftOn() == null
                    || !f.leftOn()
                            .isBefore(
                                    dead.contains(f.id())
                                            ? d.onDay()
                                            : d.onDay().minusDays(EXPOSED_DAYS));
            boolean inTank = f.stage() != Stage.BOX || f.cameOn() != null;
            if (f.partOf() == null && !f.id().equals(d.fishId()) && cameBefore && stayed && inTank) {
                all.stream()
                        .filter(x -> x.id() == f.id())
                        .findFirst()
                        .map(x -> x.label(opened.say()))
                        .ifPresent(exposed::add);
            }
        }
        List<String> waits = new ArrayList<>();
        for (Dated step : opened.assessment().arrivals().steps()) {
            if (step.releaseOn().isBefore(clearance.watchedUntil())) {
                waits.add(opened.say()
                        .text(
                                "page.losses.plannedFor",
                                opened.say().list(step.arrival().parties()),
                                step.releaseOn()));
            }
        }
        return new Illness(
                clearance.lastSign(),
                clearance.watchedUntil(),
                clearance.over(plans.today()),
                exposed,
                waits,
                clearance.fallowDays(),
                clearance.fallowUntil(plans.today()));
    }
}
