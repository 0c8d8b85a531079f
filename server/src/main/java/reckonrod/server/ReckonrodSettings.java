package reckonrod.server;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What can be set from outside.
 *
 * @param password asked for in the browser; may be empty only on loopback
 * @param dataFolder where the simulated radios keep their memories
 * @param demo whether the demo data is loaded into an empty database
 * @param realLineSpeed whether simulated cables are as slow as real ones
 * @param lease how long a program that is not heard of keeps the radio or listing that it works on
 */
@ConfigurationProperties("reckonrod")
public record ReckonrodSettings(
        String password, Path dataFolder, boolean demo, boolean realLineSpeed, Duration lease) {}
