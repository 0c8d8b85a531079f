package reckonrod.server.follow;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** All that runs beside the requests, so that every screen can show it. */
@RestController
class RunningController {
    private final List<RunningWork.Source> sources;

    RunningController(List<RunningWork.Source> sources) {
        this.sources = sources;
    }

    @GetMapping("/api/jobs")
    List<RunningWork> running() {
        return sources.stream().flatMap(source -> source.running().stream()).toList();
    }
}
