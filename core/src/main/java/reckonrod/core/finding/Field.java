package reckonrod.core.finding;

/** The part of a channel or line that a finding speaks of. */
public enum Field {
    LINE,
    NAME,
    RECEIVE,
    TRANSMIT,
    TALK_TONE,
    LISTEN_TONE,
    EMISSION,
    POWER,
    SLOT
}
