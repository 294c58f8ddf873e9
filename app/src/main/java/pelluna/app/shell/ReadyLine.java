package pelluna.app.shell;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ApplicationListener;
import org.springframework.stereotype.Component;

/** Prints the address once the pages answer. */
@Component
class ReadyLine implements ApplicationListener<ApplicationReadyEvent> {
    @Override
    public void onApplicationEvent(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext web && web.getWebServer() != null) {
            System.out.println(
                    "Pelluna is ready: http://127.0.0.1:" + web.getWebServer().getPort());
        }
    }
}
