package reckonrod.server.directory;

import java.util.ArrayList;
import java.util.List;

/** One-degree squares of the earth by number, which the database finds positions by. */
final class Cells {
    private static final int AROUND = 360;

    /** Above so many squares, degrees alone are looked for. */
    static final int MOST = 400;

    private Cells() {}

    static int of(double latitude, double longitude) {
        return row(latitude) * AROUND + column(longitude);
    }

    private static int row(double latitude) {
        return (int) Math.min(179, Math.floor(latitude + 90));
    }

    private static int column(double longitude) {
        return Math.floorMod((int) Math.floor(longitude + 180), AROUND);
    }

    /** The squares that an area touches. */
    static List<Integer> within(Area area) {
        List<Integer> cells = new ArrayList<>();
        int width = (int) Math.min(
                AROUND - 1, Math.floor(area.west() + 180 + area.widthDegrees()) - Math.floor(area.west() + 180));
        int first = column(area.west());
        for (int row = row(area.south()); row <= row(area.north()); row++) {
            for (int i = 0; i <= width; i++) {
                cells.add(row * AROUND + (first + i) % AROUND);
                if (cells.size() > MOST) {
                    return cells;
                }
            }
        }
        return cells;
    }
}
