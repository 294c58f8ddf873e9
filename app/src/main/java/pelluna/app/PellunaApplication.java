package pelluna.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Import;
import pelluna.app.demo.DemoBeans;
import pelluna.app.lan.HouseBeans;

/** The server: pages, web API and database. */
@SpringBootApplication
@Import({DemoBeans.class, HouseBeans.class})
public class PellunaApplication {
    public static void main(String[] args) {
        Beans.readCatalogue();
        SpringApplication.run(PellunaApplication.class, args);
    }
}
