package pelluna.app.water;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import pelluna.app.rows.Row;

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

    /** From an entry of a checked plan file. */
    public WaterTestEntity(Long tankId, Map<String, Object> entry) {
        this.tankId = tankId;
        this.takenOn = LocalDate.parse(entry.get("on").toString());
        this.ammonia = number(entry.get("ammonia"));
        this.nitrite = number(entry.get("nitrite"));
        this.nitrate = number(entry.get("nitrate"));
        this.ph = number(entry.get("pH"));
        this.phosphate = number(entry.get("phosphate"));
        this.salinity = number(entry.get("salinity"));
        this.temperatureC = number(entry.get("temperatureC"));
        this.feed = number(entry.get("feed"));
    }

    private static Double number(Object value) {
        return value instanceof Number n ? n.doubleValue() : null;
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

    /** The entry of a plan file. */
    public Map<String, Object> tree() {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("on", takenOn.toString());
        put(tree, "ammonia", ammonia);
        put(tree, "nitrite", nitrite);
        put(tree, "nitrate", nitrate);
        put(tree, "pH", ph);
        put(tree, "phosphate", phosphate);
        put(tree, "salinity", salinity);
        put(tree, "temperatureC", temperatureC);
        put(tree, "feed", feed);
        return tree;
    }

    private static void put(Map<String, Object> tree, String key, Double value) {
        if (value != null) {
            tree.put(key, value);
        }
    }
}
