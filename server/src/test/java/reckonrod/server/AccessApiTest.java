package reckonrod.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.TestPropertySource;

/** With a password: who gave it is let in by a cookie, who guesses is slowed down. */
@TestPropertySource(properties = {"reckonrod.password=quiet harbour 7", "reckonrod.allowed.proxies=127\\.0\\.0\\.1"})
class AccessApiTest extends ServerTest {
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    @Override
    @BeforeEach
    void demoIsLoaded() {
        assertThat(get("/api/session").ok().path("passwordNeeded").asBoolean()).isTrue();
    }

    private HttpResponse<String> login(String password, String... headers) throws IOException, InterruptedException {
        HttpRequest.Builder request = request("/api/session")
                .POST(HttpRequest.BodyPublishers.ofString(json.writeValueAsString(Map.of("password", password))));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private static String cookie(HttpResponse<?> answer) {
        return answer.headers().firstValue("Set-Cookie").orElseThrow().split(";", 2)[0];
    }

    private int status(String path, String... headers) {
        return send(request(path).headers(headers).GET()).status();
    }

    @Test
    void thePasswordOpensASessionAndNothingElseDoes() throws IOException, InterruptedException {
        assertThat(get("/api/lists").problem(401, "password-needed")).contains("Give the password");
        assertThat(status("/", "Accept", "text/html")).isIn(200, 404);
        HttpResponse<String> opened = login("quiet harbour 7");
        assertThat(opened.statusCode()).isEqualTo(204);
        assertThat(opened.headers().firstValue("Set-Cookie").orElseThrow())
                .contains("HttpOnly", "SameSite=Strict", "Path=/")
                .doesNotContain("Secure");
        assertThat(login("quiet harbour 7", "X-Forwarded-Proto", "https")
                        .headers()
                        .firstValue("Set-Cookie")
                        .orElseThrow())
                .contains("Secure");
        String cookie = cookie(opened);
        assertThat(status("/api/lists", "Cookie", cookie)).isEqualTo(200);
        assertThat(status("/api/lists", "Cookie", cookie.substring(0, cookie.length() - 3)))
                .isEqualTo(401);
        assertThat(status("/api/lists", "Cookie", "reckonrod=bm9uc2Vuc2U")).isEqualTo(401);
        assertThat(status("/api/lists", "Authorization", basic("quiet harbour 7")))
                .isEqualTo(200);
        HttpResponse<String> left =
                HTTP.send(request("/api/session").DELETE().build(), HttpResponse.BodyHandlers.ofString());
        assertThat(left.headers().firstValue("Set-Cookie").orElseThrow()).contains("Expires=Thu, 01 Jan 1970");
    }

    private static String basic(String password) {
        return "Basic " + Base64.getEncoder().encodeToString(("operator:" + password).getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void whoGuessesIsSlowedDownAndTheRightOneWaitsToo() throws IOException, InterruptedException {
        String[] elsewhere = {"X-Forwarded-For", "203.0.113.9"};
        for (int i = 0; i < 5; i++) {
            assertThat(login("guess " + i, elsewhere).statusCode()).isEqualTo(401);
        }
        HttpResponse<String> slowed = login("guess again", elsewhere);
        assertThat(slowed.statusCode()).isEqualTo(429);
        assertThat(slowed.body()).contains("too-many-tries", "Wait ");
        assertThat(login("quiet harbour 7", elsewhere).statusCode()).isEqualTo(429);
        assertThat(status("/api/lists", "Authorization", basic("guess"), elsewhere[0], elsewhere[1]))
                .isEqualTo(429);
        assertThat(login("quiet harbour 7").statusCode())
                .as("who comes from elsewhere does not wait")
                .isEqualTo(204);
    }

    /** A session costs what no password costs: nobody works out a hash at each request. */
    @Test
    void aRequestOfASessionIsCheap() throws IOException, InterruptedException {
        String cookie = cookie(login("quiet harbour 7"));
        long[] open = new long[60];
        long[] session = new long[60];
        for (int i = 0; i < open.length; i++) {
            long start = System.nanoTime();
            status("/api/session", "Accept", "*/*");
            open[i] = System.nanoTime() - start;
            start = System.nanoTime();
            status("/api/session", "Cookie", cookie);
            session[i] = System.nanoTime() - start;
        }
        Arrays.sort(open);
        Arrays.sort(session);
        assertThat((double) session[30] / open[30]).isLessThan(4);
    }

    @Test
    void pagesSayWhatTheyMayUse() throws IOException, InterruptedException {
        HttpResponse<String> answer = HTTP.send(request("/api/session").build(), HttpResponse.BodyHandlers.ofString());
        assertThat(answer.headers().firstValue("Content-Security-Policy").orElseThrow())
                .contains("default-src 'none'", "script-src 'self'", "frame-ancestors 'none'")
                .doesNotContain("unsafe-eval");
        assertThat(answer.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(answer.headers().firstValue("Referrer-Policy")).contains("no-referrer");
    }

    /** Behind a proxy that speaks TLS the browser's origin has no port. */
    @Test
    void anOriginWithoutAPortIsThatOfItsScheme() throws IOException, InterruptedException {
        String[] proxied = {
            "Origin", "https://radio.example", "X-Forwarded-Host", "radio.example", "X-Forwarded-Proto", "https"
        };
        assertThat(login("quiet harbour 7", proxied).statusCode()).isEqualTo(204);
        proxied[1] = "https://elsewhere.example";
        assertThat(login("quiet harbour 7", proxied).statusCode()).isEqualTo(403);
        proxied[1] = "http://radio.example";
        assertThat(login("quiet harbour 7", proxied).statusCode()).isEqualTo(403);
    }
}
