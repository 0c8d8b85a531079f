package reckonrod.sim.world;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import reckonrod.core.geography.Position;
import reckonrod.core.reach.ElevationTile;
import reckonrod.core.reach.Terrain;

/** The invented ground: hills and rough land on the islands, sea around them. The same for the same world every time. */
public final class Ground implements Terrain {
    /** Posts along the side of a tile: 9 seconds of arc apart, some 280 m. */
    static final int SIDE = 401;

    private static final int SOUTH = 45;
    private static final int NORTH = 49;
    private static final int WEST = -39;
    private static final int EAST = -31;
    private static final double DEGREE_METRES = 111_200;
    private static final double SHORE_METRES = 2_500;

    private final List<Island> islands;
    private final List<World.Hill> hills;

    Ground(List<Island> islands, List<World.Hill> hills) {
        this.islands = List.copyOf(islands);
        this.hills = List.copyOf(hills);
    }

    @Override
    public double metresAt(double latitude, double longitude) {
        if (latitude < SOUTH || latitude >= NORTH || longitude < WEST || longitude >= EAST) {
            return Double.NaN;
        }
        for (Island island : islands) {
            Parallel parallel = new Parallel(island, latitude, SHORE_METRES / DEGREE_METRES);
            if (parallel.isOnLand(longitude)) {
                return height(parallel, longitude);
            }
        }
        return 0;
    }

    /** Writes the tiles that are not in the folder yet; each appears whole or not at all. */
    public void writeTiles(Path folder) {
        try {
            Files.createDirectories(folder);
            for (int south = SOUTH; south < NORTH; south++) {
                for (int west = WEST; west < EAST; west++) {
                    Path tile = folder.resolve(ElevationTile.nameAt(new Position(south + 0.5, west + 0.5)));
                    if (!Files.exists(tile)) {
                        Path making = folder.resolve(tile.getFileName() + ".making");
                        Files.write(making, tile(south, west).array());
                        Files.move(making, tile, StandardCopyOption.ATOMIC_MOVE);
                    }
                }
            }
        } catch (IOException full) {
            throw new UncheckedIOException(
                    "The invented ground could not be written to " + folder + "; is the disk full?", full);
        }
    }

    ByteBuffer tile(int south, int west) {
        short[] heights = new short[SIDE * SIDE];
        for (Island island : islands) {
            if (!island.reaches(south, west)) {
                continue;
            }
            for (int row = 0; row < SIDE; row++) {
                Parallel parallel =
                        new Parallel(island, south + 1 - (double) row / (SIDE - 1), SHORE_METRES / DEGREE_METRES);
                for (int column = 0; column < SIDE; column++) {
                    double longitude = west + (double) column / (SIDE - 1);
                    if (parallel.isOnLand(longitude)) {
                        heights[row * SIDE + column] = (short) Math.round(height(parallel, longitude));
                    }
                }
            }
        }
        ByteBuffer bytes = ByteBuffer.allocate(heights.length * 2);
        bytes.asShortBuffer().put(heights);
        return bytes;
    }

    private double height(Parallel parallel, double longitude) {
        double latitude = parallel.latitude();
        double metres = 12;
        for (World.Hill hill : hills) {
            double north = (latitude - hill.top().latitudeDegrees()) * DEGREE_METRES;
            double east = (longitude - hill.top().longitudeDegrees()) * DEGREE_METRES * parallel.scale();
            double away = (north * north + east * east) / (hill.widthMetres() * hill.widthMetres());
            if (away < 9) {
                metres += hill.metres() * Math.exp(-away);
            }
        }
        metres *= 1 + 0.45 * (rough(latitude * 18, longitude * 12) - 0.5);
        metres += 110 * rough(latitude * 60 + 31, longitude * 40 + 7);
        double shore = parallel.degreesFromShore(longitude) * DEGREE_METRES;
        return Math.max(1, metres * Math.min(1, 0.15 + shore / SHORE_METRES));
    }

    /** Smooth noise from 0 to 1: heights thrown at whole numbers, joined softly, twice as fine and half as high each time. */
    private static double rough(double x, double y) {
        double sum = 0;
        double weight = 0.5;
        for (int octave = 0; octave < 4; octave++) {
            sum += weight * soft(x, y);
            x = x * 2 + 17;
            y = y * 2 + 29;
            weight /= 2;
        }
        return sum / (1 - 1 / 16.0);
    }

    private static double soft(double x, double y) {
        long left = (long) Math.floor(x);
        long top = (long) Math.floor(y);
        double u = eased(x - left);
        double v = eased(y - top);
        double upper = thrown(left, top) * (1 - u) + thrown(left + 1, top) * u;
        double lower = thrown(left, top + 1) * (1 - u) + thrown(left + 1, top + 1) * u;
        return upper * (1 - v) + lower * v;
    }

    private static double eased(double share) {
        return share * share * (3 - 2 * share);
    }

    private static double thrown(long x, long y) {
        long mixed = x * 0x9E3779B97F4A7C15L + y * 0xC2B2AE3D27D4EB4FL;
        mixed = (mixed ^ mixed >>> 31) * 0xBF58476D1CE4E5B9L;
        mixed = (mixed ^ mixed >>> 27) * 0x94D049BB133111EBL;
        return ((mixed ^ mixed >>> 31) >>> 11) * 0x1.0p-53;
    }
}
