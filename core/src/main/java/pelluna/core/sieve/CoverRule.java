package pelluna.core.sieve;

import java.util.List;
import pelluna.core.tank.Cover;
import pelluna.core.units.Step;

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
                Figure.of("mesh or solid"),
                Figure.of(cover.word()),
                "cover",
                (jumps == 2 ? "It jumps, and readily" : "It jumps when startled") + "; your tank is "
                        + (cover == Cover.NONE ? "open." : "covered only in part."),
                Remedy.change("cover", "the whole tank is covered with fine mesh or a lid"),
                s.source("jumps")));
    }
}
