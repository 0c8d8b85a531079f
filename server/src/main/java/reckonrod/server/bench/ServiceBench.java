package reckonrod.server.bench;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import reckonrod.server.ReckonrodSettings;
import reckonrod.server.imports.OfferedService;
import reckonrod.sim.world.DirectoryService;
import reckonrod.sim.world.World;

/** Keeps the simulated directory service, with the demo. */
@Component
class ServiceBench implements OfferedService {
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

    @Override
    public String source() {
        return World.SOURCE;
    }

    @Override
    public Optional<String> address() {
        return service.map(DirectoryService::address);
    }

    Optional<DirectoryService> service() {
        return service;
    }

    @PreDestroy
    void stop() {
        service.ifPresent(DirectoryService::close);
    }
}
