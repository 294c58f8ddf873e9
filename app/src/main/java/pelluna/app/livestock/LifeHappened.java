package pelluna.app.livestock;

import pelluna.core.livestock.LifeEvent;
import pelluna.core.livestock.Stage;

/** Told within the same transaction to whoever has to follow. @param now where the life stands after it */
public record LifeHappened(long tank, long life, LifeEvent event, Stage now) {}
