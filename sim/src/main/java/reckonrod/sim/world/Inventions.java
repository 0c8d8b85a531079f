package reckonrod.sim.world;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Site;
import reckonrod.core.directory.Standing;
import reckonrod.core.directory.State;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.geography.Position;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/**
 * Invented repeaters all over the land of the earth, in clusters around invented towns, by the practice of the region they
 * stand in. The one with a number is the same every time.
 */
public final class Inventions {
    private static final int TOWNS = 6_000;
    private static final LocalDate LATEST = LocalDate.of(2026, 11, 1);
    private static final String[] BEGIN = {
        "Bar", "Cal", "Dun", "El", "Fen", "Gor", "Hul", "Ist", "Jor", "Kel", "Lum", "Mar", "Nor", "Or", "Pel", "Quor",
        "Ras", "Sel", "Tor", "Ul", "Vas", "Wil", "Yor", "Zan"
    };
    private static final String[] MIDDLE = {"a", "e", "i", "o", "u", "an", "en", "or", "ul", "ish", "am", "ock"};
    private static final String[] END = {
        "by", "den", "dale", "field", "ford", "ham", "mere", "moss", "ness", "stead", "ton", "wick", "worth", "vale"
    };
    private static final String[] SPOT = {
        "", "", "", " North", " South", " Hill", " Tower", " Ridge", " Mast", " Heights"
    };

    private final byte[] land;
    private final Position[] towns = new Position[TOWNS];
    private final String[] names = new String[TOWNS];

