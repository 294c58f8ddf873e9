package pelluna.app.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.security.SecureRandom;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import pelluna.app.rows.Row;
import pelluna.words.UnitSystem;

/** Somebody who keeps fish, with the language, the units and the light they read by. Owns tanks. */
@Entity
@Table(name = "keeper")
public class KeeperAccount extends Row {
    private static final int HANDLE_BYTES = 32;
    private static final SecureRandom RANDOM = new SecureRandom();

    private String name;

    private String email;

    private String password;

    @Column(updatable = false)
    private byte[] handle = random();

    private boolean owner;

    @Enumerated(EnumType.STRING)
    private UnitSystem units = UnitSystem.METRIC;

    private String language;

    private String theme = "system";

    private String zone = "";

    @Column(name = "arrows_from")
    private int arrowsFrom = 20;

    private String currency = "";

    @Column(name = "food_price")
    private Double foodPrice;

    @Column(name = "sheet_price")
    private Double sheetPrice;

    @Column(name = "salt_price")
    private Double saltPrice;

    protected KeeperAccount() {}

    private static byte[] random() {
        byte[] bytes = new byte[HANDLE_BYTES];
        RANDOM.nextBytes(bytes);
        return bytes;
    }

    public KeeperAccount(String name) {
        this.name = name;
    }

    public String name() {
        return name;
    }

    /** The address by which the account is entered; null for the keeper of a Pelluna without accounts. */
    public String email() {
        return email;
    }

    /** As it is kept, with how it was hashed; null for an account that is entered otherwise. */
    public String password() {
        return password;
    }

    /** By which a passkey knows its keeper: 32 random bytes that say nothing of who it is. */
    public byte[] handle() {
        return handle.clone();
    }

    /** Whether this keeper runs the server. */
    public boolean owner() {
        return owner;
    }

    void signsInAs(String called, String address, String hashed) {
        name = called;
        email = address;
        password = hashed;
    }

    void runsTheServer() {
        owner = true;
    }

    public UnitSystem units() {
        return units;
    }

    /** The language that the keeper has chosen; empty for the one that the browser asks for. */
    public Optional<Locale> language() {
        return Optional.ofNullable(language).map(Locale::forLanguageTag);
    }

    /** @param other null for the one that the browser asks for */
    void speaks(Locale other) {
        language = other == null ? null : other.getLanguage();
    }

    /** The zone whose days and hours the keeper reads; empty for the server's. */
    public Optional<ZoneId> zone() {
        return zone.isEmpty() ? Optional.empty() : Optional.of(ZoneId.of(zone));
    }

    /** @param other null for the server's */
    void livesIn(ZoneId other) {
        zone = other == null ? "" : other.getId();
    }

    public String theme() {
        return theme;
    }

    public void reads(UnitSystem other) {
        units = other;
    }

    public void lights(String other) {
        theme = other;
    }

    /** Sign of the keeper's money, up to six letters; empty for none. */
    public String currency() {
        return currency;
    }

    /** Price of 100 g of dry food; null if not said. */
    public Double foodPrice() {
        return foodPrice;
    }

    /** Price of a sheet of seaweed; null if not said. */
    public Double sheetPrice() {
        return sheetPrice;
    }

    /** Price of a kilogram of salt mix; null if not said. */
    public Double saltPrice() {
        return saltPrice;
    }

    public void pays(String money, Double food, Double sheet, Double salt) {
        currency = money;
        foodPrice = food;
        sheetPrice = sheet;
        saltPrice = salt;
    }

    /** The index from which tension is drawn as an arrow, 0 to 100. */
    public int arrowsFrom() {
        return arrowsFrom;
    }

    public void draws(int index) {
        arrowsFrom = Math.max(0, Math.min(100, index));
    }
}
