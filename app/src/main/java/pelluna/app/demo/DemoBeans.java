package pelluna.app.demo;

import org.springframework.beans.factory.BeanRegistrar;
import org.springframework.beans.factory.BeanRegistry;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;

/** What only a demo has. It is asked at each start whether this is one, also where beans were laid out before. */
public class DemoBeans implements BeanRegistrar {
    @Override
    public void register(BeanRegistry beans, Environment environment) {
        if (environment.acceptsProfiles(Profiles.of("demo"))) {
            beans.registerBean(DemoLog.class);
            beans.registerBean(DemoPast.class);
            beans.registerBean(DemoPeople.class);
            beans.registerBean(DemoFigures.class);
            beans.registerBean(DemoData.class);
            beans.registerBean(DemoProbe.class);
            beans.registerBean(DemoVisitController.class);
        }
    }
}
