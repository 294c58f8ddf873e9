package pelluna.app.fish;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Locale;
import pelluna.app.rows.Row;

/** A fish, pair or group as one lives with it: its name, role and history stay when its row of the plan goes. */
@Entity
@Table(name = "fish")
public class FishEntity extends Row {
    /** Where it is. */
    public enum Place {
        BOX,
        TANK,
        OUT,
        MISSING,
        GONE
    }

    @Column(name = "tank_id")
    private Long tankId;

    private String species;
    private int count = 1;
    private String name = "";
    private String role = "";

    @Column(name = "resident_id")
    private Long residentId;

    @Column(name = "wish_id")
    private Long wishId;

    @Column(name = "part_of")
    private Long partOf;

    private String place = "tank";

    @Column(name = "wished_on")
    private LocalDate wishedOn;

    @Column(name = "came_on")
    private LocalDate cameOn;

    @Column(name = "left_on")
    private LocalDate leftOn;

    @Column(name = "left_how")
    private String leftHow = "";

    @Column(name = "record_aside")
    private boolean recordAside;

    @Column(name = "picture_id")
    private Long pictureId;

    @Column(name = "acquired_on")
    private LocalDate acquiredOn;

    @Column(name = "came_count")
    private Integer cameCount;

    @Column(name = "captive_bred")
    private Boolean captiveBred;

    private String shop = "";
    private String school = "";
    private Double price;

    protected FishEntity() {}

    FishEntity(Long tankId, String species, int count, LocalDate cameOn) {
        this.tankId = tankId;
        this.species = species;
        this.count = count;
        this.cameCount = count;
        this.cameOn = cameOn;
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

    public String name() {
        return name;
    }

    public String role() {
        return role;
    }

    /** Its row in the plan; null while it is in the box, and once it is gone. */
    public Long residentId() {
        return residentId;
    }

    public Long wishId() {
        return wishId;
    }

    /** The group that it is a named member of; null if it stands for itself. */
    public Long partOf() {
        return partOf;
    }

    public Place place() {
        return Place.valueOf(place.toUpperCase(Locale.ROOT));
    }

    public LocalDate wishedOn() {
        return wishedOn;
    }

    public LocalDate cameOn() {
        return cameOn;
    }

    public LocalDate leftOn() {
        return leftOn;
    }

    public String leftHow() {
        return leftHow;
    }

    /** Whether its keeper has set aside what was seen of it. */
    public boolean recordAside() {
        return recordAside;
    }

    /** The day on which its keeper had it, quarantine included; null if that is not known. */
    public LocalDate acquiredOn() {
        return acquiredOn;
    }

    /** As many as came. */
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

    /** What each cost, in the keeper's own money; null if nobody has said. */
    public Double price() {
        return price;
    }

    /** Null without one. */
    Long pictureId() {
        return pictureId;
    }

    void lives(Long resident, int number) {
        residentId = resident;
        cameCount = cameCount == null ? number : Math.max(cameCount, number);
        count = number;
    }

    void memberOf(Long group) {
        partOf = group;
    }

    void wished(Long wish, LocalDate on) {
        wishId = wish;
        wishedOn = on;
    }

    void comesFrom(LocalDate acquired, Boolean bred, String byWord) {
        acquiredOn = acquired;
        captiveBred = bred;
        school = byWord;
    }

    void boughtAt(String where) {
        shop = where;
    }

    void costs(Double each) {
        price = each;
    }

    void came(LocalDate on) {
        cameOn = on;
    }

    void is(Place where) {
        place = where.name().toLowerCase(Locale.ROOT);
    }

    void left(LocalDate on, String how) {
        is(Place.GONE);
        residentId = null;
        leftOn = on;
        leftHow = how;
    }

    void back() {
        is(Place.TANK);
        leftOn = null;
        leftHow = "";
    }

    void called(String otherName, String otherRole) {
        name = otherName;
        role = otherRole;
    }

    void setsAside(boolean aside) {
        recordAside = aside;
    }

    void shows(Long picture) {
        pictureId = picture;
    }
}
