package reckonrod.server;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The throwaway PostgreSQL of the tests, one for each process that runs them; in the folder that ./test throws away when it
 * is given, so that none is left when the tests are killed.
 */
class TestCluster implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    private static final Path SCRIPT =
            Path.of("..", "scripts", "cluster.sh").toAbsolutePath().normalize();
    private static Path folder;
    // The other process looks for a free port at the same moment.
    private static String port = String.valueOf(6000 + ProcessHandle.current().pid() % 100 * 10);

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        List<String> settings = start();
        try {
            TestPropertyValues.of(Map.of(
                            "spring.datasource.url", settings.get(0),
                            "spring.datasource.username", settings.get(1),
                            "spring.datasource.password", settings.get(2),
                            "reckonrod.data-folder",
                                    Files.createTempDirectory("reckonrod-server-test")
                                            .toString(),
                            "reckonrod.real-line-speed", "false"))
                    .applyTo(context);
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** Starts it; again on the port that it had, for that is where the program looks for it. */
    static synchronized List<String> start() {
        List<String> settings = run("start", folder().toString(), port);
        port = settings.get(0).replaceFirst(".*:(\\d+)/.*", "$1");
        return settings;
    }

    static synchronized void stop() {
        run("stop", folder().toString());
    }

    private static Path folder() {
        if (folder == null) {
            try {
                folder = Files.createTempDirectory(
                        Path.of(System.getenv().getOrDefault("RECKONROD_TEST_FOLDER", "/tmp")), "reckonrod-server");
                folder.toFile().setExecutable(true, false);
                folder.toFile().setReadable(true, false);
                Runtime.getRuntime().addShutdownHook(new Thread(TestCluster::stop));
            } catch (IOException broken) {
                throw new IllegalStateException(broken);
            }
        }
        return folder;
    }

    private static List<String> run(String... arguments) {
        try {
            Path output = Files.createTempFile("cluster", ".out");
            List<String> command = new java.util.ArrayList<>(List.of("bash", SCRIPT.toString()));
            command.addAll(List.of(arguments));
            Process process = new ProcessBuilder(command)
                    .redirectOutput(output.toFile())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            if (process.waitFor() != 0) {
                throw new IllegalStateException("scripts/cluster.sh failed: " + List.of(arguments));
            }
            return Files.readAllLines(output, StandardCharsets.UTF_8);
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }
}
