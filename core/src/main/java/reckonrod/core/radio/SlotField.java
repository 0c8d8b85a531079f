package reckonrod.core.radio;

import java.util.List;
import java.util.OptionalLong;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;

/** One field of a slot's record: where it lies and what it means. Holds no data. */
public sealed interface SlotField {
    /** Where it lies in the record. */
    BitPlace place();

    /** What it holds, in the words of the data file. */
    String holds();

    /** Which of the two frequencies, or tones, a field holds. */
    enum Side {
        LISTEN,
        TALK
    }

    /**
     * A frequency as a number of units.
     *
     * @param side which frequency
     * @param form how the number is written
     * @param unitHertz the unit, in hertz
     * @param none the raw bits that mean "never talks", if it can say so
     */
    record OfFrequency(BitPlace place, Side side, NumberForm form, int unitHertz, OptionalLong none)
            implements SlotField {
        @Override
        public String holds() {
            return side == Side.LISTEN ? "receive" : "transmit";
        }
    }

    /**
     * A tone as its place in the radio's table: 0 none, then the CTCSS tones, the DCS codes, the inverted DCS codes.
     *
     * @param side which tone
     */
    record OfTone(BitPlace place, Side side) implements SlotField {
        @Override
        public String holds() {
            return side == Side.LISTEN ? "listen tone" : "talk tone";
        }
    }

    /**
     * A power level as its place in a list.
     *
     * @param values the levels in the order of their numbers
     */
    record OfPower(BitPlace place, List<Power> values) implements SlotField {
        @Override
        public String holds() {
            return "power";
        }
    }

    /**
     * A modulation as its place in a list.
     *
     * @param values the modulations in the order of their numbers
     */
    record OfEmission(BitPlace place, List<Emission> values) implements SlotField {
        @Override
        public String holds() {
            return "emission";
        }
    }

    /**
     * A name, one byte a character in ISO 8859-1.
     *
     * @param fill the byte behind a short name
     */
    record OfName(BitPlace place, int fill) implements SlotField {
        @Override
        public String holds() {
            return "name";
        }
    }
}
