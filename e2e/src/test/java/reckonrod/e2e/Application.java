package reckonrod.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** The packaged application with its demo data, on a database and a port of its own; started once for all tests. */
final class Application {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    private static Application running;

    private final Path cluster;
    private final Process process;
    private final String address;

    private Application() throws IOException, InterruptedException {
        String given = System.getenv("RECKONROD_TEST_CLUSTER");
        cluster = given == null
                ? Files.createTempDirectory(Path.of("/tmp"), "reckonrod-e2e")
                : Files.createDirectories(Path.of(given, "e2e"));
        if (!cluster.toFile().setExecutable(true, false) || !cluster.toFile().setReadable(true, false)) {
            throw new IOException("Cannot open " + cluster);
        }
        List<String> database = script("start", cluster.toString(), "5730");
        int port = freePort();
        address = "http://127.0.0.1:" + port;
        ProcessBuilder builder = new ProcessBuilder(
                "java", "-XX:TieredStopAtLevel=1", "-Xmx400m", "-jar", System.getProperty("reckonrod.jar"));
        builder.environment()
                .putAll(Map.of(
                        "RECKONROD_DATABASE_URL", database.get(0),
                        "RECKONROD_DATABASE_USER", database.get(1),
                        "RECKONROD_DATABASE_PASSWORD", database.get(2),
                        "RECKONROD_PORT", String.valueOf(port),
                        "RECKONROD_DATA", cluster.resolve("data").toString()));
        process = builder.redirectErrorStream(true)
                .redirectOutput(Path.of("target", "application.log").toFile())
                .start();
        Runtime.getRuntime().addShutdownHook(new Thread(this::stop));
        awaitPort(port);
    }

    static synchronized String address() {
        try {
            if (running == null) {
                running = new Application();
            }
            return running.address;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (InterruptedException interrupted) {
            throw new IllegalStateException(interrupted);
        }
    }

    private void stop() {
        process.destroy();
        try {
            process.waitFor();
            script("stop", cluster.toString());
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private static List<String> script(String... arguments) throws IOException, InterruptedException {
        List<String> command = new java.util.ArrayList<>(
                List.of("bash", ROOT.resolve("scripts/cluster.sh").toString()));
        command.addAll(List.of(arguments));
        Path output = Files.createTempFile("cluster", ".out");
        Process script = new ProcessBuilder(command)
                .redirectOutput(output.toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        if (script.waitFor() != 0) {
            throw new IOException("scripts/cluster.sh failed: " + List.of(arguments));
        }
        return Files.readAllLines(output, StandardCharsets.UTF_8);
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private void awaitPort(int port) throws InterruptedException, IOException {
        for (int i = 0; i < 600; i++) {
            if (!process.isAlive()) {
                break;
            }
            try (Socket socket = new Socket(java.net.InetAddress.getLoopbackAddress(), port)) {
                if (socket.isConnected()) {
                    return;
                }
            } catch (IOException notYet) {
                Thread.sleep(100);
            }
        }
        throw new IOException(
                "The application did not start: " + Files.readString(Path.of("target", "application.log")));
    }
}
