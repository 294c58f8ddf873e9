package pelluna.app.crew;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;

/** Counts of the clean-up crew as rows of a sheet. */
@Component
public class CrewSheets {
    public static final List<String> HEAD = List.of("kind", "name", "on", "seen", "added", "note");

    private final CrewRows rows;
    private final CrewCountRows counts;

    CrewSheets(CrewRows rows, CrewCountRows counts) {
        this.rows = rows;
        this.counts = counts;
    }

    /** Kind by kind, oldest first. The caller has looked the tank up with its keeper. */
    @Transactional(readOnly = true)
    public List<List<Object>> rows(OwnedTank tank) {
        List<List<Object>> all = new ArrayList<>();
        for (CrewEntity c : rows.findByTankIdInOrderById(List.of(tank.id()))) {
            counts.findByCrewIdInOrderByOnDayAscIdAsc(List.of(c.id()))
                    .forEach(n -> all.add(Arrays.asList(
                            c.kind().word(),
                            c.name(),
                            n.count().on(),
                            n.count().count(),
                            n.count().added(),
                            n.note())));
        }
        return all;
    }
}
