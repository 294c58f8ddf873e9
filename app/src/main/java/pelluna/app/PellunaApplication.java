package pelluna.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The server: pages, web API and database. */
@SpringBootApplication
public class PellunaApplication {
    public static void main(String[] args) {
        SpringApplication.run(PellunaApplication.class, args);
    }
}
