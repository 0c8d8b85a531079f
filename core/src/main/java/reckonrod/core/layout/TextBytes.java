package reckonrod.core.layout;

import java.nio.charset.StandardCharsets;
import reckonrod.core.radio.NameRule;

/**
 * A text, one byte a character in ISO 8859-1.
 *
 * @param rule the texts that the radio can show
 * @param fill the byte behind a short text
 */
record TextBytes(NameRule rule, int fill) implements Encoding<String> {
    @Override
    public String read(Bits bits) {
        int end = bits.place().bytes();
        while (end > 0 && bits.byteAt(end - 1) == fill) {
            end--;
        }
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < end; i++) {
            text.append((char) bits.byteAt(i));
        }
        if (!rule.allows(text.toString())) {
            throw new MeaninglessException("a name of characters it cannot show");
        }
        return text.toString();
    }

    @Override
    public void write(Bits bits, String value) {
        byte[] text = value.getBytes(StandardCharsets.ISO_8859_1);
        if (!rule.allows(value) || text.length > bits.place().bytes()) {
            throw new IllegalArgumentException("Name must be one the radio can show, was \"" + value + "\"");
        }
        for (int i = 0; i < bits.place().bytes(); i++) {
            bits.setByte(i, i < text.length ? text[i] : fill);
        }
    }
}
