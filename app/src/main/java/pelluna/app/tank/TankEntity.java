package pelluna.app.tank;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import pelluna.app.rows.PlanText;
import pelluna.app.rows.Row;
import pelluna.core.catalogue.Stance;
import pelluna.core.plan.PlanFile;

/** A tank and the head of its plan. */
@Entity
@Table(name = "tank")
public class TankEntity extends Row {
    @Column(name = "keeper_id", updatable = false)
    private Long keeperId;

    private String name;
    private String stance = "customary";

    @Column(name = "start_on")
    private LocalDate startOn;

    @Column(name = "sandbox_of")
    private Long sandboxOf;

    @Column(name = "sandbox_base")
    @Convert(converter = PlanText.class)
    private PlanFile sandboxBase;

    @Column(name = "lights_on")
    private LocalTime lightsOn = LocalTime.of(10, 0);

    @Column(name = "lights_off")
    private LocalTime lightsOff = LocalTime.of(21, 0);

    @Column(name = "archived_at")
    private Instant archivedAt;

    @Column(name = "without_others")
    private boolean withoutOthers;

    @Embedded
    private TankFigures figures = new TankFigures();

    protected TankEntity() {}

    public TankEntity(Long keeperId, String name, TankFigures figures) {
        this.keeperId = keeperId;
        this.name = name;
        this.figures = figures;
    }

    public Long keeperId() {
        return keeperId;
    }

    public String name() {
        return name;
    }

    public String stance() {
        return stance;
    }

    /** The day the plan starts; today if the keeper has set none. */
    public LocalDate startOn() {
        return startOn;
    }

    public TankFigures figures() {
        return figures;
    }

    /** The tank whose plan this is a sandbox of; null for a tank that stands somewhere. */
    public Long sandboxOf() {
        return sandboxOf;
    }

    /** The plan that the sandbox was copied from. */
    public PlanFile sandboxBase() {
        return sandboxBase;
    }

    public void copies(Long tank, PlanFile base) {
        sandboxOf = tank;
        sandboxBase = base;
    }

    /** Puts it away or, with null, brings it back. */
    public void putAway(Instant when) {
        archivedAt = when;
    }

    /** Whether what other keepers saw is set aside for it. */
    public boolean withoutOthers() {
        return withoutOthers;
    }

    public void leavesOthersAside(boolean aside) {
        withoutOthers = aside;
    }

    public LocalTime lightsOn() {
        return lightsOn;
    }

    public LocalTime lightsOff() {
        return lightsOff;
    }

    public void lit(LocalTime from, LocalTime until) {
        lightsOn = from;
        lightsOff = until;
    }

    public void rename(String other) {
        name = other;
    }

    public void takeStance(String other) {
        stance = other;
    }

    public void startsOn(LocalDate day) {
        startOn = day;
    }

    /** Takes the head of another plan; its name stays. */
    public void plans(PlanFile plan) {
        figures = TankFigures.of(plan.tank());
        stance = (plan.stance() == null ? Stance.CUSTOMARY : plan.stance()).word();
        startOn = plan.startOn();
    }

    public void measures(TankFigures other) {
        figures = other;
    }
}
