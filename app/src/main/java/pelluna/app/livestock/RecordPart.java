package pelluna.app.livestock;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import pelluna.core.plan.FishFile.RecordFile;

/** What a plan file says that a fish has done elsewhere. */
@Embeddable
class RecordPart {
    @Column(name = "record_acts")
    private Integer acts;

    @Column(name = "record_hours")
    private Double hours;

    @Column(name = "record_expected")
    private Double expected;

    protected RecordPart() {}

    RecordPart(RecordFile said) {
        acts = said.acts();
        hours = said.hours();
        expected = said.expected();
    }

    /** Null unless all of it is known. */
    RecordFile file() {
        return acts == null || hours == null || expected == null ? null : new RecordFile(acts, hours, expected);
    }
}
