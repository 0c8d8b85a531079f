package reckonrod.core.channel;

/** What the carrier does: wide frequency modulation (25 kHz practice), narrow (12.5 kHz practice), or amplitude. */
public enum Emission {
    FM,
    NFM,
    AM
}
