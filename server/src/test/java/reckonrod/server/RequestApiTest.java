package reckonrod.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Requests that no client of ours would send: told as what they are, and the server goes on. */
class RequestApiTest extends ServerTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/imports/00000000-0000-0000-0000-000000000000/columns | PUT  | {\"columns\":[null]} | columns[0]: null",
                "/api/lists  | POST | {\"name\":\"a\\u0000b\",\"bandPlan\":\"x\"} | name: A text has a zero character",
                "/api/lists  | POST | {\"name\":\"a\\ud800b\",\"bandPlan\":\"x\"} | name: A text has half of a character",
                "/api/lists  | POST | {\"name\":{},\"bandPlan\":\"x\"} | name: the value must be a text in quotes",
                "/api/lists  | POST | {\"name\":7,\"bandPlan\":\"x\"} | name: the value must be a text in quotes",
                "/api/lists  | POST | {\"name\":\"a\",\"name\":\"b\",\"bandPlan\":\"x\"} | a field is given twice",
                "/api/lists  | POST | {\"name\":\"a\",\"bandplan\":\"x\"} | In bandplan: there is no field \"bandplan\" here; known are bandPlan,",
                "/api/lists/00000000-0000-0000-0000-000000000000/changes | POST | {\"version\":1,\"edits\":[{\"kind\":\"put\",\"slot\":1.7,\"lines\":[\"145.75\"]}]} | edits[0].slot: the value must be a whole number",
                "/api/lists/00000000-0000-0000-0000-000000000000/changes | POST | {\"version\":1,\"edits\":[{\"kind\":\"put\",\"slot\":\"1\",\"lines\":[\"145.75\"]}]} | edits[0].slot: the value must be a whole number",
                "/api/lists/00000000-0000-0000-0000-000000000000/changes | POST | {\"version\":1,\"edits\":[{\"kind\":\"put\",\"slot\":1,\"blok\":\"A\",\"lines\":[\"145.75\"]}]} | there is no field \"blok\" here; known are block, ",
                "/api/lists/00000000-0000-0000-0000-000000000000/changes | POST | {\"version\":1,\"edits\":[{\"kind\":\"putt\"}]} | kind is \"putt\" and must be one of add-bank, add-block, close-gaps, delete",
                "/api/lists/00000000-0000-0000-0000-000000000000/changes | POST | {\"version\":1,\"edits\":[{}]} | kind is missing and must be one of add-bank",
                "/api/trips/plan | POST | {\"route\":{\"points\":[[1,2],[3,4]],\"corridorKm\":5},\"question\":{}} | it must be given",
                "/api/lists  | POST | not json | must be JSON"
            })
    void aBodyThatCannotBeReadSaysWhere(String path, String method, String body, String says) {
        Answer answer = send(request(path).method(method, HttpRequest.BodyPublishers.ofString(body)));
        assertThat(answer.problem(400, "body-unreadable")).contains(says);
    }

    @ParameterizedTest
    @CsvSource({
        "GET /api/directory?q=%zz, 400, query-unreadable",
        "GET /api/find?at=%ff%fe, 400, query-unreadable",
        "GET /api/find?at=a%00b, 400, query-unreadable",
        "GET /error, 404, not-found",
        "GET /api/nowhere, 404, not-found"
    })
    void whatMakesNoSenseIsTheSendersFault(String line, int status, String code) throws IOException {
        assertThat(raw(line + " HTTP/1.1\r\nHost: 127.0.0.1:" + port + "\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 " + status)
                .contains("\"code\":\"" + code + "\"");
    }

    @Test
    void aPathThatNobodyServesIsSaid() {
        assertThat(get("/api/lists/all/of/them").problem(404, "not-found"))
                .contains("There is nothing at /api/lists/all/of/them for GET")
                .contains("/api/openapi");
    }

    /** {@code raduis=5} would else be a search with the usual radius. */
    /** Pages elsewhere cannot start anything here, not even by an image or a link that the browser fetches without an Origin. */
    @ParameterizedTest
    @CsvSource({
        "Sec-Fetch-Site, cross-site",
        "Sec-Fetch-Site, same-site",
        "Origin, null",
        "Origin, http://localhost:1",
        "Origin, file://",
        "Origin, ':'"
    })
    void otherPagesReachNothing(String header, String value) {
        for (String path : List.of("/api/archive", "/api/lists", "/api/radios")) {
            assertThat(send(request(path).GET().header(header, value)).problem(403, "other-origin"))
                    .contains("another web site");
        }
    }

    /** Nobody may say who they are by a header, unless a proxy is configured. */
    @Test
    void forwardedHeadersOfAnyoneAreNotBelieved() {
        assertThat(send(request("/api/lists")
                                .GET()
                                .header("Origin", "http://localhost:9")
                                .header("X-Forwarded-Host", "localhost")
                                .header("X-Forwarded-Port", "9"))
                        .problem(403, "other-origin"))
                .contains("another web site");
    }

    @Test
    void aParameterThatNobodyKnowsIsTold() {
        assertThat(get("/api/find?at=54,-30&kn=5").problem(400, "parameter-unknown"))
                .contains("\"kn\"")
                .contains("known are antenna, at, band, box, flag, gain, km");
        assertThat(get("/api/map/places?text=a&text=b").problem(400, "parameter-twice"))
                .contains("text is given 2 times");
    }

    @Test
    void aTypeMustBeOne() {
        for (String type : List.of("*/*", "application/*", "nonsense", "application/json;charset=nowhere")) {
            HttpRequest.Builder request = request("/api/lists").POST(HttpRequest.BodyPublishers.ofString("{}"));
            assertThat(send(request.setHeader("Content-Type", type)).problem(415, "type-unknown"))
                    .contains("application/json");
        }
    }

    /** Twenty megabytes of JSON, said beforehand or not: refused before they fill the memory. */
    @Test
    void aBodyThatIsTooLargeIsRefusedByKind() {
        byte[] large = ("{\"name\":\"" + "x".repeat(20 << 20) + "\"}").getBytes(UTF_8);
        assertThat(raceOf("/api/lists", HttpRequest.BodyPublishers.ofByteArray(large)))
                .isEqualTo(413);
        assertThat(raceOf(
                        "/api/lists", HttpRequest.BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(large))))
                .isEqualTo(413);
        byte[] text = ("{\"text\":\"" + "x".repeat(1 << 20) + "\"}").getBytes(UTF_8);
        assertThat(raceOf("/api/lines", HttpRequest.BodyPublishers.ofByteArray(text)))
                .isNotEqualTo(413);
        get("/api/lists").ok();
    }

    // The answer may come while the body is still on its way; the sender may then see only that the line was closed.
    private int raceOf(String path, HttpRequest.BodyPublisher body) {
        try {
            return send(request(path).POST(body)).status();
        } catch (IllegalStateException closed) {
            return 413;
        }
    }

    /** More slow senders than there are threads: everybody's edits go through meanwhile, and the slow ones are told in the end. */
    @Test
    void slowSendersHoldNobodyUp() throws IOException, InterruptedException {
        String list = newList(60);
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 150; i++) {
                Socket socket = new Socket(InetAddress.getLoopbackAddress(), port);
                socket.getOutputStream()
                        .write(("POST /api/lists HTTP/1.1\r\nHost: 127.0.0.1:" + port
                                        + "\r\nContent-Type: application/json\r\nContent-Length: 400000\r\n\r\n{")
                                .getBytes(UTF_8));
                slow.add(socket);
            }
            for (int edit = 0; edit < 50; edit++) {
                for (Socket socket : slow) {
                    trickle(socket);
                }
                change(list, edit, edit("put", "slot", edit, "lines", List.of("N" + edit + " 147.510")))
                        .ok();
                Thread.sleep(120);
            }
            int told = 0;
            for (Socket socket : slow) {
                socket.setSoTimeout(10_000);
                String status = new String(socket.getInputStream().readNBytes(12), UTF_8);
                assertThat(status).isEqualTo("HTTP/1.1 408");
                told++;
            }
            assertThat(told).isEqualTo(150);
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
            delete("/api/lists/" + list).ok();
        }
    }

    private static void trickle(Socket socket) {
        try {
            OutputStream out = socket.getOutputStream();
            out.write(' ');
            out.flush();
        } catch (IOException toldOff) {
            // That is what is wanted.
        }
    }

    private String raw(String request) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.getOutputStream().write(request.getBytes(UTF_8));
            return new String(socket.getInputStream().readAllBytes(), UTF_8);
        }
    }

    /** Five hundred follow a transfer and ten of them do not read: all others hear its end meanwhile. */
    @Test
    void whoDoesNotReadHoldsUpNoOtherFollower() throws IOException, InterruptedException {
        get("/api/radios/blue/face").ok();
        String id = post("/api/radios/blue/read", Map.of()).ok().path("id").asString();
        List<Socket> deaf = new ArrayList<>();
        AtomicInteger ends = new AtomicInteger();
        List<CompletableFuture<?>> streams = new ArrayList<>();
        HttpClient client = HttpClient.newHttpClient();
        for (int i = 0; i < 500; i++) {
            if (i < 10) {
                Socket socket = new Socket();
                socket.setReceiveBufferSize(1024);
                socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
                socket.getOutputStream()
                        .write(("GET /api/jobs/" + id + "/events HTTP/1.1\r\nHost: 127.0.0.1:" + port + "\r\n\r\n")
                                .getBytes(UTF_8));
                deaf.add(socket);
            } else {
                streams.add(client.sendAsync(
                                request("/api/jobs/" + id + "/events").build(), HttpResponse.BodyHandlers.ofString())
                        .thenAccept(answer -> {
                            assertThat(answer.body()).contains("\"state\":\"DONE\"");
                            ends.incrementAndGet();
                        }));
            }
        }
        CompletableFuture.allOf(streams.toArray(CompletableFuture[]::new)).join();
        for (Socket socket : deaf) {
            socket.close();
        }
        assertThat(ends).hasValue(490);
    }
}
