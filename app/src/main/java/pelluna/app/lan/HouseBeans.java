package pelluna.app.lan;

import org.springframework.beans.factory.BeanRegistrar;
import org.springframework.beans.factory.BeanRegistry;
import org.springframework.core.env.Environment;

/** What only a Pelluna has that is open to the phones of a house. */
public class HouseBeans implements BeanRegistrar {
    @Override
    public void register(BeanRegistry beans, Environment environment) {
        if (environment.containsProperty("pelluna.lan.folder")) {
            beans.registerBean(HouseNetwork.class);
        }
    }
}
