package pelluna.app.picture;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;

/** Pictures of fish and of losses. Callers have looked the tank up with its keeper. */
@Service
public class Pictures {
    private final PictureRows rows;

    Pictures(PictureRows rows) {
        this.rows = rows;
    }

    /** @param before the number of the picture that it takes the place of; null without @return its number */
    @Transactional
    public long keep(OwnedTank tank, PictureFile file, Long before) {
        if (before != null) {
            rows.findByIdAndTankId(before, tank.id()).ifPresent(rows::delete);
        }
        return rows.save(new PictureEntity(tank.id(), file)).id();
    }

    /** @param number null for none */
    @Transactional(readOnly = true)
    public Optional<PictureFile> of(OwnedTank tank, Long number) {
        return number == null
                ? Optional.empty()
                : rows.findByIdAndTankId(number, tank.id()).map(PictureEntity::file);
    }
}
