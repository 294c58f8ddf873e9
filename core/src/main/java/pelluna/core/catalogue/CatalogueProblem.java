package pelluna.core.catalogue;

import java.util.List;
import pelluna.core.units.Statement;

/** What is wrong with a catalogue, and where. */
public record CatalogueProblem(FactPlace place, Statement fault) implements Statement {
    /** Without the place of a keeper's own words on a fact, where whoever reads it has the fact before them. */
    public static List<Statement> brief(List<CatalogueProblem> problems) {
        return problems.stream()
                .map(p -> p.place() instanceof FactPlace.OwnFact ? p.fault() : p)
                .toList();
    }
}
