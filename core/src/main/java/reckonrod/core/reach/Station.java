package reckonrod.core.reach;

/**
 * One end of a path.
 *
 * @param antennaMetres height of the antenna above the ground, 0.5 to 1000
 * @param gainDecibels gain over an isotropic antenna less what the feeder and the body take, −20 to 30 dBi
 * @param watts what the transmitter gives, 0.01 to 2000
 * @param neededDecibelMilliwatts what the receiver needs to be understood, −140 to −60 dBm
 */
public record Station(double antennaMetres, double gainDecibels, double watts, double neededDecibelMilliwatts) {
    /**
     * What an FM receiver needs to be understood: −107 dBm. That is the noise of a warm resistor in 12.5 kHz (−133 dBm), 16 dB
     * of people's things above it (ITU-R P.372, between city and country, 145 MHz), and 10 dB for the voice to stand out.
     */
    public static final double USUAL_NEED = -107;

    public Station {
        require("Antenna height", antennaMetres, 0.5, 1000, "m");
        require("Gain", gainDecibels, -20, 30, "dBi");
        require("Power", watts, 0.01, 2000, "W");
        require("Needed level", neededDecibelMilliwatts, -140, -60, "dBm");
    }

    private static void require(String what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(what + " must be " + plain(least) + " to " + plain(most) + " " + unit
                    + ", was " + value + " " + unit);
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    /** A station with a receiver of the usual need. */
    public static Station of(double antennaMetres, double gainDecibels, double watts) {
        return new Station(antennaMetres, gainDecibels, watts, USUAL_NEED);
    }

    /** What the transmitter gives, in dBm. */
    double decibelMilliwatts() {
        return 10 * Math.log10(watts * 1000);
    }
}
