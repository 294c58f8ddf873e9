package pelluna.app.fish;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which fish of the log stands for which resident of the plan; a named member stands for its group. */
@Component
public class FishLinks {
    private final FishRows rows;

    FishLinks(FishRows rows) {
        this.rows = rows;
    }

    /** @param residentId null while it is in no plan */
    public record Link(Long residentId, boolean recordAside) {}

    /** By number of the fish. */
    @Transactional(readOnly = true)
    public Map<Long, Link> of(long tank) {
        List<FishEntity> all = rows.findByTankIdOrderById(tank);
        Map<Long, Link> links = new HashMap<>();
        all.stream()
                .filter(f -> f.partOf() == null)
                .forEach(f -> links.put(f.id(), new Link(f.residentId(), f.recordAside())));
        all.stream()
                .filter(f -> f.partOf() != null && links.containsKey(f.partOf()))
                .forEach(f -> links.put(
                        f.id(),
                        new Link(
                                links.get(f.partOf()).residentId(),
                                links.get(f.partOf()).recordAside())));
        return links;
    }
}
