package pelluna.app.prediction;

import java.util.Map;
import pelluna.app.fish.Fish;
import pelluna.core.capacity.LensKind;
import pelluna.core.sieve.RuleName;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** A forecast as a keeper reads it. */
final class ForecastWords {
    private ForecastWords() {}

    static String title(Forecast s, Map<Long, Fish> known, Words say) {
        return switch (s.rule()) {
            case Forecast.TENSION ->
                say.text(
                        "page.prediction.pressesTension",
                        name(known, s.fish(), say),
                        name(known, s.other(), say),
                        Math.round(s.tension()));
            case Forecast.EATEN ->
                say.text(
                        "page.prediction.eats",
                        name(known, s.fish(), say),
                        s.other() != null
                                ? name(known, s.other(), say)
                                : Named.find(ReefLife.class, s.about())
                                        .map(say::of)
                                        .orElse(s.about()));
            case Forecast.OWN_RISK -> say.text("page.prediction.takenAtYourOwnRiskWarnedAnd");
            case Forecast.CAPACITY ->
                say.text(
                        "page.prediction.capacity",
                        Named.find(LensKind.class, s.about())
                                .map(kind -> say.of(kind, "brief"))
                                .orElse(s.about()));
            default -> Named.find(RuleName.class, s.rule()).map(say::of).orElse(s.rule());
        };
    }

    static String name(Map<Long, Fish> known, Long fish, Words say) {
        Fish f = fish == null ? null : known.get(fish);
        return f == null
                ? say.of(Fish.said(null))
                : f.count() > 1 && f.name().isEmpty()
                        ? say.text("page.prediction.theGroup", f.species())
                        : say.of(f.said());
    }
}
