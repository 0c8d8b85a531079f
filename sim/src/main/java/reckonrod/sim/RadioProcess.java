package reckonrod.sim;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.function.Supplier;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.sim.cable.LineClock;
import reckonrod.sim.cable.SimulatedPort;
import reckonrod.sim.cable.TcpRadio;
import reckonrod.sim.cable.TerminalRadio;
import reckonrod.sim.device.FileMemory;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.device.clone.CloneKey;
import reckonrod.sim.face.RadioState;

/**
 * A simulated radio as a program of its own, loaded over TCP on loopback or over a terminal of this machine.
 *
 * <pre>
 *   java -cp … reckonrod.sim.RadioProcess wrenling-w12 blue.memory 4012
 *   java -cp … reckonrod.sim.RadioProcess wrenling-w12 blue.memory /dev/pts/7
 * </pre>
 *
 * <p>What the person does on it is typed: {@code send}, {@code take}. A fourth argument {@code fast} makes its line as fast as it can be. It prints the port it listens on (0 chooses a free one) and runs until it is ended.
 */
public final class RadioProcess {
    private RadioProcess() {}

    /** Starts the radio: a definition's id, the file its memory is kept in, a TCP port. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        boolean fast = arguments.length == 4 && arguments[3].equals("fast");
        if (arguments.length != 3 && !fast) {
            System.err.println(
                    "Expected: RADIO-DEFINITION MEMORY-FILE TCP-PORT-OR-TERMINAL, such as wrenling-w12 blue.memory 4012");
            System.exit(2);
        }
        RadioDefinition definition = RadioDefinitions.shipped()
                .find(arguments[0])
                .orElseThrow(() -> new IllegalArgumentException("There is no radio definition " + arguments[0]));
        RadioMemory memory = new FileMemory(Path.of(arguments[1]), SimulatedRadio.fresh(definition, 1));
        SimulatedRadio radio =
                SimulatedRadio.usual(definition, memory, RadioState.Keeper.of(RadioState.off(definition)));
        followPerson(radio);
        Supplier<SimulatedPort> plugIn = () -> radio.plugIn(fast ? LineClock.counting() : LineClock.real());
        if (arguments[2].startsWith("/")) {
            System.out.println(arguments[2]);
            TerminalRadio.serve(plugIn, Path.of(arguments[2]));
            return;
        }
        try (TcpRadio listening = new TcpRadio(plugIn, Integer.parseInt(arguments[2]))) {
            System.out.println(listening.address().getPort());
            Thread.currentThread().join();
        }
    }

    /** A line {@code send}, {@code take} or {@code nothing} is what the person starts on a radio loaded by streamed clone. */
    private static void followPerson(SimulatedRadio radio) {
        Thread person = new Thread(
                () -> new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8))
                        .lines()
                        .forEach(line ->
                                radio.start(CloneKey.valueOf(line.strip().toUpperCase(Locale.ROOT)))),
                "person");
        person.setDaemon(true);
        person.start();
    }
}
