package reckonrod.core.reach;

import java.nio.ByteBuffer;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.geography.Position;

/**
 * One tile of elevations in the public {@code .hgt} form: a degree by a degree, named after its south-west corner such as
 * {@code N47W038.hgt}; rows from north to south of signed 16-bit metres, high byte first, edges shared with the next tile;
 * −32768 where nothing is known.
 */
public final class ElevationTile implements Terrain {
    private static final Pattern NAME = Pattern.compile("([NS])([0-9]{2})([EW])([0-9]{3})\\.hgt");
    private static final short UNKNOWN = Short.MIN_VALUE;

    private final int south;
    private final int west;
    private final int side;
    private final ByteBuffer heights;

    private ElevationTile(int south, int west, int side, ByteBuffer heights) {
        this.south = south;
        this.west = west;
        this.side = side;
        this.heights = heights;
    }

    /**
     * A tile of a file.
     *
     * @param name the file's name
     * @param bytes its content, which is read in place
     * @throws IllegalArgumentException if the name or the size is not that of a tile
     */
    public static ElevationTile of(String name, ByteBuffer bytes) {
        Matcher matcher = NAME.matcher(name);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    "An elevation tile must be named like N47W038.hgt, was \"" + name + "\"");
        }
        int side = (int) Math.round(Math.sqrt(bytes.remaining() / 2.0));
        if (side < 2 || side * side * 2 != bytes.remaining()) {
            throw new IllegalArgumentException(
                    "An elevation tile must be a square of 16-bit heights, such as 1201 by 1201;" + " " + name + " has "
                            + bytes.remaining() + " bytes");
        }
        int south = Integer.parseInt(matcher.group(2)) * (matcher.group(1).equals("S") ? -1 : 1);
        int west = Integer.parseInt(matcher.group(4)) * (matcher.group(3).equals("W") ? -1 : 1);
        return new ElevationTile(south, west, side, bytes.slice());
    }

    /** The name of the tile that a place lies in. */
    public static String nameAt(Position position) {
        int south = (int) Math.floor(position.latitudeDegrees());
        int west = (int) Math.floor(position.longitudeDegrees());
        return String.format(
                Locale.ROOT,
                "%s%02d%s%03d.hgt",
                south < 0 ? "S" : "N",
                Math.abs(south),
                west < 0 ? "W" : "E",
                Math.abs(west));
    }

    /** The height there between the four posts around it; not a number if one is unknown or the place is not in it. */
    @Override
    public double metresAt(double latitudeDegrees, double longitudeDegrees) {
        double column = (longitudeDegrees - west) * (side - 1);
        double row = (south + 1 - latitudeDegrees) * (side - 1);
        if (column < 0 || row < 0 || column > side - 1 || row > side - 1) {
            return Double.NaN;
        }
        int left = Math.min((int) column, side - 2);
        int top = Math.min((int) row, side - 2);
        short topLeft = post(top, left);
        short topRight = post(top, left + 1);
        short bottomLeft = post(top + 1, left);
        short bottomRight = post(top + 1, left + 1);
        if (topLeft == UNKNOWN || topRight == UNKNOWN || bottomLeft == UNKNOWN || bottomRight == UNKNOWN) {
            return Double.NaN;
        }
        double right = column - left;
        double down = row - top;
        double upper = topLeft + right * (topRight - topLeft);
        double lower = bottomLeft + right * (bottomRight - bottomLeft);
        return upper + down * (lower - upper);
    }

    private short post(int row, int column) {
        return heights.getShort(2 * (row * side + column));
    }
}
