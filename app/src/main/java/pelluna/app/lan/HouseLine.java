package pelluna.app.lan;

import java.security.GeneralSecurityException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Prints the code that a phone is pointed at, and by what the authority is known. */
@Component
class HouseLine {
    private final ObjectProvider<HouseNetwork> network;

    HouseLine(ObjectProvider<HouseNetwork> network) {
        this.network = network;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order
    void tell() throws GeneralSecurityException {
        HouseNetwork house = network.getIfAvailable();
        if (house != null) {
            String start = house.site() + "/phone";
            System.out.println(new QrCode(start).console());
            System.out.println("On a phone in this network: " + start);
            System.out.println("Fingerprint of its certificate (SHA-256): "
                    + house.authority().fingerprint());
        }
    }
}
