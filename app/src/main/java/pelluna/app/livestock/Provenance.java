package pelluna.app.livestock;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.time.LocalDate;

/** Where a life comes from, and what it cost. */
@Embeddable
public class Provenance {
    @Column(name = "acquired_on")
    private LocalDate acquiredOn;

    @Column(name = "captive_bred")
    private Boolean captiveBred;

    private String shop = "";
    private String school = "";
    private Double price;

    protected Provenance() {}

    /** The day on which its keeper had it; null if nobody has said. */
    public LocalDate acquiredOn() {
        return acquiredOn;
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

    /** @param each null if nobody has said */
    void costs(Double each) {
        price = each;
    }

    /** Takes what a plan file says, which knows no 'it is wild': that stays unless it says otherwise. */
    void bred(Boolean said) {
        if (Boolean.TRUE.equals(said) || Boolean.TRUE.equals(captiveBred)) {
            captiveBred = said;
        }
    }
}
