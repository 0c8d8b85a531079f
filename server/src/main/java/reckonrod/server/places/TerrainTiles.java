package reckonrod.server.places;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import reckonrod.core.geography.Position;
import reckonrod.core.reach.ElevationTile;
import reckonrod.core.reach.Terrain;
import reckonrod.server.ReckonrodSettings;

/** The ground out of elevation tiles in a folder, which are mapped into memory as they are needed. */
@Component
public class TerrainTiles implements Terrain {
    private static final Logger LOG = LoggerFactory.getLogger(TerrainTiles.class);
    private static final long LOOK_AGAIN_NANOS = 5_000_000_000L;

    private static final Slot NOT_LOOKED_AT =
            new Slot(Integer.MIN_VALUE, Terrain.UNKNOWN, System.nanoTime() - 2 * LOOK_AGAIN_NANOS);

    private final Path folder;
    private final Map<Integer, Slot> slots = new ConcurrentHashMap<>();

    /** A tile, or that nothing was known at that time. */
    private record Slot(int key, Terrain tile, long lookedAtNanos) {}

    private volatile Slot newest = NOT_LOOKED_AT;

    TerrainTiles(ReckonrodSettings settings) {
        folder = folderOf(settings);
    }

    /** Where the tiles lie. */
    public static Path folderOf(ReckonrodSettings settings) {
        return settings.dataFolder().resolve("elevation");
    }

    @Override
    public double metresAt(double latitudeDegrees, double longitudeDegrees) {
        int key = (int) Math.floor(latitudeDegrees) * 1_000 + (int) Math.floor(longitudeDegrees);
        // Nearly always the place before lay in the same tile.
        Slot slot = newest;
        if (slot.key != key) {
            slot = slots.getOrDefault(key, NOT_LOOKED_AT);
        }
        if (slot.tile == Terrain.UNKNOWN && System.nanoTime() - slot.lookedAtNanos > LOOK_AGAIN_NANOS) {
            slot = new Slot(
                    key,
                    open(ElevationTile.nameAt(new Position(latitudeDegrees, longitudeDegrees))),
                    System.nanoTime());
            slots.put(key, slot);
        }
        newest = slot;
        return slot.tile.metresAt(latitudeDegrees, longitudeDegrees);
    }

    private Terrain open(String name) {
        Path file = folder.resolve(name);
        if (!Files.isRegularFile(file)) {
            return Terrain.UNKNOWN;
        }
        try (FileChannel channel = FileChannel.open(file)) {
            return ElevationTile.of(name, channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size()));
        } catch (IOException | IllegalArgumentException unreadable) {
            LOG.warn("The elevation tile {} cannot be read: {}", file, unreadable.getMessage());
            return Terrain.UNKNOWN;
        }
    }
}
