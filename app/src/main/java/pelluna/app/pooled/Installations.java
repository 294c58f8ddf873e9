package pelluna.app.pooled;

import org.springframework.stereotype.Component;
import pelluna.app.database.AskedFor;

/** Other installations, whose figures come in as files. */
@Component
public class Installations {
    private final Sources sources;

    Installations(Sources sources) {
        this.sources = sources;
    }

    /** Takes a file in the server's own name; it counts with the next turn. */
    public void take(String text) {
        AskedFor.all(() -> {
            sources.take(text);
            return true;
        });
    }
}
