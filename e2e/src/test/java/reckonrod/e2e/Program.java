package reckonrod.e2e;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The packaged application as a process of its own on a database that is there. */
final class Program {
    static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    static final HttpClient HTTP = HttpClient.newHttpClient();

    private final Process process;
    private final String address;
    private final Path log;

    private Program(Process process, String address, Path log) {
        this.process = process;
        this.address = address;
        this.log = log;
    }

    /**
     * Starts it and waits until it listens.
     *
     * @param name of its log
     * @param database address, user and password
     */
    static Program start(String name, List<String> database, Path data, Map<String, String> settings)
            throws IOException, InterruptedException {
        int port = freePort();
        Path log = Path.of("target", name + ".log");
        // From the folder that ./run starts in: class data is good for the very path that it was made for.
        Path app = ROOT.relativize(
                Path.of(System.getProperty("reckonrod.app")).toAbsolutePath().normalize());
        ProcessBuilder builder = new ProcessBuilder(
                "java",
                "-Dspring.aot.enabled=true",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-XX:SharedArchiveFile=" + app.resolve("classes.jsa"),
                "-Xmx400m",
                "-jar",
                app.resolve("reckonrod-server-" + System.getProperty("reckonrod.version") + ".jar")
                        .toString());
        builder.environment()
                .putAll(Map.of(
                        "RECKONROD_DATABASE_URL", database.get(0),
                        "RECKONROD_DATABASE_USER", database.get(1),
                        "RECKONROD_DATABASE_PASSWORD", database.get(2),
                        "RECKONROD_PORT", String.valueOf(port),
                        "RECKONROD_DATA", data.toString()));
        builder.environment().putAll(settings);
        Process process = builder.directory(ROOT.toFile())
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        Program program = new Program(process, "http://127.0.0.1:" + port, log);
        Runtime.getRuntime().addShutdownHook(new Thread(process::destroyForcibly));
        program.awaitPort(port);
        return program;
    }

    String address() {
        return address;
    }

    void stop() throws InterruptedException {
        signal("CONT");
        process.destroy();
        process.waitFor();
    }

    /** Suspends it, or lets it go on. */
    void signal(String signal) throws InterruptedException {
        try {
            new ProcessBuilder("kill", "-" + signal, String.valueOf(process.pid()))
                    .start()
                    .waitFor();
        } catch (IOException noKill) {
            throw new IllegalStateException(noKill);
        }
    }

    /** Asks over HTTP; the body as text. */
    HttpResponse<String> ask(String method, String path, String body) throws IOException, InterruptedException {
        return HTTP.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .timeout(Duration.ofSeconds(20))
                        .header("Content-Type", "application/json")
                        .method(
                                method,
                                body == null
                                        ? HttpRequest.BodyPublishers.noBody()
                                        : HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Starts or stops a cluster; the settings of a started one. */
    static List<String> cluster(String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(
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
        List<String> settings = Files.readAllLines(output, StandardCharsets.UTF_8);
        Files.delete(output);
        return settings;
    }

    /** A folder for a cluster, which the user postgres may enter. */
    static Path clusterFolder(String name) throws IOException {
        String given = System.getenv("RECKONROD_TEST_FOLDER");
        Path folder = given == null
                ? Files.createTempDirectory(Path.of("/tmp"), "reckonrod-" + name)
                : Files.createDirectories(Path.of(given, name));
        if (!folder.toFile().setExecutable(true, false) || !folder.toFile().setReadable(true, false)) {
            throw new IOException("Cannot open " + folder);
        }
        return folder;
    }

    static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private void awaitPort(int port) throws InterruptedException, IOException {
        for (int i = 0; i < 900 && process.isAlive(); i++) {
            try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
                if (socket.isConnected()) {
                    return;
                }
            } catch (IOException notYet) {
                Thread.sleep(100);
            }
        }
        throw new IOException("The application did not start: " + Files.readString(log));
    }
}
