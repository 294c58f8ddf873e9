package pelluna.app.planning;

import java.util.List;
import pelluna.core.assessment.Assessment;
import pelluna.core.outlook.Change;
import pelluna.core.outlook.Changes;
import pelluna.core.outlook.GoodCompany;
import pelluna.core.outlook.Outlook;

/** The days to come of an assessed plan, computed when first asked for and kept with it. */
public final class Ahead {
    private final Assessment assessment;
    private Outlook outlook;
    private List<Change> changes;
    private List<GoodCompany> good;

    Ahead(Assessment assessment) {
        this.assessment = assessment;
    }

    public synchronized Outlook outlook() {
        if (outlook == null) {
            outlook = new Outlook(assessment.plan(), assessment.arrivals());
        }
        return outlook;
    }

    /** What changes on the way, in the order of dates. */
    public synchronized List<Change> changes() {
        if (changes == null) {
            changes = List.copyOf(Changes.of(outlook()));
        }
        return changes;
    }

    /** Who is good for whom. */
    public synchronized List<GoodCompany> good() {
        if (good == null) {
            good = List.copyOf(GoodCompany.in(outlook()));
        }
        return good;
    }
}
