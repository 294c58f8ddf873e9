package pelluna.app.wishes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import pelluna.app.tank.TankEntry;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Risk;
import pelluna.core.units.Named;

/** A fish that somebody would love to have. */
@Entity
@Table(name = "wish")
public class WishEntity extends TankEntry {
    private static final int USUAL_WANT = 3;

    private int want;
    private Integer place;
    private boolean box;

    @Column(name = "comes_on")
    private LocalDate comesOn;

    private Integer together;
    private boolean alone;
    private Double price;
    private String risk = Risk.NONE.word();

    protected WishEntity() {}

    /** From a checked plan file, with the accepted species name. */
    public WishEntity(Long tankId, String species, FishFile said) {
        super(tankId, species);
        take(said);
    }

    @Override
    public final void take(FishFile said) {
        super.take(said);
        want = said.want() == null ? USUAL_WANT : said.want();
        place = said.place();
        box = Boolean.TRUE.equals(said.box());
        comesOn = said.on();
        together = said.together();
        alone = Boolean.TRUE.equals(said.alone());
        price = said.price();
        risk = (said.risk() == null ? Risk.NONE : said.risk()).word();
    }

    @Override
    protected void add(FishFile.Draft draft) {
        draft.want = want;
        draft.place = place;
        draft.box = box ? true : null;
        draft.on = comesOn;
        draft.together = together;
        draft.alone = alone ? true : null;
        draft.price = price;
        draft.risk = Named.find(Risk.class, risk).filter(Risk::taken).orElse(null);
    }
}
