package reckonrod.server.bench;

import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.fit.Fitter;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.list.ChannelList;
import reckonrod.server.ReckonrodSettings;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.fieldlog.FieldLog;
import reckonrod.server.lists.ListStore;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.radios.PortAddress;
import reckonrod.server.radios.RadioUnits;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.world.World;

/** Loads the Vellan Isles into an empty database: one list, the directory of the isles
 * and their ground, and six radios of which one holds last year's list. */
@Component
class DemoData implements SmartInitializingSingleton {
    private static final String MODEL = "wrenling-w12";

    private final ReckonrodSettings settings;
    private final ListStore lists;
    private final RadioUnits units;
    private final Bench bench;
    private final BandPlans plans;
    private final RadioDefinitions definitions;
    private final DirectoryStore directory;
    private final FieldLog log;
    private final TransactionTemplate transactions;

    DemoData(
            ReckonrodSettings settings,
            ListStore lists,
            RadioUnits units,
            Bench bench,
            BandPlans plans,
            RadioDefinitions definitions,
            DirectoryStore directory,
            FieldLog log,
            TransactionTemplate transactions) {
        this.transactions = transactions;
        this.log = log;
        this.settings = settings;
        this.lists = lists;
        this.units = units;
        this.bench = bench;
        this.plans = plans;
        this.definitions = definitions;
        this.directory = directory;
    }

    // Before the web server listens: the first page must not find an empty house.
    @Override
    public void afterSingletonsInstantiated() {
        if (!settings.demo()) {
            return;
        }
        // What they hold is worked out in no transaction: one that stands still for longer than a lease is ended.
        RadioDefinition model = definitions.find(MODEL).orElseThrow();
        bench.place("blue", model, () -> lastYears(model, SimulatedRadio.fresh(model, 2201)));
        bench.place("red", model, () -> SimulatedRadio.fresh(model, 2202));
        transactions.executeWithoutResult(all -> furnish());
        // The ground may come a moment after the first page; until then reach is judged without it.
        Thread ground = new Thread(
                () -> World.shipped().ground().writeTiles(TerrainTiles.folderOf(settings)), "invented-ground");
        ground.setDaemon(true);
        ground.start();
    }

    private void furnish() {
        if (directory.count() == 0) {
            directory.put(World.shipped().repeaters());
        }
        boolean first = lists.isEmpty();
        if (first) {
            lists.create(DemoList.read("/demo/vellan-home.yaml", plans));
        }
        radio("blue", "W12 · blue", MODEL, new PortAddress.Simulated(), "blue", "short whip");
        radio("red", "W12 · red", MODEL, new PortAddress.SimulatedTcp(), "red", "long whip");
        radio("green", "K31 · green", "kestrow-k31", new PortAddress.Simulated(), "green", "long whip");
        radio("crew", "OT9 · crew", "orvane-ot9", new PortAddress.None(), "yellow", "");
        radio("car", "KM90 · car", "kestrow-km90", new PortAddress.Simulated(), "", "roof, quarter wave");
        radio("pocket", "W40 · pocket", "wrenling-w40", new PortAddress.Simulated(), "white", "");
        if (first) {
            DemoTests.into(log, lists);
        }
    }

    private void radio(String id, String name, String model, PortAddress port, String label, String antenna) {
        if (!units.holds(id)) {
            units.add(id, name, model, port, label, antenna);
        }
    }

    private MemoryImage lastYears(RadioDefinition model, MemoryImage fresh) {
        ChannelList list = DemoList.read("/demo/vellan-last-year.yaml", plans);
        return new ImageCodec(model)
                .encode(
                        fresh,
                        new Fitter(model.model(), plans.find(list.bandPlanId()).orElseThrow())
                                .fit(list)
                                .contents());
    }
}
