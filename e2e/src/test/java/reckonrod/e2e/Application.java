package reckonrod.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/**
 * The packaged application with its demo data, on a database and a port of its own; started once for all tests. Its simulated lines take no time.
 */
final class Application {
    private static Program running;
    private static List<String> database;

    private Application() {}

    static synchronized String address() {
        try {
            if (running == null) {
                // Other parts of the tests run beside this one and look for a free port at the same moment.
                long part = ProcessHandle.current().pid();
                Path cluster = Program.clusterFolder("e2e-" + part);
                database = Program.cluster("start", cluster.toString(), String.valueOf(5800 + part % 100 * 10));
                running = Program.start(
                        "application-" + part,
                        database,
                        cluster.resolve("data"),
                        // On a line without time the person of a picture would be too late.
                        Map.of(
                                "RECKONROD_REAL_LINE_SPEED",
                                String.valueOf(!System.getProperty("reckonrod.pictures", "")
                                        .isBlank())));
                Runtime.getRuntime().addShutdownHook(new Thread(() -> stop(cluster)));
            }
            return running.address();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (InterruptedException interrupted) {
            throw new IllegalStateException(interrupted);
        }
    }

    /** Asks it over HTTP; the body of what went well as text. */
    static String ask(String method, String path, String body) {
        address();
        try {
            HttpResponse<String> answer = running.ask(method, path, body);
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(method + " " + path + ": " + answer.body());
            }
            return answer.body();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (InterruptedException interrupted) {
            throw new IllegalStateException(interrupted);
        }
    }

    /** Another program on the same database. */
    static Program another(String name, Map<String, String> settings) throws IOException, InterruptedException {
        address();
        return Program.start(name, database, Path.of("target", name).toAbsolutePath(), settings);
    }

    private static void stop(Path cluster) {
        try {
            running.stop();
            Program.cluster("stop", cluster.toString());
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }
}
