package reckonrod.sim.world;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.SplittableRandom;
import reckonrod.core.geography.Position;

/**
 * An island with a roughened coast.
 *
 * @param name what it is called
 * @param corners the corners it was drawn with
 * @param coast its coast, closed: the last point is the first again
 */
public record Island(String name, List<Position> corners, List<Position> coast) {
    private static final int HALVINGS = 5;
    private static final double ROUGH_COAST = 0.16;

    public Island {
        corners = List.copyOf(corners);
        coast = List.copyOf(coast);
    }

    /** Whether some of it may lie in the degree of latitude and longitude with that corner. */
    boolean reaches(int south, int west) {
        DoubleSummaryStatistics latitudes =
                coast.stream().mapToDouble(Position::latitudeDegrees).summaryStatistics();
        DoubleSummaryStatistics longitudes =
                coast.stream().mapToDouble(Position::longitudeDegrees).summaryStatistics();
        return latitudes.getMin() <= south + 1
                && latitudes.getMax() >= south
                && longitudes.getMin() <= west + 1
                && longitudes.getMax() >= west;
    }

    static Island drawn(String name, List<Position> corners) {
        SplittableRandom random = new SplittableRandom(name.hashCode());
        List<Position> coast = new ArrayList<>(corners);
        coast.add(corners.get(0));
        for (int i = 0; i < HALVINGS; i++) {
            coast = halved(coast, ROUGH_COAST, random);
        }
        return new Island(name, corners, coast);
    }

    /** Each stretch gets a middle point that lies a little to one side; ends stay where they are. */
    static List<Position> halved(List<Position> line, double roughness, SplittableRandom random) {
        List<Position> finer = new ArrayList<>();
        for (int i = 0; i + 1 < line.size(); i++) {
            Position from = line.get(i);
            Position to = line.get(i + 1);
            double north = to.latitudeDegrees() - from.latitudeDegrees();
            double east = to.longitudeDegrees() - from.longitudeDegrees();
            double aside = roughness * (random.nextDouble() * 2 - 1);
            finer.add(from);
            finer.add(new Position(
                    from.latitudeDegrees() + north / 2 + east * aside * 0.68,
                    from.longitudeDegrees() + east / 2 - north * aside / 0.68));
        }
        finer.add(line.get(line.size() - 1));
        return finer;
    }
}
