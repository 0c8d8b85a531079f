package reckonrod.server.bench;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.server.problem.ProblemException;
import reckonrod.sim.world.DirectoryService;

/** How the simulated directory service is disposed. */
@RestController
@RequestMapping("/api/imports/service")
class ServiceController {
    private final ServiceBench bench;

    ServiceController(ServiceBench bench) {
        this.bench = bench;
    }

    /** How the simulated directory service is disposed, and how many entries it serves. */
    record DirectoryServiceView(boolean there, int delayMillis, int failsFrom, boolean later) {}

    @GetMapping
    DirectoryServiceView service() {
        return bench.service()
                .map(DirectoryService::mood)
                .map(mood -> new DirectoryServiceView(true, mood.delayMillis(), mood.failsFrom(), mood.later()))
                .orElse(new DirectoryServiceView(false, 0, -1, false));
    }

    /** Makes the simulated service slow, or break off, or serve the next month's edition. */
    @PutMapping
    DirectoryServiceView service(@RequestBody DirectoryServiceView wanted) {
        if (wanted.delayMillis() < 0 || wanted.delayMillis() > 60_000) {
            throw ProblemException.refused(
                    "delay-out-of-range",
                    "Out of range",
                    "delayMillis must be 0 to 60000, was " + wanted.delayMillis() + ".");
        }
        bench.service()
                .ifPresent(service -> service.mood(
                        new DirectoryService.Mood(wanted.delayMillis(), wanted.failsFrom(), wanted.later())));
        return service();
    }
}
