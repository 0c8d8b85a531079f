package reckonrod.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.Port;
import reckonrod.sim.cable.TcpPort;

class RadioProcessTest {
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();

    @TempDir
    private Path folder;

    private Process start() throws IOException {
        return new ProcessBuilder(
                        "java",
                        "-cp",
                        System.getProperty("java.class.path"),
                        RadioProcess.class.getName(),
                        W12.id(),
                        folder.resolve("radio.memory").toString(),
                        "0",
                        "fast")
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
    }

    private static Port plugIn(Process radio) throws IOException {
        BufferedReader said = radio.inputReader(StandardCharsets.UTF_8);
        int port = Integer.parseInt(said.readLine());
        return new TcpPort(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
    }

    private static void end(Process radio) throws InterruptedException {
        radio.destroyForcibly();
        assertThat(radio.waitFor(10, TimeUnit.SECONDS)).isTrue();
    }

    /** The radio's process is killed while it is written; started again, it holds whole blocks and can be brought back. */
    @Test
    void aRadioThatDiesWhileItIsWrittenCanBeBroughtBack() throws IOException, LinkException, InterruptedException {
        Process radio = start();
        MemoryImage before;
        try (Port port = plugIn(radio)) {
            before = MemoryImage.of(Files.readAllBytes(folder.resolve("radio.memory")));
            byte[] bytes = before.toBytes();
            Arrays.fill(bytes, 0x40, 0xA40, (byte) 0x11);
            Watcher watch = new Watcher(null);
            watch.halfWay = radio::destroyForcibly;
            assertThatThrownBy(() -> watch.over(W12, port).write(before, MemoryImage.of(bytes)))
                    .isInstanceOfSatisfying(
                            LinkException.class,
                            failed -> assertThat(failed.fault())
                                    .isIn(LinkException.Fault.CABLE, LinkException.Fault.NO_ANSWER));
            assertThat(watch.wroteSomething).isTrue();
        } finally {
            end(radio);
        }
        byte[] half = Files.readAllBytes(folder.resolve("radio.memory"));
        assertThat(half).hasSize(W12.layout().bytes()).isNotEqualTo(before.toBytes());
        Process again = start();
        try (Port port = plugIn(again)) {
            MemoryImage found = new Watcher(null).over(W12, port).restore(before);
            assertThat(found).isEqualTo(before);
        } finally {
            end(again);
        }
        assertThat(Files.readAllBytes(folder.resolve("radio.memory"))).isEqualTo(before.toBytes());
    }
}
