package reckonrod.server.about;

import org.springframework.boot.info.BuildProperties;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which Reckonrod this is. */
@RestController
@RequestMapping("/api/about")
class AboutController {
    private final BuildProperties build;

    AboutController(BuildProperties build) {
        this.build = build;
    }

    /** The version. */
    record AboutView(String version) {}

    @GetMapping
    AboutView about() {
        return new AboutView(build.getVersion());
    }
}
