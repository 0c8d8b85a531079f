package reckonrod.core.radio;

import java.math.BigDecimal;
import reckonrod.core.channel.Power;

/**
 * A power level of a radio.
 *
 * @param level its name
 * @param watts what it sends, in watts
 */
public record PowerLevel(Power level, BigDecimal watts) {}
