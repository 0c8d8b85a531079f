package reckonrod.core.bandplan;

import reckonrod.core.frequency.FrequencyRange;

/**
 * A service that may be listened to and is never talked on.
 *
 * @param name what it is: air band, marine, weather
 * @param range its frequencies
 * @param emission its usual emission, such as {@code AM}
 */
public record Service(String name, FrequencyRange range, String emission) {}
