package pelluna.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pelluna.core.growth.Growth;
import pelluna.core.plan.FishFile.LengthFile;
import pelluna.core.units.Length;

/** Measured lengths of a fish: from two on its own growth is fitted to them, and it grows on from the last. */
final class LengthsReader {

    private final LocalDate latest;

    /** A length may be measured up to today, or up to the plan's start where that is still to come. */
    LengthsReader(LocalDate start, LocalDate today) {
        this.latest = today.isAfter(start) ? today : start;
    }

    /** @throws PlanException if a length is beyond the record of the species or measured in the time to come */
    Party measured(Party party, FishFile file, String at) {
        List<LengthFile> lengths = new ArrayList<>();
        for (LengthFile m : file.lengths() == null ? List.<LengthFile>of() : file.lengths()) {
            String here = at + "lengths[" + lengths.size() + "].";
            if (m.on().isAfter(latest)) {
                throw new PlanException(
                        here + "on", new PlanFound.Text(m.on().toString()), new PlanNeeds.DayUpTo(latest.toString()));
            }
            if (m.cm() > party.species().size().recordCm() * PlanReader.OVER_RECORD) {
                throw new PlanException(
                        here + "cm",
                        new PlanFound.OfLength(new Length(m.cm())),
                        new PlanNeeds.NotOverRecord(
                                party.species(),
                                new Length(party.species().size().recordCm())));
            }
            lengths.add(m);
        }
        if (lengths.isEmpty()) {
            return party;
        }
        lengths.sort(Comparator.comparing(LengthFile::on));
        LengthFile last = lengths.get(lengths.size() - 1);
        double[] days = lengths.stream()
                .mapToDouble(m -> ChronoUnit.DAYS.between(lengths.get(0).on(), m.on()))
                .toArray();
        Growth usual = party.species().size().growth();
        Growth own = lengths.size() < 2
                ? usual
                : usual.refitted(
                        days, lengths.stream().mapToDouble(LengthFile::cm).toArray());
        return party.measuredOn(last.on(), last.cm(), own);
    }
}
