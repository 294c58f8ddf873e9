package pelluna.app.drawing;

import pelluna.core.catalogue.Species;
import pelluna.core.crew.CrewKind;

/** A fish or one of the crew, to be drawn at any size. */
public interface Likeness {
    /** @param wide px */
    String draw(int wide);

    static Likeness of(Species species) {
        return wide -> FishDrawing.img(species, wide);
    }

    /** @param name what it is, for those who do not see it */
    static Likeness of(CrewKind kind, String name) {
        return wide -> CrewDrawing.draw(kind, name, 0.7 * wide);
    }
}
