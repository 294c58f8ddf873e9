package pelluna.app.planning;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import pelluna.app.account.OwnedTank;
import pelluna.app.livestock.PlannedFish;
import pelluna.app.tank.TankEntity;
import pelluna.app.writes.TankVersion;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.PlanFile;

/**
 * What plans were read from, kept from page to page until their tank is written to. For requests that only read: nobody
 * changes these rows.
 */
@Component
class RowsOfPlans {
    private static final int MOST = 64;

    private final Cache<When, Read> kept =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final TankVersion versions;

    RowsOfPlans(TankVersion versions) {
        this.versions = versions;
    }

    /**
     * @param said the plan as its rows have it
     * @param seen the same with its tests of water and with what the log knows
     */
    record Read(TankEntity tank, PlannedFish fish, PlanFile said, PlanFile seen) {}

    /** @param catalogue another one means that facts may have changed @param others likewise what others saw */
    private record When(long tank, long version, Catalogue catalogue, OthersSaw.Known others, LocalDate today) {}

    Read of(OwnedTank tank, Catalogue catalogue, OthersSaw.Known others, LocalDate today, Supplier<Read> anew) {
        if (!TankVersion.onlyReads()) {
            return anew.get();
        }
        When when = new When(tank.id(), versions.of(tank.id()), catalogue, others, today);
        Read known = kept.getIfPresent(when);
        if (known == null) {
            known = anew.get();
            kept.put(when, known);
        }
        return known;
    }
}
