package pelluna.app.livestock;

import pelluna.core.livestock.Stage;
import pelluna.core.units.Named;

/** Where a life stands, without the rest of its row. @param stage the word of its stage */
public record Standing(Long id, Long partOf, String stage, boolean recordAside) {
    /** Whether it is a resident of the plan. */
    public boolean resident() {
        return Named.find(Stage.class, stage).orElseThrow().resident();
    }
}
