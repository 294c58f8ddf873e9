package pelluna.app.livestock;

import java.util.List;
import java.util.stream.Stream;

/** The fish of a plan, each list in its order. */
public record PlannedFish(List<LivestockEntity> residents, List<LivestockEntity> wishes) {
    static PlannedFish of(List<LivestockEntity> planned) {
        return new PlannedFish(
                planned.stream().filter(l -> l.stage().resident()).toList(),
                planned.stream().filter(l -> l.stage().wish()).toList());
    }

    public static PlannedFish none() {
        return new PlannedFish(List.of(), List.of());
    }

    public int size() {
        return residents.size() + wishes.size();
    }

    public Stream<LivestockEntity> all() {
        return Stream.concat(residents.stream(), wishes.stream());
    }
}
