package reckonrod.sim;

import java.io.IOException;
import java.nio.file.Path;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.sim.cable.LineClock;
import reckonrod.sim.cable.TcpRadio;
import reckonrod.sim.device.FileMemory;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.face.RadioState;

/**
 * A simulated radio as a program of its own, loaded over TCP on loopback.
 *
 * <pre>
 *   java -cp … reckonrod.sim.RadioProcess wrenling-w12 blue.memory 4012
 * </pre>
 *
 * <p>A fourth argument {@code fast} makes its line as fast as it can be. It prints the port it listens on (0 chooses a free one) and runs until it is ended.
 */
public final class RadioProcess {
    private static final String FIRMWARE = "1.07";

    private RadioProcess() {}

    /** Starts the radio: a definition's id, the file its memory is kept in, a TCP port. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        boolean fast = arguments.length == 4 && arguments[3].equals("fast");
        if (arguments.length != 3 && !fast) {
            System.err.println(
                    "Expected: RADIO-DEFINITION MEMORY-FILE TCP-PORT, such as wrenling-w12 blue.memory 4012");
            System.exit(2);
        }
        RadioDefinition definition = RadioDefinitions.shipped()
                .find(arguments[0])
                .orElseThrow(() -> new IllegalArgumentException("There is no radio definition " + arguments[0]));
        RadioMemory memory = new FileMemory(Path.of(arguments[1]), SimulatedRadio.fresh(definition, 1));
        SimulatedRadio radio =
                new SimulatedRadio(definition, FIRMWARE, memory, RadioState.Keeper.of(RadioState.off(definition)));
        try (TcpRadio listening = new TcpRadio(
                () -> radio.plugIn(fast ? LineClock.counting() : LineClock.real()), Integer.parseInt(arguments[2]))) {
            System.out.println(listening.address().getPort());
            Thread.currentThread().join();
        }
    }
}
