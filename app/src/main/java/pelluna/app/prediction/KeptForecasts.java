package pelluna.app.prediction;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.rows.StatementJson;
import pelluna.core.capacity.LensReason;
import pelluna.core.catalogue.Caution;
import pelluna.core.sieve.Reason;
import pelluna.core.tension.EatenReason;
import pelluna.core.tension.TensionReason;
import pelluna.core.units.Statement;

/** What was said on the days of arrivals, forecast by forecast. */
@Component
class KeptForecasts {
    /** Whatever a forecast can give as its reason. */
    static final List<Class<? extends Statement>> FAMILIES = List.of(
            Reason.class,
            Caution.class,
            TensionReason.class,
            EatenReason.class,
            LensReason.class,
            NothingBetween.class);

    private final ForecastRows rows;
    private final StatementJson json;

    KeptForecasts(ForecastRows rows, KeeperCatalogue catalogue) {
        this.rows = rows;
        this.json = new StatementJson(name -> catalogue.get().find(name), FAMILIES);
    }

    void keep(long prediction, List<Forecast> said) {
        rows.saveAll(
                said.stream().map(s -> new ForecastEntity(prediction, s, json)).toList());
    }

    /** By the number of the prediction, in their order. */
    Map<Long, List<Forecast>> of(Collection<Long> predictions) {
        Map<Long, List<Forecast>> all = new HashMap<>();
        rows.findByWordIdInOrderById(predictions)
                .forEach(e ->
                        all.computeIfAbsent(e.wordId(), k -> new ArrayList<>()).add(e.forecast(json)));
        return all;
    }
}
