package pelluna.core.sighting;

import java.util.List;

/**
 * A fish that may be spoken of. @param label what Pelluna calls it; @param names everything it goes by, the label too
 */
public record Known(String id, String label, List<String> names) {
    public Known {
        names = List.copyOf(names);
    }
}
