package pelluna.app.planning;

import java.util.List;
import java.util.Set;
import pelluna.core.plan.ElsewhereFile;

/** What other keepers saw of pairs of species. */
public interface OthersSaw {
    /** What is known now. Another one means that something of it may have changed. */
    interface Known {
        /** Pairs of which one at least is among these, by their scientific names; in order of their names. */
        List<ElsewhereFile> of(Set<String> species);
    }

    Known known();
}
