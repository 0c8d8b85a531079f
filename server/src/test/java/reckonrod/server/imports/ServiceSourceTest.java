package reckonrod.server.imports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A directory service that is not well: whatever it answers, reading breaks off with a sentence and can go on. */
class ServiceSourceTest {
    private static final String PAGE = "Key,Call sign,Output,Shift\na,QV0AA,145.310,-0.6\nb,QV0BB,nonsense,-0.6\n";

    private HttpServer server;
    private volatile int status = 200;
    private volatile String body = PAGE;
    private volatile String total = "2";

    @BeforeEach
    void start() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", exchange -> {
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            exchange.getResponseHeaders().add("X-Total-Count", total);
            exchange.sendResponseHeaders(status, bytes.length);
            exchange.getResponseBody().write(bytes);
            exchange.close();
        });
        server.start();
    }

    @AfterEach
    void stop() {
        server.stop(0);
    }

    private RowSource.Chunk from(int row) throws RowSource.BrokenOff {
        return new ServiceSource(
                        "http://127.0.0.1:" + server.getAddress().getPort() + "/", "v", LocalDate.of(2026, 11, 25))
                .from(row);
    }

    /** A bad row of a page is a bad row, and no reason to break off. */
    @Test
    void aPageIsReadWithItsBadRows() throws RowSource.BrokenOff {
        RowSource.Chunk chunk = from(0);
        assertThat(chunk.total()).isEqualTo(2);
        assertThat(chunk.rows()).extracting(RowSource.ReadRow::line).containsExactly(1, 2);
        assertThat(chunk.rows()
                        .get(0)
                        .reading()
                        .<String>fold(good -> good.entry().id(), bad -> bad.reason()))
                .isEqualTo("v:a");
        assertThat(chunk.rows().get(1).reading().<String>fold(good -> "good", bad -> bad.reason()))
                .contains("nonsense");
        assertThat(from(2).rows()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "503, 2, 'the sea cable is cut', answered with 503 at entry 8: the sea cable is cut",
        "200, 90, '<html>log in here</html>', something else than a page at entry 8",
        "200, 90, '', something else than a page at entry 8",
        "200, many, 'x', says that it has \"many\" entries"
    })
    void whatIsNoPageBreaksOffWithASentence(int answer, String count, String text, String said) {
        status = answer;
        total = count;
        body = text;
        assertThatThrownBy(() -> from(7))
                .isInstanceOf(RowSource.BrokenOff.class)
                .hasMessageContaining(said);
    }

    @Test
    void aLongAnswerIsNotShownWhole() {
        status = 500;
        body = "x".repeat(100_000);
        assertThatThrownBy(() -> from(0))
                .satisfies(broken -> assertThat(broken.getMessage()).hasSizeLessThan(250));
    }

    @Test
    void silenceIsSaid() {
        server.stop(0);
        assertThatThrownBy(() -> from(3))
                .isInstanceOf(RowSource.BrokenOff.class)
                .hasMessage("The directory service does not answer at entry 4");
    }
}
