package pelluna.app.drawing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import pelluna.core.catalogue.Look;

/** Fish that were painted lately: a look is the same in every page but for the name by which it clips itself. */
final class Painted {
    /** Stands for that name: a letter that no page has. */
    private static final String ID = "\u0001";

    private static final long LETTERS = 8_000_000;
    private static final Cache<Asked, String> LATELY = Caffeine.newBuilder()
            .maximumWeight(LETTERS)
            .weigher((Asked a, String svg) -> svg.length())
            .build();
    private static final Cache<Look, Double> HALVES =
            Caffeine.newBuilder().maximumSize(2_000).build();

    private Painted() {}

    private record Asked(Look look, boolean close) {}

    /** @param id unique in the page @param close whether it is looked at closely */
    static String of(Look look, String id, boolean close) {
        return LATELY.get(new Asked(look, close), a -> new FishPainter(a.look(), ID, a.close()).paint())
                .replace(ID, id);
    }

    /** See {@link FishDrawing#halfHeight(Look)}. */
    static double half(Look look) {
        return HALVES.get(look, FishDrawing::measured);
    }
}
