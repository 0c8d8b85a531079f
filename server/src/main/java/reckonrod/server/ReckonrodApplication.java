package reckonrod.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The application: HTTP, persistence and jobs around the core. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class ReckonrodApplication {
    /** Starts the application. */
    public static void main(String[] arguments) {
        SpringApplication.run(ReckonrodApplication.class, arguments);
    }
}
