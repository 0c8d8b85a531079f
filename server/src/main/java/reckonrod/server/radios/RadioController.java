package reckonrod.server.radios;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.definition.LinkDefinition;
import reckonrod.core.image.ImageCodec;

/** The person's radios and the snapshots of them. */
@RestController
@RequestMapping("/api/radios")
class RadioController {
    private final RadioUnits units;

    RadioController(RadioUnits units) {
        this.units = units;
    }

    @GetMapping
    List<RadioView> all() {
        return units.all().stream().map(this::view).toList();
    }

    @GetMapping("/{id}")
    RadioView get(@PathVariable String id) {
        return view(units.get(id));
    }

    @GetMapping("/{id}/snapshots")
    List<RadioView.SnapshotView> snapshots(@PathVariable String id) {
        RadioUnit unit = units.get(id);
        return units.snapshots(id).stream().map(each -> view(unit, each)).toList();
    }

    private RadioView view(RadioUnit unit) {
        return new RadioView(
                unit.id(),
                unit.name(),
                unit.definition().title(),
                unit.definition().kind().word(),
                unit.definition().limits().slots().first(),
                unit.definition().limits().slots().last(),
                unit.port().text(),
                unit.port().isSimulated(),
                unit.definition().link().map(LinkDefinition::baud).orElse(null),
                unit.definition().link().map(LinkDefinition::person).orElse(List.of()),
                unit.halfWritten().map(RadioUnit.HalfWritten::snapshotToPutBack).orElse(null),
                unit.halfWritten().isPresent(),
                unit.loaded()
                        .map(loaded -> new RadioView.LoadedView(
                                loaded.listId().orElse(null), loaded.listName(), loaded.since()))
                        .orElse(null),
                units.newestSnapshot(unit.id())
                        .map(snapshot -> view(unit, snapshot))
                        .orElse(null));
    }

    private static RadioView.SnapshotView view(RadioUnit unit, Snapshot snapshot) {
        int channels =
                new ImageCodec(unit.definition()).decode(snapshot.image()).size();
        return new RadioView.SnapshotView(snapshot.id(), snapshot.takenAt(), snapshot.reason(), channels);
    }
}
