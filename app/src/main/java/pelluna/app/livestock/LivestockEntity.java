package pelluna.app.livestock;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
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
import pelluna.core.plan.FishFile.RecordFile;
import pelluna.core.plan.Risk;
import pelluna.core.units.Named;

/**
 * A fish, pair or group from wish to end, or a named member of a group. Where it stands is what its events say;
 * {@link Lives} writes both.
 */
@Entity
@Table(name = "livestock")
public class LivestockEntity extends Row {
    private static final int USUAL_WANT = 3;

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

    @Column(name = "captive_bred")
    private Boolean captiveBred;

    @Column(name = "leaves_on")
    private LocalDate leavesOn;

    @Column(name = "leaves_why")
    private String leavesWhy = "";

    @Column(name = "wished_on")
    private LocalDate wishedOn;

    @Column(name = "acquired_on")
    private LocalDate acquiredOn;

    @Column(name = "came_on")
    private LocalDate cameOn;

    @Column(name = "left_on")
    private LocalDate leftOn;

    @Column(name = "came_count")
    private Integer cameCount;

    private int want = USUAL_WANT;

    @Column(name = "hand_place")
    private Integer place;

    private boolean box;

    @Column(name = "comes_on")
    private LocalDate comesOn;

    private Integer together;
    private boolean alone;
    private Double price;
    private String risk = Risk.NONE.word();

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "livestock_length", joinColumns = @JoinColumn(name = "livestock_id"))
    @MapKeyColumn(name = "measured_on")
    @Column(name = "cm")
    private Map<LocalDate, Double> lengths = new TreeMap<>();

    /** A record that came with a plan file; null where the log alone knows. */
    @Column(name = "record_acts")
    private Integer recordActs;

    @Column(name = "record_hours")
    private Double recordHours;

    @Column(name = "record_expected")
    private Double recordExpected;

    @Column(name = "record_aside")
    private boolean recordAside;

    private String shop = "";
    private String school = "";

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
        RecordFile record = said.record();
        recordActs = record == null ? null : record.acts();
        recordHours = record == null ? null : record.hours();
        recordExpected = record == null ? null : record.expected();
        lengths.clear();
        if (said.lengths() != null) {
            said.lengths().forEach(m -> lengths.put(m.on(), m.cm()));
        }
        counts();
    }

    /** Takes what a checked plan file says of a wish. @param accepted the accepted name of its species */
    void wishedFor(String accepted, FishFile said) {
        take(accepted, said);
        want = said.want() == null ? USUAL_WANT : said.want();
        place = said.place();
        box = Boolean.TRUE.equals(said.box());
        comesOn = said.on();
        together = said.together();
        alone = Boolean.TRUE.equals(said.alone());
        price = said.price();
        risk = (said.risk() == null ? Risk.NONE : said.risk()).word();
    }

    private void take(String accepted, FishFile said) {
        species = accepted;
        count = said.howMany();
        lengthCm = said.lengthCm();
        if (Boolean.TRUE.equals(said.captiveBred()) || Boolean.TRUE.equals(captiveBred)) {
            captiveBred = said.captiveBred();
        }
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
            d.captiveBred = Boolean.TRUE.equals(captiveBred) ? true : null;
            d.leavesOn = leavesOn;
            d.leavesWhy = leavesOn == null || leavesWhy.isEmpty() ? null : leavesWhy;
            more.accept(d);
        });
    }

    private void wish(FishFile.Draft d) {
        d.want = want;
        d.place = place;
        d.box = box ? true : null;
        d.on = comesOn;
        d.together = together;
        d.alone = alone ? true : null;
        d.price = price;
        d.risk = Named.find(Risk.class, risk).filter(Risk::taken).orElse(null);
    }

    private void resident(FishFile.Draft d) {
        d.since = cameOn;
        d.lengths = lengths.isEmpty() ? null : lengths();
        d.record = recordActs == null || recordHours == null || recordExpected == null
                ? null
                : new RecordFile(recordActs, recordHours, recordExpected);
    }

    /** What happened to it, on a day that is null if nobody knows it; where it stands now. */
    void happened(LifeEvent event, LocalDate on, Stage now) {
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
        counts();
    }

    /** Remembers the most that it ever was since it came. */
    private void counts() {
        if (stage().resident() || cameCount == null && stage() != Stage.WISHED) {
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

    /** The day on which its keeper had it; null if nobody has said. */
    public LocalDate acquiredOn() {
        return acquiredOn;
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

    /** Null if nobody has said. */
    public Boolean captiveBred() {
        return captiveBred;
    }

    /** Where it was bought, in the keeper's words; empty if nobody has said. */
    public String shop() {
        return shop;
    }

    /** The word of its quarantine school; empty if nobody has said. */
    public String school() {
        return school;
    }

    /** What each cost, or is to cost, in the keeper's own money; null if nobody has said. */
    public Double price() {
        return price;
    }

    /** Where it comes from. @param byWord of a quarantine school; empty if nobody knows */
    public void comesFrom(LocalDate acquired, String byWord) {
        acquiredOn = acquired;
        school = byWord;
    }

    /** How it was bought. @param bred null if nobody knows; @param each what each cost, null likewise */
    public void bought(String where, Boolean bred, Double each) {
        shop = where;
        captiveBred = bred;
        price = each;
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
