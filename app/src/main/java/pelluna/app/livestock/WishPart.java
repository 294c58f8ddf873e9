package pelluna.app.livestock;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.time.LocalDate;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Risk;
import pelluna.core.units.Named;

/** What a life is as a wish: how much it is wanted, and how it is to come. */
@Embeddable
class WishPart {
    private static final int USUAL_WANT = 3;

    private int want = USUAL_WANT;

    @Column(name = "hand_place")
    private Integer place;

    private boolean box;

    @Column(name = "comes_on")
    private LocalDate comesOn;

    private Integer together;
    private boolean alone;
    private String risk = Risk.NONE.word();

    protected WishPart() {}

    /** From a checked plan file. */
    WishPart(FishFile said) {
        want = said.want() == null ? USUAL_WANT : said.want();
        place = said.place();
        box = Boolean.TRUE.equals(said.box());
        comesOn = said.on();
        together = said.together();
        alone = Boolean.TRUE.equals(said.alone());
        risk = (said.risk() == null ? Risk.NONE : said.risk()).word();
    }

    /** As a plan file has it. */
    void into(FishFile.Draft d) {
        d.want = want;
        d.place = place;
        d.box = box ? true : null;
        d.on = comesOn;
        d.together = together;
        d.alone = alone ? true : null;
        d.risk = Named.find(Risk.class, risk).filter(Risk::taken).orElse(null);
    }
}
