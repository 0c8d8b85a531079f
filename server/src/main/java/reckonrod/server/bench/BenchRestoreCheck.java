package reckonrod.server.bench;

import org.springframework.stereotype.Component;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** Reads the simulated radios of an archive: each memory must have the size that its model has. */
@Component
class BenchRestoreCheck implements RestoreCheck {
    private final RadioUnits units;
    private final BenchStore store;
    private final Bench bench;

    BenchRestoreCheck(RadioUnits units, BenchStore store, Bench bench) {
        this.units = units;
        this.store = store;
        this.bench = bench;
    }

    @Override
    public void readAll() {
        units.all().stream()
                .filter(each -> each.port().isSimulated() && store.holds(each.id()))
                .forEach(this::read);
    }

    private void read(RadioUnit unit) {
        int size = unit.definition().layout().bytes();
        if (store.memory(unit.id()).size() != size
                || store.remembered(unit.id())
                        .filter(each -> each.size() != size)
                        .isPresent()) {
            throw new IllegalStateException(
                    "the simulated radio \"" + unit.name() + "\" has a memory of another size than a "
                            + unit.definition().title());
        }
        store.state(unit.id());
    }

    /** A radio of that id may be of another model now. */
    @Override
    public void clearCache() {
        bench.clearCache();
    }
}
