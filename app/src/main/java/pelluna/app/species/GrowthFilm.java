package pelluna.app.species;

import java.util.ArrayList;
import java.util.List;
import pelluna.app.drawing.FishDrawing;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Convert;
import pelluna.core.units.Rounding;
import pelluna.words.Words;

/** A fish from purchase until it is all but grown: lengths at even steps of time, what is said, its pictures. */
final class GrowthFilm {
    private static final int PICTURES = 40;
    /** Growth never ends; the film does where so much of the final length is reached. */
    private static final double GROWN = 0.985;

    private GrowthFilm() {}

    /**
     * What the browser plays.
     *
     * @param cm    lengths at even steps
     * @param share of the final length, as many
     * @param says  what stands under each
     * @param looks where the picture of each is
     * @param half  half of the height of each by its length
     */
    record Film(List<Double> cm, List<Double> share, List<String> says, List<String> looks, List<Double> half) {}

    static Film of(Species s, Words say) {
        double bought = Math.min(s.usualShopCm(), s.size().usualCm());
        double days =
                s.size().growth().daysUntil(bought, GROWN * s.size().usualCm()).orElse(0);
        Film film =
                new Film(new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        for (int i = 0; i <= PICTURES; i++) {
            double day = days * i / PICTURES;
            double cm = i == PICTURES
                    ? Math.max(bought, s.size().usualCm())
                    : s.size().growth().lengthAfter(bought, day);
            Look look = s.lookAt(cm);
            int months = (int) Math.round(day / Convert.DAYS_PER_YEAR * 12);
            film.cm().add(Rounding.to(2, cm));
            film.share().add(Rounding.to(4, cm / s.size().usualCm()));
            film.says().add(say.text("page.species.filmSays", months, say.length(cm)));
            film.looks().add(FishDrawing.close(FishDrawing.href(s, look)));
            film.half().add(Rounding.to(4, FishDrawing.halfHeight(look)));
        }
        return film;
    }
}
