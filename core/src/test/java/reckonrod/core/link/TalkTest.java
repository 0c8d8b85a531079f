package reckonrod.core.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.definition.LinkDefinition.PolledBlocks;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.polled.Frame;
import reckonrod.core.link.polled.PolledLink;

/** What is at the other end of a line is told from what came over it, and never as more than that shows. */
class TalkTest {
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
    private static final int TRIES = W12.line().cable().pace().tries();

    private final Speeds port = new Speeds();
    private final PolledLink link =
            new PolledLink(W12, (PolledBlocks) W12.line().family(), port);

    /** A line on which something speaks at one speed, the same each time that it is spoken to; at others it is silent. */
    private static final class Speeds implements Port {
        private final List<Integer> tried = new ArrayList<>();
        private byte[] says = {};
        private int speaksAt = 9600;
        private int speed = 9600;
        private boolean canChange = true;
        private byte[] next = {};

        @Override
        public void write(byte[] bytes) {
            next = speed == speaksAt ? says : new byte[0];
        }

        @Override
        public int read(byte[] into, int withinMillis) {
            System.arraycopy(next, 0, into, 0, next.length);
            int count = next.length;
            next = new byte[0];
            return count;
        }

        @Override
        public boolean runAt(int baud) {
            tried.add(baud);
            speed = canChange ? baud : speed;
            return canChange;
        }

        @Override
        public void close() {
            speaksAt = 0;
        }
    }

    private static byte[] ident(String text) {
        byte[] content = (" " + text).getBytes(StandardCharsets.US_ASCII);
        content[0] = (byte) text.length();
        return Frame.of(Frame.IDENT, content);
    }

    private LinkException greeting() {
        LinkException told = catchThrowableOfType(LinkException.class, link::identify);
        assertThat(told).isNotNull();
        return told;
    }

    /** Six letters or more that can be printed are words of somebody; fewer, or with anything else among them, are noise. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            $GNRMC,,V,,*11\\r\\n         | OTHER_DEVICE | "$GNRMC,,V,,*11"
            login: \\r\\n                | OTHER_DEVICE | "login:"
            \\r\\nERROR\\r\\nREADY\\r\\n | OTHER_DEVICE | "ERROR"
            abcdef                       | OTHER_DEVICE | "abcdef"
            abcde                        | GARBAGE      | makes no sense, 3 times over
            ~~~~~~                       | OTHER_DEVICE | "~~~~~~"
            abcdef\\177              | GARBAGE      | makes no sense
            abc\\tdef                    | GARBAGE      | makes no sense
            ab\\000cdef              | GARBAGE      | makes no sense
            abcdef\\351              | GARBAGE      | makes no sense
            \\s\\s\\r\\n         | GARBAGE      | makes no sense
            """)
    void whoSpeaksIsTold(String said, Fault fault, String words) {
        port.says = said.translateEscapes().getBytes(StandardCharsets.ISO_8859_1);
        LinkException told = greeting();
        assertThat(told.fault()).isEqualTo(fault);
        assertThat(told).hasMessageContaining(words);
    }

    /** A cable that ends in itself says what it is told, alone or with more behind it; a part of that is no echo. */
    @Test
    void whatComesBackAsItWasIsAnEcho() {
        byte[] request = Frame.of(Frame.ENQUIRE);
        port.says = request;
        assertThat(greeting().fault()).isEqualTo(Fault.ECHO);
        port.says = Arrays.copyOf(request, request.length + 2);
        assertThat(greeting().fault()).isEqualTo(Fault.ECHO);
        assertThat(port.tried).as("an echo is one at any speed").isEmpty();
        port.says = Arrays.copyOf(request, request.length - 1);
        assertThat(greeting().fault()).isEqualTo(Fault.GARBAGE);
        assertThat(port.tried).doesNotContain(9_600).contains(4_800, 115_200);
    }

    /** It answers at another speed: that is found out, and told with both. */
    @ParameterizedTest
    @CsvSource({"4800", "19200", "38400", "57600", "115200"})
    void anotherSpeedIsFound(int baud) {
        port.says = ident("WRENLING W12 1.07");
        port.speaksAt = baud;
        LinkException told = greeting();
        assertThat(told.fault()).isEqualTo(Fault.OTHER_SPEED);
        assertThat(told).hasMessageContaining("answers at " + baud + " baud, and a Wrenling W12 is loaded at 9600");
        assertThat(port.tried).endsWith(baud);
    }

    /** A port that has no speed, or at which nothing speaks at any, is silent, and nothing more is said. */
    @Test
    void silenceIsSilenceAtAnySpeed() {
        port.speaksAt = 1;
        assertThat(greeting().fault()).isEqualTo(Fault.NO_ANSWER);
        assertThat(port.tried).containsExactly(4_800, 19_200, 38_400, 57_600, 115_200);
        port.canChange = false;
        assertThat(greeting().fault()).isEqualTo(Fault.NO_ANSWER);
    }

    /** A refusal is an answer: no other speed is tried after it. */
    @Test
    void aRefusalIsAnAnswer() {
        port.says = Frame.at(Frame.REFUSE, 0);
        assertThat(greeting().fault()).isEqualTo(Fault.REFUSED);
        assertThat(port.tried).isEmpty();
    }

    /** Only whoever greets tries other speeds: in the middle of a transfer the line is left as it is. */
    @Test
    void inTheMiddleOfATransferNoOtherSpeedIsTried() {
        port.says = new byte[] {1};
        LinkException told = catchThrowableOfType(LinkException.class, () -> link.read(3));
        assertThat(told.fault()).isEqualTo(Fault.GARBAGE);
        assertThat(told).hasMessageContaining(TRIES + " times over");
        assertThat(port.tried).isEmpty();
    }

    /** The radio that was meant, of a firmware that was tried, of the same family, of another, and another radio. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            WRENLING W12 1.07  |                | known
            WRENLING W12 1.99  |                | Its firmware is 1.99; 1.07 is what this was tried with
            WRENLING W12 1.0   |                | Its firmware is 1.0; 1.07
            WRENLING W12 2.07  | OTHER_FIRMWARE | has firmware 2.07, whose memory may be laid out otherwise than that of 1.x
            WRENLING W12 11.07 | OTHER_FIRMWARE | has firmware 11.07
            WRENLING W12 1     | OTHER_FIRMWARE | has firmware 1,
            WRENLING W12 1.07b | OTHER_FIRMWARE | has firmware 1.07b
            WRENLING W12       | OTHER_FIRMWARE | This Wrenling W12 does not say which firmware it has
            WRENLING           | OTHER_MODEL    | says it is a WRENLING, but a Wrenling W12 was expected
            WRENLING W120 1.07 | OTHER_MODEL    | says it is a WRENLING W120 1.07
            DUNNET D7 3.21     | OTHER_MODEL    | says it is a DUNNET D7 3.21
            """)
    void theRadioThatWasMeantIsTheOneThatIsTaken(String said, Fault fault, String words) throws LinkException {
        port.says = ident(said);
        if (fault == null) {
            assertThat(link.identify().word().orElse("known")).startsWith(words);
        } else {
            LinkException told = greeting();
            assertThat(told.fault()).isEqualTo(fault);
            assertThat(told).hasMessageContaining(words).hasMessageContaining("Nothing was read or written");
        }
    }
}
