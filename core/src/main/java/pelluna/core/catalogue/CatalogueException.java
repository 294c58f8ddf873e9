package pelluna.core.catalogue;

import java.util.List;

/** The catalogue breaks its own rules. Each problem starts with the file and line. */
public final class CatalogueException extends RuntimeException {
    private final transient List<String> problems;

    public CatalogueException(List<String> problems) {
        super(String.join("\n", problems));
        this.problems = List.copyOf(problems);
    }

    public CatalogueException(String place, String problem) {
        this(List.of(place + ": " + problem));
    }

    public List<String> problems() {
        return problems;
    }
}
