package pelluna.app.shop;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDate;
import java.util.HexFormat;
import org.springframework.stereotype.Component;
import pelluna.app.account.OwnedTank;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.rows.PlanJson;
import pelluna.core.catalogue.FactOverrides;
import pelluna.core.plan.PlanFile;
import pelluna.core.shop.Shop;
import pelluna.words.UnitSystem;

/** The two files of a tank that a phone keeps, and what they depend on. */
@Component
class ShopFiles {
    /** Changes with the shape of the files. */
    private static final int SHAPE = 2;

    private final TankPlans plans;
    private final KeeperCatalogue catalogue;

    ShopFiles(TankPlans plans, KeeperCatalogue catalogue) {
        this.plans = plans;
        this.catalogue = catalogue;
    }

    /** All that an answer hangs on. */
    private record Depends(
            int shape, PlanFile plan, FactOverrides word, LocalDate today, String language, UnitSystem units) {}

    /** Of the plan as it is now, for whoever asks: the same only while no answer can have changed. */
    String version(OwnedTank tank) {
        Depends all = new Depends(
                SHAPE,
                plans.file(tank),
                catalogue.ownWord(),
                plans.today(),
                plans.words().language().toLanguageTag(),
                plans.words().units());
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256")
                    .digest(PlanJson.MAPPER.writeValueAsString(all).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash, 0, 12);
        } catch (NoSuchAlgorithmException e) {
            throw new AssertionError(e);
        }
    }

    CardFile card(OwnedTank tank) {
        return CardFile.of(shop(tank), catalogue.get(), catalogue.names(), plans.words());
    }

    PairsFile pairs(OwnedTank tank) {
        return PairsFile.of(shop(tank), catalogue.get().all(), plans.words());
    }

    private Shop shop(OwnedTank tank) {
        return shop(plans.open(tank));
    }

    Shop shop(OpenTank opened) {
        return new Shop(opened.plan(), plans.today());
    }
}
