package reckonrod.server.access;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import reckonrod.server.ReckonrodSettings;

class AccessConfigurationTest {
    private static final byte[] ANY = {0, 0, 0, 0};

    private static ReckonrodSettings withPassword(String password) {
        return new ReckonrodSettings(
                password, Path.of("."), false, false, ReckonrodSettings.Allowed.NOTHING, Duration.ofSeconds(10));
    }

    @Test
    void otherMachinesAreLetInOnlyWithAPassword() throws UnknownHostException {
        InetAddress any = InetAddress.getByAddress(ANY);
        assertThatThrownBy(() -> new AccessConfiguration(withPassword(" "), any))
                .hasMessageContaining("Set RECKONROD_PASSWORD");
        assertThatCode(() -> new AccessConfiguration(withPassword("long words"), any))
                .doesNotThrowAnyException();
        assertThatCode(() -> new AccessConfiguration(withPassword(""), InetAddress.getLoopbackAddress()))
                .doesNotThrowAnyException();
    }
}
