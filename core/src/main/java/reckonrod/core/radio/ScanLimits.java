package reckonrod.core.radio;

/**
 * How a radio can be walked through.
 *
 * @param banks how many banks it has, numbered from 1; 0 for none
 * @param channelsABank how many channels fit into one of them
 * @param banksAChannel in how many of them a channel can be
 * @param skips whether a slot can be left out of the scan
 * @param priority whether a scan can come back to one channel again and again
 * @param called what the radio calls one of them: bank, zone, scan list
 */
public record ScanLimits(
        int banks, int channelsABank, int banksAChannel, boolean skips, boolean priority, String called) {
    /** The most banks that a radio can have. */
    public static final int MOST_BANKS = 64;

    /** A radio that calls them banks. */
    public ScanLimits(int banks, int channelsABank, int banksAChannel, boolean skips, boolean priority) {
        this(banks, channelsABank, banksAChannel, skips, priority, "bank");
    }

    public ScanLimits {
        if (banks < 0 || banks > MOST_BANKS) {
            throw new IllegalArgumentException("banks must be 0 to " + MOST_BANKS + ", was " + banks);
        }
        if (banks > 0 && (channelsABank < 1 || banksAChannel < 1 || banksAChannel > banks)) {
            throw new IllegalArgumentException("a bank must hold 1 channel or more, and a channel must be in 1 to "
                    + banks + " banks; was " + channelsABank + " and " + banksAChannel);
        }
    }
}
