package pelluna.app.livestock;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import pelluna.app.rows.Row;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.livestock.Stage;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.FishFile.LengthFile;
import pelluna.core.units.Named;

/**
 * A fish, pair or group from wish to end, or a named member of a group. Where it stands is what its events say;
 * {@link Lives} writes both.
 */
@Entity
@Table(name = "livestock")
public class LivestockEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String species;
    private int count = 1;

    private String stage = Stage.WISHED.word();

    /** Its place in the list of the plan that it is in. */
    private int ordinal;

    @Column(name = "part_of")
    private Long partOf;

    @Column(name = "again_of")
    private Long againOf;

    private String name = "";
    private String role = "";

    @Column(name = "length_cm")
    private Double lengthCm;

    @Column(name = "leaves_on")
    private LocalDate leavesOn;

    @Column(name = "leaves_why")
    private String leavesWhy = "";

    @Column(name = "wished_on")
    private LocalDate wishedOn;

    @Column(name = "came_on")
    private LocalDate cameOn;

    @Column(name = "left_on")
    private LocalDate leftOn;

    @Column(name = "came_count")
    private Integer cameCount;

    @Embedded
    private WishPart wish = new WishPart();

    @Embedded
    private Provenance provenance = new Provenance();

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "livestock_length", joinColumns = @JoinColumn(name = "livestock_id"))
    @MapKeyColumn(name = "measured_on")
    @Column(name = "cm")
    private Map<LocalDate, Double> lengths = new TreeMap<>();

    /** A record that came with a plan file; null where the log alone knows. */
    @Embedded
    private RecordPart record;

    @Column(name = "record_aside")
    private boolean recordAside;

    @Column(name = "picture_id")
    private Long pictureId;

    protected LivestockEntity() {}

    /** @param species the accepted name */
    LivestockEntity(Long tankId, String species, int count) {
        this.tankId = tankId;
        this.species = species;
        this.count = count;
    }

    /** From a checked plan file. @param accepted the accepted name of its species */
    public static LivestockEntity resident(Long tank, String accepted, FishFile said) {
        LivestockEntity life = new LivestockEntity(tank, accepted, said.howMany());
        life.stage = Stage.DISPLAY.word();
        life.lives(accepted, said);
        return life;
    }

    /** From a checked plan file. @param accepted the accepted name of its species */
    public static LivestockEntity wish(Long tank, String accepted, FishFile said) {
        LivestockEntity life = new LivestockEntity(tank, accepted, said.howMany());
        life.wishedFor(accepted, said);
        return life;
    }

    /** Takes what a checked plan file says of a resident. @param accepted the accepted name of its species */
    void lives(String accepted, FishFile said) {
        take(accepted, said);
        cameOn = said.since();
        record = said.record() == null ? null : new RecordPart(said.record());
        lengths.clear();
        if (said.lengths() != null) {
            said.lengths().forEach(m -> lengths.put(m.on(), m.cm()));
        }
        counts();
    }

    /** Takes what a checked plan file says of a wish. @param accepted the accepted name of its species */
    void wishedFor(String accepted, FishFile said) {
        take(accepted, said);
        wish = new WishPart(said);
        provenance.costs(said.price());
    }

    private void take(String accepted, FishFile said) {
        species = accepted;
        count = said.howMany();
        lengthCm = said.lengthCm();
        provenance.bred(said.captiveBred());
        leavesOn = said.leavesOn();
        leavesWhy = said.leavesWhy() == null ? "" : said.leavesWhy();
    }

    /** As a plan file has it, with its number. */
    public FishFile file() {
        return stage().wish() ? wishFile().numbered(id()) : said(this::resident).numbered(id());
    }

    /** What was wished of it, wherever it stands. */
    FishFile wishFile() {
        return said(this::wish);
    }

    private FishFile said(Consumer<FishFile.Draft> more) {
        return FishFile.of(species, count).but(d -> {
            d.lengthCm = lengthCm;
            d.captiveBred = Boolean.TRUE.equals(provenance.captiveBred()) ? true : null;
            d.leavesOn = leavesOn;
            d.leavesWhy = leavesOn == null || leavesWhy.isEmpty() ? null : leavesWhy;
            more.accept(d);
        });
    }

    private void wish(FishFile.Draft d) {
        wish.into(d);
        d.price = provenance.price();
    }

    private void resident(FishFile.Draft d) {
        d.since = cameOn;
        d.lengths = lengths.isEmpty() ? null : lengths();
        d.record = record == null ? null : record.file();
    }

    /** What happened to it, on a day that is null if nobody knows it; where it stands now. */
    void happened(LifeEvent event, LocalDate on, Stage now) {
        boolean everPlanned = stage() != Stage.SLEPT_ON || !now.over();
        stage = now.word();
        leftOn = now.over() ? on : null;
        switch (event) {
            case WISHED -> wishedOn = on;
            case CAME -> {
                cameOn = on;
                cameCount = count;
            }
            case ARRIVAL_UNDONE -> cameOn = null;
            default -> {}
        }
        if (everPlanned) {
            counts();
        }
    }

    /** Remembers the most that it ever was since it came. */
    private void counts() {
        if (stage().resident() || cameCount == null && stage() != Stage.WISHED && stage() != Stage.SLEPT_ON) {
            cameCount = cameCount == null ? count : Math.max(cameCount, count);
        }
    }

    public Long tankId() {
        return tankId;
    }

    public String species() {
        return species;
    }

    public int count() {
        return count;
    }

    public Stage stage() {
        return Named.find(Stage.class, stage).orElseThrow();
    }

    int ordinal() {
        return ordinal;
    }

    void stands(int at) {
        ordinal = at;
    }

    /** The group that it is a named member of; null if it stands for itself. */
    public Long partOf() {
        return partOf;
    }

    void memberOf(Long group) {
        partOf = group;
    }

    /** The life that was lost before it came in, and that this wish is for once more; null for most. */
    Long againOf() {
        return againOf;
    }

    void insteadOf(Long lost) {
        againOf = lost;
    }

    public String name() {
        return name;
    }

    public String role() {
        return role;
    }

    public void called(String otherName, String otherRole) {
        name = otherName;
        role = otherRole;
    }

    /** Measured lengths, oldest first. */
    public List<LengthFile> lengths() {
        return new TreeMap<>(lengths)
                .entrySet().stream()
                        .map(e -> new LengthFile(e.getKey(), e.getValue()))
                        .toList();
    }

    public LocalDate wishedOn() {
        return wishedOn;
    }

    public LocalDate cameOn() {
        return cameOn;
    }

    /** Null until it is over, and if nobody knows. */
    public LocalDate leftOn() {
        return leftOn;
    }

    /** As many as there ever were of it. */
    public int cameCount() {
        return cameCount == null ? count : Math.max(cameCount, count);
    }

    /** Where it comes from, and what it cost. */
    public Provenance provenance() {
        return provenance;
    }

    public boolean recordAside() {
        return recordAside;
    }

    public void setsAside(boolean aside) {
        recordAside = aside;
    }

    /** Null without one. */
    public Long pictureId() {
        return pictureId;
    }

    public void shows(Long picture) {
        pictureId = picture;
    }
}
