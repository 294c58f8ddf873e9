package pelluna.app.species;

import java.util.ArrayList;
import java.util.List;
import pelluna.app.drawing.FishDrawing;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Species;
import pelluna.words.Words;

/** What a species looks like: grown, young, and as what else shops sell it. */
final class Looks {
    private static final int GROWN = 300;
    private static final int OTHERS = 160;

    private Looks() {}

    /** One of them as a picture, its size in px. */
    record Shown(String src, int wide, int high, String says) {}

    static List<Shown> of(Species s, Words say) {
        String file = FishDrawing.href(s);
        List<Shown> all = new ArrayList<>();
        all.add(shown(file, s.look(), GROWN, say.text("page.species.grown")));
        s.appearance()
                .young()
                .ifPresent(y -> all.add(shown(
                        file + "?young=true",
                        y.look(),
                        OTHERS,
                        say.text("page.species.youngUpToAbout", say.length(y.untilCm())))));
        s.appearance()
                .varieties()
                .forEach((v, look) -> all.add(shown(file + "?as=" + v.word(), look, OTHERS, say.of(v))));
        return all;
    }

    private static Shown shown(String src, Look look, int wide, String says) {
        return new Shown(FishDrawing.close(src), wide, FishDrawing.heightFor(look, wide), says);
    }
}
