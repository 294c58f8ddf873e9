package pelluna.app.arrivals;

import java.util.List;
import pelluna.app.planning.OpenTank;

/**
 * Days that come of what really happened rather than of the plan, such as looks after a release. Whoever knows them
 * fulfils this.
 */
public interface LiveDays {
    List<Diary> of(OpenTank opened);
}
