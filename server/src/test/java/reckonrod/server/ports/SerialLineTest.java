package reckonrod.server.ports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.Loader;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.load.Loaders;
import reckonrod.sim.RadioProcess;

/** A pair of pseudo-terminals stands for the cable; the radio is a program of its own at the other end. */
class SerialLineTest {
    @TempDir
    private Path folder;

    private final List<Process> processes = new ArrayList<>();
    private final Watch watch = new Watch();
    private Process cable;

    private static final class Watch implements TransferWatch {
        private boolean writing;
        private Runnable onWriting = () -> {};

        @Override
        public void progress(Phase phase, int bytesDone, int bytesTotal) {
            if (phase == Phase.WRITE && bytesDone > bytesTotal / 8) {
                onWriting.run();
            }
        }

        @Override
        public Optional<Stop> stop() {
            return Optional.empty();
        }

        @Override
        public void memoryWasRead(MemoryImage memory) {}

        @Override
        public Optional<Stop> writingBegins() {
            writing = true;
            return Optional.empty();
        }
    }

    @AfterEach
    void endAll() throws InterruptedException {
        for (Process process : processes) {
            process.destroyForcibly();
            assertThat(process.waitFor(10, TimeUnit.SECONDS)).isTrue();
        }
    }

    private Path end(String name) {
        return folder.resolve(name);
    }

    private Process start(String... command) throws IOException {
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("out" + processes.size()).toFile())
                .start();
        processes.add(process);
        return process;
    }

    private void plugIn(RadioDefinition radio, String... more) throws IOException, InterruptedException {
        cable = start("socat", "pty,raw,echo=0,link=" + end("host"), "pty,raw,echo=0,link=" + end("radio"));
        for (int i = 0; i < 200 && !(Files.exists(end("host")) && Files.exists(end("radio"))); i++) {
            Thread.sleep(20);
        }
        List<String> command = new ArrayList<>(List.of(
                "java",
                "-cp",
                System.getProperty("java.class.path"),
                RadioProcess.class.getName(),
                radio.id(),
                folder.resolve("radio.memory").toString(),
                end("radio").toRealPath().toString()));
        command.addAll(List.of(more));
        int number = processes.size();
        start(command.toArray(String[]::new));
        for (int i = 0; i < 500 && Files.size(folder.resolve("out" + number)) == 0; i++) {
            Thread.sleep(20);
        }
    }

    private static RadioDefinition radio(String id) {
        return RadioDefinitions.shipped().find(id).orElseThrow();
    }

    private Loader over(RadioDefinition radio, SerialLine line) {
        return Loaders.over(radio, line, watch, LocalDateTime.of(2026, 5, 3, 10, 22));
    }

    private SerialLine open(RadioDefinition radio) throws IOException {
        return SerialLine.open(
                end("host").toString(), radio.line().cable().pace().baud());
    }

    private MemoryImage held() throws IOException {
        return MemoryImage.of(Files.readAllBytes(folder.resolve("radio.memory")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"wrenling-w12", "dunnet-d7", "wrenling-w40", "orvane-ov62"})
    void aRadioIsReadAndWrittenOverASerialPort(String id) throws IOException, InterruptedException, LinkException {
        RadioDefinition radio = radio(id);
        plugIn(radio, "fast");
        MemoryImage before;
        try (SerialLine line = open(radio)) {
            before = over(radio, line).read();
            assertThat(before).isEqualTo(held());
        }
        byte[] bytes = before.toBytes();
        Arrays.fill(bytes, 0x200, 0x500, (byte) 0x33);
        try (SerialLine line = open(radio)) {
            over(radio, line).write(before, MemoryImage.of(bytes));
        }
        assertThat(held().toBytes()).isEqualTo(bytes);
    }

    /** Unplugged in the middle: told as the cable, and plugged in again the radio is brought back. */
    @Test
    void aPortThatIsUnpluggedInTheMiddleIsTold() throws IOException, InterruptedException, LinkException {
        RadioDefinition radio = radio("wrenling-w12");
        plugIn(radio);
        MemoryImage before = held();
        byte[] bytes = before.toBytes();
        Arrays.fill(bytes, 0x100, 0xB00, (byte) 0x33);
        watch.onWriting = cable::destroyForcibly;
        long start = System.nanoTime();
        try (SerialLine line = open(radio)) {
            assertThatThrownBy(() -> over(radio, line).write(before, MemoryImage.of(bytes)))
                    .isInstanceOfSatisfying(
                            LinkException.class,
                            told -> assertThat(told.fault()).isIn(Fault.CABLE, Fault.NO_ANSWER));
        }
        assertThat(watch.writing).isTrue();
        assertThat(Duration.ofNanos(System.nanoTime() - start)).isLessThan(Duration.ofSeconds(20));
        endAll();
        processes.clear();
        assertThat(held()).isNotEqualTo(before);
        Files.deleteIfExists(end("host"));
        Files.deleteIfExists(end("radio"));
        plugIn(radio, "fast");
        watch.onWriting = () -> {};
        try (SerialLine line = open(radio)) {
            over(radio, line).restore(before);
        }
        assertThat(held()).isEqualTo(before);
    }

    @Test
    void whyAPortCannotBeOpenedIsTold() throws IOException, InterruptedException {
        assertThatThrownBy(() -> SerialLine.open("/dev/ttyNOWHERE7", 9_600)).hasMessageContaining("There is no port");
        plugIn(radio("wrenling-w12"), "fast");
        assertThat(PortTrouble.of(end("radio").toRealPath().toString())).contains("in use by", "(process ");
        assertThat(PortTrouble.foreseen(end("radio").toRealPath().toString())).isPresent();
    }
}
