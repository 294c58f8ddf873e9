package pelluna.app.drawing;

import pelluna.core.catalogue.Species;
import pelluna.core.crew.CrewKind;

/** A fish or one of the crew, to be drawn at any size. */
public interface Likeness {
    /** @param wide px; @param id its own on the page */
    String draw(int wide, String id);

    static Likeness of(Species species) {
        return (wide, id) -> FishDrawing.alone(species, wide, id);
    }

    /** @param name what it is, for those who do not see it */
    static Likeness of(CrewKind kind, String name) {
        return (wide, id) -> CrewDrawing.draw(kind, name, 0.7 * wide);
    }
}
