package reckonrod.server.places;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
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

    private final Path folder;
    private final Map<Integer, Slot> slots = new ConcurrentHashMap<>();

    /** A tile, or that there was none at that time. */
    private record Slot(Optional<ElevationTile> tile, long lookedAtNanos) {}

    TerrainTiles(ReckonrodSettings settings) {
        folder = folderOf(settings);
    }

    /** Where the tiles lie. */
    public static Path folderOf(ReckonrodSettings settings) {
        return settings.dataFolder().resolve("elevation");
    }

    @Override
    public OptionalDouble metresAt(Position position) {
        int key = (int) Math.floor(position.latitudeDegrees()) * 1_000 + (int) Math.floor(position.longitudeDegrees());
        Slot slot = slots.get(key);
        if (slot == null || slot.tile.isEmpty() && System.nanoTime() - slot.lookedAtNanos > LOOK_AGAIN_NANOS) {
            slot = new Slot(open(ElevationTile.nameAt(position)), System.nanoTime());
            slots.put(key, slot);
        }
        return slot.tile.map(tile -> tile.metresAt(position)).orElse(OptionalDouble.empty());
    }

    private Optional<ElevationTile> open(String name) {
        Path file = folder.resolve(name);
        if (!Files.isRegularFile(file)) {
            return Optional.empty();
        }
        try (FileChannel channel = FileChannel.open(file)) {
            return Optional.of(ElevationTile.of(name, channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size())));
        } catch (IOException | IllegalArgumentException unreadable) {
            LOG.warn("The elevation tile {} cannot be read: {}", file, unreadable.getMessage());
            return Optional.empty();
        }
    }
}
