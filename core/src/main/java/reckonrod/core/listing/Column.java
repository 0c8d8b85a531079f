package reckonrod.core.listing;

/** What a column of a listing can mean. */
public enum Column {
    KEY("Key of the source"),
    SLOT("Slot number"),
    CALL_SIGN("Call sign"),
    SITE("Site"),
    TOWN("Town"),
    AREA("Area"),
    LATITUDE("Latitude"),
    LONGITUDE("Longitude"),
    LATITUDE_SOUTH("Latitude south of the equator"),
    LONGITUDE_WEST("Longitude west of Greenwich"),
    POSITION("Position in one cell"),
    GROUND("Ground above sea, m"),
    ANTENNA("Antenna above ground, m"),
    OUTPUT("Output (you listen)"),
    INPUT("Input (you talk)"),
    SHIFT("Shift or its sign"),
    SHIFT_SIZE("Size of the shift"),
    TALK_TONE("Talk tone"),
    LISTEN_TONE("Listen tone"),
    TALK_CODE("DCS code to talk"),
    LISTEN_CODE("DCS code to listen"),
    TONE_MODE("Tone mode"),
    POLARITY("DCS polarity"),
    MODE("Mode"),
    BANDWIDTH("Channel width, kHz"),
    WATTS("Power, W"),
    STATE("State"),
    FLAGS("Flags"),
    CONFIRMED_ON("Last confirmed"),
    CONFIRMED_BY("Confirmed by"),
    SPONSOR("Sponsor"),
    NOTES("Notes");

    private final String words;

    Column(String words) {
        this.words = words;
    }

    /** The meaning in words. */
    public String words() {
        return words;
    }
}
