package pelluna.app.reefscape;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.PlanFile;

/**
 * Finds the rows of the plan again for the fish of a sandbox, which has rows of its own: by species, in their order.
 * Fish that are of a species that the plan did not have get a row of their own.
 */
final class SandboxRows {
    private SandboxRows() {}

    static PlanFile renumbered(PlanFile tried, PlanFile base) {
        return tried.living(renumbered(tried.residents(), base.residents()))
                .wishing(renumbered(tried.wishes(), base.wishes()));
    }

    private static List<FishFile> renumbered(List<FishFile> tried, List<FishFile> base) {
        List<FishFile> left = new ArrayList<>(base);
        List<FishFile> found = new ArrayList<>();
        for (FishFile fish : tried) {
            Optional<FishFile> same = left.stream()
                    .filter(b -> b.species().equals(fish.species()))
                    .findFirst();
            same.ifPresent(left::remove);
            found.add(fish.numbered(same.map(FishFile::row).orElse(null)));
        }
        return found;
    }

    /**
     * What a sandbox knows of its fish comes from the log of the plan, which knows it still: only a record that the
     * plan itself holds is kept.
     */
    static PlanFile keepingRecords(PlanFile tried, PlanFile base) {
        return tried.eachResident(fish -> fish.but(d -> d.record = base.residents().stream()
                .filter(b -> fish.row() != null && Objects.equals(b.row(), fish.row()))
                .map(FishFile::record)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null)));
    }
}
