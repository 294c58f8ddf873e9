package pelluna.app.arrivals;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import pelluna.app.account.OwnedTank;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.TankPlans;
import pelluna.app.sharing.Shared;
import pelluna.app.sharing.SharedPart;

/** The shop list for somebody else to look at: what to buy when, and what to look at; no prices. */
@Component
class SharedShopList implements SharedPart {
    private final TankPlans plans;
    private final KeeperCatalogue catalogue;

    SharedShopList(TankPlans plans, KeeperCatalogue catalogue) {
        this.plans = plans;
        this.catalogue = catalogue;
    }

    @Override
    public Shared what() {
        return Shared.SHOP_LIST;
    }

    @Override
    public void show(OwnedTank tank, long which, Model page) {
        page.addAttribute("items", ListController.items(plans.open(tank), catalogue.get()));
    }
}
