package pelluna.app.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.PlanFile;

/** A wish that has come true: in the plan it turns into a resident. */
public final class WishComes {
    private WishComes() {}

    /** @param wish its place in the list of wishes */
    public static PlanFile arrived(PlanFile plan, int wish, LocalDate on) {
        FishFile came = plan.wishes().get(wish);
        List<FishFile> left = new ArrayList<>(plan.wishes());
        left.remove(wish);
        return plan.wishing(left)
                .alsoLiving(FishFile.of(came.species(), came.howMany()).but(d -> {
                    d.lengths = came.lengthCm() == null ? null : List.of(new FishFile.LengthFile(on, came.lengthCm()));
                    d.captiveBred = came.captiveBred();
                    d.leavesOn = came.leavesOn();
                    d.leavesWhy = came.leavesWhy();
                    d.since = on;
                    d.row = came.row();
                }));
    }
}
