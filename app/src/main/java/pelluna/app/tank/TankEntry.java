package pelluna.app.tank;

import jakarta.persistence.Column;
import jakarta.persistence.MappedSuperclass;
import java.time.LocalDate;
import pelluna.app.rows.Row;
import pelluna.core.plan.FishFile;

/** A fish, pair or group that stands in a plan, whether it lives in the tank or is wished for. */
@MappedSuperclass
public abstract class TankEntry extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String species;
    private int count;

    @Column(name = "length_cm")
    private Double lengthCm;

    @Column(name = "captive_bred")
    private boolean captiveBred;

    @Column(name = "leaves_on")
    private LocalDate leavesOn;

    @Column(name = "leaves_why")
    private String leavesWhy = "";

    protected TankEntry() {}

    public Long tankId() {
        return tankId;
    }

    protected TankEntry(Long tankId, String species) {
        this.tankId = tankId;
        this.species = species;
    }

    /** Takes the figures of a checked plan file; the species stays. */
    public void take(FishFile said) {
        count = said.howMany();
        lengthCm = said.lengthCm();
        captiveBred = Boolean.TRUE.equals(said.captiveBred());
        leavesOn = said.leavesOn();
        leavesWhy = said.leavesWhy() == null ? "" : said.leavesWhy();
    }

    /** Becomes another fish altogether, with the accepted species name. */
    public final void become(String otherSpecies, FishFile said) {
        species = otherSpecies;
        take(said);
    }

    /** As the plan file has it, with the number of its row. */
    public FishFile file() {
        return FishFile.of(species, count).but(d -> {
            d.row = id();
            d.lengthCm = lengthCm;
            d.captiveBred = captiveBred ? true : null;
            d.leavesOn = leavesOn;
            d.leavesWhy = leavesOn == null || leavesWhy.isEmpty() ? null : leavesWhy;
            add(d);
        });
    }

    /** Puts in what is said of this kind of entry alone. */
    protected abstract void add(FishFile.Draft draft);
}
