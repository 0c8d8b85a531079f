package reckonrod.server.radios;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The person's radios and the snapshots of them. */
@RestController
@RequestMapping("/api/radios")
class RadioController {
    private final RadioUnits units;
    private final RadioViews views;

    RadioController(RadioUnits units, RadioViews views) {
        this.units = units;
        this.views = views;
    }

    @GetMapping
    List<RadioView> all() {
        return units.all().stream().map(views::of).toList();
    }

    @GetMapping("/{id}")
    RadioView get(@PathVariable String id) {
        return views.of(units.get(id));
    }

    @GetMapping("/{id}/snapshots")
    List<RadioView.SnapshotView> snapshots(@PathVariable String id) {
        RadioUnit unit = units.get(id);
        return units.snapshots(id).stream()
                .map(each -> RadioViews.of(unit, each))
                .toList();
    }
}
