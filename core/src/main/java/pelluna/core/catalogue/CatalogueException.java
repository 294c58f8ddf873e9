package pelluna.core.catalogue;

import java.util.List;
import java.util.stream.Collectors;
import pelluna.core.units.Statement;

/** The catalogue breaks its own rules. */
public final class CatalogueException extends RuntimeException {
    private final transient List<CatalogueProblem> problems;

    public CatalogueException(List<CatalogueProblem> problems) {
        super(problems.stream().map(CatalogueProblem::toString).collect(Collectors.joining("\n")));
        this.problems = List.copyOf(problems);
    }

    public CatalogueException(FactPlace place, Statement fault) {
        this(List.of(new CatalogueProblem(place, fault)));
    }

    public List<CatalogueProblem> problems() {
        return problems;
    }
}