    public Inventions() {
        try (InputStream bits = Inventions.class.getResourceAsStream("/reckonrod/sim/world/land.bits")) {
            land = bits.readAllBytes();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        SplittableRandom random = new SplittableRandom(4_711);
        for (int i = 0; i < TOWNS; i++) {
            towns[i] = onLand(random);
            names[i] = pick(BEGIN, random) + pick(MIDDLE, random) + pick(END, random);
        }
    }

    // Most of the towns are where most people live: boxes of degrees, south, north, west and east.
    private static final int[][] BUSY = {{37, 60, -9, 30}, {30, 48, -124, -70}, {30, 42, 128, 142}};

    private Position onLand(SplittableRandom random) {
        boolean busy = random.nextInt(100) < 70;
        while (true) {
            // Evenly over the sphere, without the far south.
            double latitude = Math.toDegrees(Math.asin(random.nextDouble() * 1.85 - 0.9));
            double longitude = random.nextDouble() * 360 - 180;
            if (isLand(latitude, longitude) && latitude < 72 && (!busy || isBusy(latitude, longitude))) {
                return new Position(latitude, longitude);
            }
        }
    }

    private static boolean isBusy(double latitude, double longitude) {
        return Arrays.stream(BUSY)
                .anyMatch(box -> latitude > box[0] && latitude < box[1] && longitude > box[2] && longitude < box[3]);
    }

    private boolean isLand(double latitude, double longitude) {
        int row = (int) Math.min(359, Math.floor((90 - latitude) * 2));
        int column = (int) Math.min(719, Math.floor((longitude + 180) * 2));
        int bit = row * 720 + column;
        return (land[bit >> 3] & 128 >> (bit & 7)) != 0;
    }

    /** The invention with that number, from 0. */
    public DirectoryEntry number(int number) {
        SplittableRandom random = new SplittableRandom(number * 31L + 977);
        // Few towns have many, many have few.
        int town = (int) (TOWNS * Math.pow(random.nextDouble(), 2));
        Position place = around(towns[town], random);
        boolean two = random.nextInt(100) < 52;
        Signal signal = signal(place, two, random);
        return new DirectoryEntry(
                World.SOURCE + ":w" + number,
                callSign(number),
                new Site(
                        names[town] + pick(SPOT, random),
                        names[town],
                        Optional.of(place),
                        OptionalDouble.of(random.nextInt(900)),
                        random.nextInt(4) == 0 ? OptionalDouble.empty() : OptionalDouble.of(6 + random.nextInt(60))),
                signal,
                standing(random));
    }

    private Position around(Position town, SplittableRandom random) {
        Position place = town.onCourse(random.nextDouble() * 360, 25_000 * random.nextDouble());
        // Four digits of a degree are some ten metres, as fine as directories publish.
        return new Position(rounded(place.latitudeDegrees()), rounded(place.longitudeDegrees()));
    }

    private static double rounded(double degrees) {
        return Math.rint(degrees * 1e4) / 1e4;
    }

    private static Signal signal(Position place, boolean two, SplittableRandom random) {
        double longitude = place.longitudeDegrees();
        int region = longitude < -25 ? 2 : longitude > 65 ? 3 : 1;
        long output;
        long shift;
        if (region == 1) {
            output = two ? 145_575_000 + 12_500L * random.nextInt(18) : 438_650_000 + 25_000L * random.nextInt(32);
            shift = two ? -600_000 : -7_600_000;
        } else if (region == 2) {
            boolean high = random.nextBoolean();
            output = two
                    ? (high ? 147_015_000 : 146_610_000) + 15_000L * random.nextInt(25)
                    : (high ? 442_000_000 : 447_000_000) + 25_000L * random.nextInt(110);
            shift = two ? (high ? 600_000 : -600_000) : high ? 5_000_000 : -5_000_000;
        } else {
            output = two ? 146_625_000 + 25_000L * random.nextInt(30) : 438_025_000 + 25_000L * random.nextInt(76);
            shift = two ? -600_000 : -5_000_000;
        }
        boolean digital = random.nextInt(100) < 7;
        Tone talk = digital || random.nextInt(100) < 15 ? NoTone.NONE : tone(random);
        Tone listen = talk instanceof CtcssTone && random.nextInt(100) < 30 ? talk : NoTone.NONE;
        return new Signal(
                Frequency.ofHertz(output),
                new Input.Shifted(Shift.ofHertz(shift)),
                talk,
                listen,
                digital ? Mode.DIGITAL : Mode.FM,
                OptionalDouble.of(5.0 * (1 + random.nextInt(10))));
    }

    private static Tone tone(SplittableRandom random) {
        List<CtcssTone> tones = ToneTable.STANDARD.ctcss();
        return tones.get(random.nextInt(tones.size()));
    }

    private static Standing standing(SplittableRandom random) {
        int luck = random.nextInt(100);
        State state = luck < 6 ? State.OFF_AIR : luck < 16 ? State.UNKNOWN : State.ON_AIR;
        Set<DirectoryFlag> flags = EnumSet.noneOf(DirectoryFlag.class);
        flags.add(random.nextInt(12) == 0 ? DirectoryFlag.CLOSED : DirectoryFlag.OPEN);
        if (random.nextInt(4) == 0) {
            flags.add(DirectoryFlag.LINKED);
        }
        if (random.nextInt(6) == 0) {
            flags.add(DirectoryFlag.EMERGENCY_POWER);
        }
        if (random.nextInt(9) == 0) {
            flags.add(DirectoryFlag.WIDE_AREA);
        }
        // Half were confirmed within a year and a half, the rest within twelve.
        long days = (long) (4_400 * Math.pow(random.nextDouble(), 3));
        Optional<LocalDate> confirmed =
                random.nextInt(12) == 0 ? Optional.empty() : Optional.of(LATEST.minusDays(days));
        return new Standing(
                state, flags, confirmed, confirmed.isPresent() ? callSign(random.nextInt(60_000)) : "", "", "");
    }

    // Q is never the beginning of a call sign; QM and QV are those of the islands.
    private static String callSign(int number) {
        String letters = "ABCDEFGHIJKLNOPRSTUWXYZ";
        int rest = number;
        char prefix = letters.charAt(rest % letters.length());
        rest /= letters.length();
        char digit = (char) ('0' + rest % 10);
        rest /= 10;
        return String.format(
                Locale.ROOT, "Q%c%c%c%c", prefix, digit, (char) ('A' + rest / 26 % 26), (char) ('A' + rest % 26));
    }

    private static String pick(String[] from, SplittableRandom random) {
        return from[random.nextInt(from.length)];
    }
}
