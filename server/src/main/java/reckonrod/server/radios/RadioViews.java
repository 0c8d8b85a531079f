package reckonrod.server.radios;

import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import reckonrod.core.definition.LinkDefinition;
import reckonrod.core.definition.LinkDefinition.Cable;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.radio.RadioSetting;

/** Makes the wire form of a radio. */
@Component
class RadioViews {
    private final RadioUnits units;
    private final CardsOut cards;

    RadioViews(RadioUnits units, CardsOut cards) {
        this.units = units;
        this.cards = cards;
    }

    RadioView of(RadioUnit unit) {
        Optional<Snapshot> newest = units.newestSnapshot(unit.id());
        Map<RadioSetting, Optional<String>> values = units.settings(unit);
        return new RadioView(
                unit.id(),
                unit.name(),
                unit.definition().title(),
                unit.definition().id(),
                unit.definition().kind().word(),
                unit.definition().limits().slots().first(),
                unit.definition().limits().slots().last(),
                unit.port().text(),
                unit.port().isSimulated(),
                unit.definition().memory().isPresent(),
                unit.definition().panel().isPresent(),
                unit.definition()
                        .link()
                        .map(LinkDefinition::family)
                        .filter(Cable.class::isInstance)
                        .map(each -> ((Cable) each).pace().baud())
                        .orElse(null),
                unit.definition().link().map(LinkDefinition::person).orElse(java.util.List.of()),
                RadioView.LineView.of(unit),
                cards.of(unit.id())
                        .map(out -> new RadioView.CardOutView(out.what(), out.at()))
                        .orElse(null),
                unit.halfWritten().map(RadioUnit.HalfWritten::snapshotToPutBack).orElse(null),
                unit.halfWritten().isPresent(),
                unit.loaded()
                        .map(loaded -> new RadioView.LoadedView(
                                loaded.listId().orElse(null), loaded.listName(), loaded.since()))
                        .orElse(null),
                newest.map(snapshot -> of(unit, snapshot)).orElse(null),
                unit.unknownSince().orElse(null),
                units.known(unit)
                        .filter(each -> isOfModel(unit, each))
                        .flatMap(each -> units.heldBeforeReset(unit, each.image()))
                        .map(each -> of(unit, each))
                        .orElse(null),
                RadioView.ShelfView.of(unit.shelf()),
                unit.definition().settings().stream()
                        .map(setting -> setting(
                                setting, values.containsKey(setting), values.getOrDefault(setting, Optional.empty())))
                        .toList(),
                RadioView.CarryingView.of(unit.carrying()));
    }

    /** What a setting is set to is known only from a memory that was read. */
    private static RadioView.SettingNow setting(RadioSetting setting, boolean inMemory, Optional<String> value) {
        return new RadioView.SettingNow(
                setting.name(),
                value.orElse(null),
                setting.values(),
                setting.advised(),
                inMemory,
                value.filter(setting.fails()::contains).isPresent(),
                setting.why(),
                setting.panel().orElse(""));
    }

    /** A model that was edited since may have a memory of another size. */
    private static boolean isOfModel(RadioUnit unit, Snapshot snapshot) {
        return unit.definition()
                .memory()
                .filter(layout -> layout.bytes() == snapshot.image().size())
                .isPresent();
    }

    static RadioView.SnapshotView of(RadioUnit unit, Snapshot snapshot) {
        int channels = isOfModel(unit, snapshot)
                ? new ImageCodec(unit.definition()).decode(snapshot.image()).size()
                : 0;
        return new RadioView.SnapshotView(snapshot.id(), snapshot.takenAt(), snapshot.reason(), channels);
    }
}
