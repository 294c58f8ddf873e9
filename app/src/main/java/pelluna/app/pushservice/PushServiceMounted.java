package pelluna.app.pushservice;

import java.time.Clock;
import org.springframework.boot.web.servlet.ServletRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Mounted beside the pages, not among them: it stands for somebody else's server. */
@Configuration
class PushServiceMounted {
    @Bean
    ServletRegistrationBean<PushServlet> pushService(StandIn service) {
        return new ServletRegistrationBean<>(new PushServlet(service, Clock.systemUTC()), StandIn.PATH + "*");
    }
}
