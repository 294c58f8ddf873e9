package pelluna.app.probe;

import java.time.Instant;

/** What a probe says: °C, g/kg, pH; null for what it does not measure. */
public record Reading(Instant at, Double temperatureC, Double salinity, Double pH) {
    boolean empty() {
        return temperatureC == null && salinity == null && pH == null;
    }
}
