package pelluna.core.sieve;

import java.util.List;
import pelluna.core.tank.Cover;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/** Jumpers and open tanks. Common practice: most jump in the first days, and any gap will do. */
final class CoverRule implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        int jumps = s.species().jumps();
        Cover cover = s.tank().cover();
        if (jumps == 0 || cover.compareTo(Cover.MESH) >= 0) {
            return List.of();
        }
        Step step = Setting.atMostSurge(jumps + (cover == Cover.NONE ? 1 : 0));
        return List.of(Finding.of(
                RuleName.COVER,
                step,
                Figure.of(Wanted.MESH_OR_SOLID),
                Figure.of(cover),
                Unit.COVER,
                new Reason.JumpsOut(jumps == 2, cover),
                Remedy.change("cover", new Condition.Covered()),
                s.source("jumps")));
    }
}
