package pelluna.app.drawing;

import pelluna.core.catalogue.Species;

/** For templates: where a fish's picture is, and how high it is beside its width, so that its place is kept. */
public final class FishFiles {
    public String href(Species species) {
        return FishDrawing.href(species);
    }

    public String close(Species species) {
        return FishDrawing.close(FishDrawing.href(species));
    }

    /** @param width px */
    public int high(Species species, int width) {
        return FishDrawing.heightFor(species.look(), width);
    }
}
