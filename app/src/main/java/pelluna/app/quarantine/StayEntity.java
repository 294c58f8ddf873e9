package pelluna.app.quarantine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import pelluna.app.rows.Row;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** A fish, pair or group in a quarantine place, until it ends. */
@Entity
@Table(name = "quarantine_stay")
class StayEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String species;
    private int count;
    private int place;
    private String school;

    @Column(name = "began_on")
    private LocalDate beganOn;

    private double salinity;

    @Column(name = "livestock_id")
    private Long wishId;

    @Column(name = "ended_on")
    private LocalDate endedOn;

    @Column(name = "ended_how")
    private String endedHow;

    protected StayEntity() {}

    StayEntity(
            Long tankId,
            String species,
            int count,
            int place,
            QuarantineSchool school,
            LocalDate beganOn,
            double salinity,
            Long wishId) {
        this.tankId = tankId;
        this.species = species;
        this.count = count;
        this.place = place;
        this.school = school.word();
        this.beganOn = beganOn;
        this.salinity = salinity;
        this.wishId = wishId;
    }

    String species() {
        return species;
    }

    int count() {
        return count;
    }

    int place() {
        return place;
    }

    QuarantineSchool school() {
        return Named.find(QuarantineSchool.class, school).orElse(QuarantineSchool.THIRTY_DAYS_WATCH);
    }

    LocalDate beganOn() {
        return beganOn;
    }

    /** Salinity that it came into, g/kg. */
    double salinity() {
        return salinity;
    }

    /** The wish that it fulfils; null for none. */
    Long wishId() {
        return wishId;
    }

    void fewer(int gone) {
        count -= gone;
    }

    void ends(LocalDate day, StayEnd how) {
        endedOn = day;
        endedHow = how.word();
    }

    /** '4 × lyretail anthias'. @param kind empty for a species that nobody knows any more */
    String called(Optional<Species> kind, Words say) {
        return kind.map(k -> say.of(k, count)).orElse(count == 1 ? species : count + " × " + species);
    }

    /** How and when it ended; what an earlier release wrote of it stands as it was. Null while it lasts. */
    String ended(Words say) {
        return Named.find(StayEnd.class, endedHow)
                .map(end -> say.text("page.quarantine.endedOn", end, endedOn))
                .orElse(endedHow);
    }
}
