package pelluna.app.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.FishFile.LengthFile;

/** Measured lengths of a resident: one a day; measured again, the new one counts. */
public final class MeasuredLengths {
    private MeasuredLengths() {}

    public static FishFile with(FishFile resident, LocalDate day, double cm) {
        List<LengthFile> lengths = new ArrayList<>();
        if (resident.lengths() != null) {
            resident.lengths().stream().filter(m -> !m.on().equals(day)).forEach(lengths::add);
        }
        lengths.add(new LengthFile(day, cm));
        return resident.but(d -> d.lengths = List.copyOf(lengths));
    }
}
