package pelluna.core.units;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Statements that are said one after the other, each as a sentence of its own. */
public record Sentences(List<Statement> all) implements Statement {
    public Sentences {
        all = List.copyOf(all);
    }

    public static Sentences of(Statement... all) {
        return new Sentences(List.of(all));
    }

    /** The same with one more, if there is one. */
    public Sentences and(Optional<? extends Statement> more) {
        return new Sentences(Stream.concat(all.stream(), more.stream()).toList());
    }

    public boolean isEmpty() {
        return all.isEmpty();
    }
}
