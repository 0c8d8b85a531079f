package reckonrod.core.channel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

class ChannelTest {
    private static Channel channel(String name, Talk talk) {
        return Channel.of(Frequency.parse("145.310"), talk).withName(name);
    }

    @Test
    void theFourWaysToTalkGiveTheirFrequencyAndShift() {
        assertThat(channel("", new Talk.Same())).satisfies(each -> {
            assertThat(each.isSimplex()).isTrue();
            assertThat(each.shift()).contains(Shift.NONE);
        });
        assertThat(channel("", new Talk.Shifted(Shift.ofHertz(-600_000), true))).satisfies(each -> {
            assertThat(each.transmit()).contains(Frequency.parse("144.710"));
            assertThat(each.isDuplex()).isTrue();
        });
        assertThat(channel("", new Talk.On(Frequency.parse("145.310"))).isSimplex())
                .isTrue();
        assertThat(channel("", new Talk.Never())).satisfies(each -> {
            assertThat(each.transmit()).isEmpty();
            assertThat(each.isDuplex() || each.isSimplex()).isFalse();
        });
        assertThatThrownBy(() -> new Talk.Shifted(Shift.NONE, true)).hasMessageContaining("simplex");
    }

    @Test
    void aNameIsStrippedAndLimitedAndStoodInForByTheFrequency() {
        assertThat(channel("  SKARRA ", new Talk.Same()).label()).isEqualTo("SKARRA");
        assertThat(channel(" ", new Talk.Same()).label()).isEqualTo("145.310");
        assertThat(channel("x".repeat(32), new Talk.Same()).name()).hasSize(32);
        assertThatThrownBy(() -> channel("x".repeat(33), new Talk.Same()))
                .hasMessageContaining("at most 32 characters, was 33");
        assertThatThrownBy(() -> channel("a\nb", new Talk.Same())).hasMessageContaining("control characters");
    }
}
