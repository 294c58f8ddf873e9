package pelluna.app.planning;

import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import pelluna.core.units.Stop;

/** How long a search may go on before its best is taken as it is. */
@Component
public class SolveTime {
    private final Duration most;

    SolveTime(@Value("${pelluna.solve.most}") Duration most) {
        this.most = most;
    }

    /** For a search that begins now; one that is interrupted ends too. */
    public Stop begins() {
        return Stop.after(most).or(Stop.whenInterrupted());
    }
}
