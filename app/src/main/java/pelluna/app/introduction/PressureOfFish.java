package pelluna.app.introduction;

import java.util.Comparator;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.SparkLine;
import pelluna.app.fish.Fish;
import pelluna.app.log.LogFigures;
import pelluna.core.behaviour.Pressure;
import pelluna.core.behaviour.RateChange;
import pelluna.core.units.Hours;
import pelluna.words.Words;

/** What one fish took in the last seven days, and from whom most. */
@Component
class PressureOfFish {
    private final CurrentKeeper keeper;
    private final LogFigures log;

    PressureOfFish(LogFigures log, CurrentKeeper keeper) {
        this.keeper = keeper;
        this.log = log;
    }

    /** @param hardest number of the fish that it took most from */
    record Lately(String spark, RateChange trend, String says, Optional<Long> hardest) {}

    /** Empty if nothing was seen against it. */
    @Transactional(readOnly = true)
    Optional<Lately> of(OwnedTank tank, Fish f) {
        Pressure p = log.pressure(tank, Pressure.DAYS, log.watches(tank)).get(f.id());
        if (p == null) {
            return Optional.empty();
        }
        double most = Math.max(
                1,
                p.days().stream()
                        .mapToDouble(Pressure.Day::rate)
                        .filter(r -> !Double.isNaN(r))
                        .max()
                        .orElse(1));
        Words say = keeper.words();
        Optional<Long> hardest = log.pressing(tank, log.ago(Pressure.DAYS)).stream()
                .filter(w -> w.other() == f.id())
                .max(Comparator.comparingInt(LogFigures.Watched::acts))
                .map(LogFigures.Watched::fish);
        return Optional.of(new Lately(
                SparkLine.draw(p.days(), most, say),
                p.trend(),
                p.outside() == 0
                        ? say.text("page.introduction.actsInWatches", p.acts(), new Hours(p.hours()))
                        : say.text(
                                "page.introduction.actsInWatchesAndOutside",
                                p.acts(),
                                new Hours(p.hours()),
                                p.outside()),
                hardest));
    }
}
