package reckonrod.server.imports;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import reckonrod.server.ReckonrodSettings;
import reckonrod.sim.world.DirectoryService;

/** Keeps the simulated directory service, with the demo. */
@Component
class ServiceBench {
    private static final Logger LOG = LoggerFactory.getLogger(ServiceBench.class);

    private final Optional<DirectoryService> service;

    ServiceBench(ReckonrodSettings settings) {
        service = settings.demo() ? start() : Optional.empty();
    }

    private static Optional<DirectoryService> start() {
        try {
            return Optional.of(DirectoryService.start());
        } catch (IOException noPort) {
            LOG.warn("The simulated directory service cannot listen", noPort);
            return Optional.empty();
        }
    }

    Optional<DirectoryService> service() {
        return service;
    }

    @PreDestroy
    void stop() {
        service.ifPresent(DirectoryService::close);
    }
}
