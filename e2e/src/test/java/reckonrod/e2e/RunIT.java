package reckonrod.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.function.Predicate;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;

/** The start command itself: what it started is brought back when it dies, and nothing that was accepted is lost. */
class RunIT {
    private final Path data = folder();
    private final Path said = data.resolve("said");
    private String address;

    private static Path folder() {
        try {
            return Program.clusterFolder("run");
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private HttpResponse<String> ask(String method, String path, String body) throws IOException, InterruptedException {
        return Program.HTTP.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .timeout(Duration.ofSeconds(20))
                        .header("Content-Type", "application/json")
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private void await(Predicate<String> wanted, String what) throws IOException, InterruptedException {
        for (int i = 0; i < 1_800 && !wanted.test(Files.readString(said)); i++) {
            Thread.sleep(100);
        }
        assertThat(Files.readString(said)).as(what).matches(wanted, what);
    }

    private boolean answers() {
        try {
            return ask("GET", "/api/lists", "").statusCode() == 200;
        } catch (IOException gone) {
            return false;
        } catch (InterruptedException interrupted) {
            throw new IllegalStateException(interrupted);
        }
    }

    @Test
    void whatDiesIsBroughtBackAndNothingIsLost() throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder("bash", "run", "--port", String.valueOf(Program.freePort()))
                .directory(Program.ROOT.toFile())
                .redirectErrorStream(true)
                .redirectOutput(said.toFile());
        builder.environment().put("RECKONROD_DATA", data.toString());
        builder.environment().remove("RECKONROD_DATABASE_URL");
        Process run = builder.start();
        try {
            await(text -> text.contains("(Ctrl-C stops it)"), "it starts");
            address = Files.readString(data.resolve("address")).strip().replaceAll("/$", "");
            assertThat(ask("POST", "/api/lists", "{\"name\":\"Kept\",\"bandPlan\":\"r2-north-america\"}")
                            .statusCode())
                    .isEqualTo(201);
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data.resolve("files/server.log"))))
                    .isEqualTo("rw-------");
            // Root starts it, and somebody else runs it.
            Path process = Path.of(
                    "/proc", Files.readString(data.resolve("server.pid")).strip());
            String runsAs = Files.getOwner(process).getName();
            assertThat(runsAs)
                    .isEqualTo(Files.getOwner(data.resolve("files")).getName())
                    .isNotEqualTo("root");

            kill(Files.readString(data.resolve("server.pid")).strip());
            await(text -> text.contains("Reckonrod is back."), "the server comes back");
            assertThat(ask("GET", "/api/lists", "").body()).contains("Kept");

            kill(Files.readAllLines(cluster().resolve("postmaster.pid")).get(0));
            await(text -> text.contains("The database is back."), "the database comes back");
            for (int i = 0; i < 300 && !answers(); i++) {
                Thread.sleep(100);
            }
            assertThat(ask("GET", "/api/lists", "").body()).contains("Kept");
            assertThat(backedUp()).contains("Kept");
        } finally {
            run.destroy();
            run.waitFor();
        }
        // It can be started again at once.
        assertThat(new ProcessBuilder("flock", "-n", data.resolve("lock").toString(), "true")
                        .start()
                        .waitFor())
                .isZero();
        assertThat(Files.exists(data.resolve("address"))).isFalse();
        assertThat(Files.exists(cluster().resolve("postmaster.pid"))).isFalse();
    }

    /** The lists of an archive that the command writes while the program runs. */
    private String backedUp() throws IOException, InterruptedException {
        Path archive = data.resolve("all.zip");
        ProcessBuilder command =
                new ProcessBuilder("bash", "run", "--backup", archive.toString()).directory(Program.ROOT.toFile());
        command.environment().put("RECKONROD_DATA", data.toString());
        assertThat(command.inheritIO().start().waitFor()).isZero();
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            return new String(
                    zip.getInputStream(zip.getEntry("tables/channel_list.jsonl"))
                            .readAllBytes(),
                    java.nio.charset.StandardCharsets.UTF_8);
        }
    }

    private Path cluster() throws IOException, InterruptedException {
        Process home = new ProcessBuilder("bash", "-c", ". scripts/cluster.sh; cluster_home \"$0\"", data.toString())
                .directory(Program.ROOT.toFile())
                .start();
        String folder = new String(home.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        home.waitFor();
        return Path.of(folder.strip(), "cluster");
    }

    private static void kill(String process) throws IOException, InterruptedException {
        assertThat(new ProcessBuilder("kill", "-9", process).start().waitFor()).isZero();
    }
}
