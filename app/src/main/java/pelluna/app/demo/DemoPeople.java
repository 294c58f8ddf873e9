package pelluna.app.demo;

import java.util.function.Function;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Keepers;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.SignedIn;
import pelluna.app.account.TankRole;
import pelluna.app.database.AskedFor;
import pelluna.app.people.Notes;
import pelluna.app.people.People;

/**
 * Others in the keeper's house and beyond: somebody helps with the feeding, a tank service looks on, and a neighbour
 * has asked the keeper for advice. They have no password, so that nobody comes in as one of them.
 */
class DemoPeople {
    private final Keepers keepers;
    private final People people;
    private final Notes notes;

    DemoPeople(Keepers keepers, People people, Notes notes) {
        this.keepers = keepers;
        this.people = people;
        this.notes = notes;
    }

    /** Lets some into the keeper's tank. */
    void visit(OwnedTank tank) {
        let("Jonas", "jonas@pelluna.example", tank, TankRole.HELPER);
        KeeperAccount service = let("Tidewater tank care", "tidewater@pelluna.example", tank, TankRole.ADVISER);
        SignedIn.as(service.id(), () -> {
            notes.write(tank, "Skimmer cup was full at my visit. I emptied it and set the water line 5 mm lower.");
            return tank;
        });
    }

    private KeeperAccount let(String name, String address, OwnedTank tank, TankRole role) {
        KeeperAccount made = keepers.make(name, address, null);
        AskedFor.all(() -> {
            people.enters(tank.id(), made.id(), role);
            return made;
        });
        return made;
    }

    /** A tank of somebody else's, on which the keeper advises. @param lay lays it down for whoever asks */
    void advised(long keeper, Function<KeeperAccount, OwnedTank> lay) {
        KeeperAccount neighbour = keepers.make("Theo", "theo@pelluna.example", null);
        OwnedTank tank = SignedIn.as(neighbour.id(), () -> lay.apply(neighbour));
        AskedFor.all(() -> {
            people.enters(tank.id(), keeper, TankRole.ADVISER);
            return tank;
        });
    }
}
