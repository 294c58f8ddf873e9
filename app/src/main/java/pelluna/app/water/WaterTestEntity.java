package pelluna.app.water;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import pelluna.app.rows.Row;
import pelluna.core.plan.TestFile;

/**
 * A test of the water: ammonia and nitrite in mg/L of nitrogen, nitrate and phosphate in mg/L of the ion, salinity in
 * g/kg, temperature in °C, feed of its day in g; null where it was not tested.
 */
@Entity
@Table(name = "water_test")
public class WaterTestEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    @Column(name = "taken_on")
    private LocalDate takenOn;

    private Double ammonia;
    private Double nitrite;
    private Double nitrate;
    private Double ph;
    private Double phosphate;
    private Double salinity;

    @Column(name = "temperature_c")
    private Double temperatureC;

    private Double feed;

    protected WaterTestEntity() {}

    /** From a checked plan file. */
    public WaterTestEntity(Long tankId, TestFile said) {
        this.tankId = tankId;
        this.takenOn = said.on();
        this.ammonia = said.ammonia();
        this.nitrite = said.nitrite();
        this.nitrate = said.nitrate();
        this.ph = said.pH();
        this.phosphate = said.phosphate();
        this.salinity = said.salinity();
        this.temperatureC = said.temperatureC();
        this.feed = said.feed();
    }

    public LocalDate takenOn() {
        return takenOn;
    }

    /** Whether it tested nitrate, and nobody has said yet what was fed then. */
    public boolean wantsFeed() {
        return nitrate != null && feed == null;
    }

    /** What the fish took on its day, g of dry food a day. */
    public void cameFrom(double fed) {
        feed = fed;
    }

    /** As the plan file has it. */
    public TestFile file() {
        return new TestFile(takenOn, ammonia, nitrite, nitrate, ph, phosphate, salinity, temperatureC, feed);
    }
}
