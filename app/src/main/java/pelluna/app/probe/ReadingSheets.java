package pelluna.app.probe;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.words.Words;

/** Readings of a probe as rows of a table, the doubtful too. */
@Component
public class ReadingSheets {
    public static final List<String> HEAD = List.of("at", "temperatureC", "salinity", "pH", "doubt");
    private final ReadingRows rows;

    ReadingSheets(ReadingRows rows) {
        this.rows = rows;
    }

    /** Oldest first, moments in UTC. The caller has looked the tank up with its keeper. */
    @Transactional(readOnly = true)
    public List<List<Object>> rows(OwnedTank tank, Words say) {
        List<List<Object>> all = new ArrayList<>();
        for (ReadingEntity r : rows.findByTankIdOrderByAt(tank.id())) {
            List<Object> row = new ArrayList<>();
            row.add(r.reading().at().toString());
            row.add(r.reading().temperatureC());
            row.add(r.reading().salinity());
            row.add(r.reading().pH());
            row.add(r.doubt(say));
            all.add(row);
        }
        return all;
    }
}
