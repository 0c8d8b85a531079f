package reckonrod.server.radios;

import org.springframework.stereotype.Component;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.definitions.DefinitionLookup;

/** Reads all radios of an archive as the screens do, and more strictly: a radio of a model that nobody has is refused, not left out. */
@Component
class RadioRestoreCheck implements RestoreCheck {
    private final UnitRepository records;
    private final RadioUnits units;
    private final RadioViews views;
    private final SnapshotLibrary library;
    private final CardsOut cards;
    private final ByHand byHand;
    private final DefinitionLookup definitions;

    RadioRestoreCheck(
            UnitRepository records,
            RadioUnits units,
            RadioViews views,
            SnapshotLibrary library,
            CardsOut cards,
            ByHand byHand,
            DefinitionLookup definitions) {
        this.records = records;
        this.units = units;
        this.views = views;
        this.library = library;
        this.cards = cards;
        this.byHand = byHand;
        this.definitions = definitions;
    }

    @Override
    public void readAll() {
        records.findAll().forEach(this::read);
        library.all();
    }

    private void read(UnitRecord record) {
        try {
            PortAddress.parse(record.port());
            if (!definitions.holds(record.definitionId())) {
                throw new IllegalArgumentException(
                        "its model \"" + record.definitionId() + "\" is neither in the archive nor shipped");
            }
            if (definitions.find(record.definitionId()).isPresent()) {
                views.of(units.get(record.id()));
                cards.of(record.id());
                byHand.of(record.id());
            }
        } catch (RuntimeException unreadable) {
            throw new IllegalStateException(
                    "the radio \"" + record.name() + "\": " + unreadable.getMessage(), unreadable);
        }
    }

    @Override
    public void clearCache() {
        library.clearCache();
    }
}
