package pelluna.app.fish;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.livestock.Lives;
import pelluna.app.livestock.Standing;

/** Which fish of the log stands for which resident of the plan; a named member stands for its group. */
@Component
public class FishLinks {
    private final Lives lives;

    FishLinks(Lives lives) {
        this.lives = lives;
    }

    /** @param resident its number in the plan; null while it is in none */
    public record Link(Long resident, boolean recordAside) {}

    /** By number of the fish. */
    @Transactional(readOnly = true)
    public Map<Long, Link> of(OwnedTank tank) {
        List<Standing> all = lives.standing(tank);
        Map<Long, Link> links = new HashMap<>();
        all.stream()
                .filter(f -> f.partOf() == null)
                .forEach(f -> links.put(f.id(), new Link(f.resident() ? f.id() : null, f.recordAside())));
        all.stream()
                .filter(f -> f.partOf() != null && links.containsKey(f.partOf()))
                .forEach(f -> links.put(f.id(), links.get(f.partOf())));
        return links;
    }
}
