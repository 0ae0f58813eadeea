package kindthimble.devices;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class AwayPageTest {
    private AwayPage page;

    @BeforeEach
    void begin() throws IOException {
        page = new AwayPage(0);
    }

    @AfterEach
    void end() {
        page.end();
    }

    private HttpResponse<String> asked(String method, String path) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + page.port() + path))
                                .method(method, HttpRequest.BodyPublishers.noBody())
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void aPageThatIsOpenedLooksAgainByItself() throws IOException, InterruptedException {
        HttpResponse<String> shown = asked("GET", "/orders/7");
        assertEquals(503, shown.statusCode());
        assertTrue(
                shown.body().contains("http-equiv=\"refresh\"") && shown.body().contains("is being started again"));
        assertEquals("", asked("HEAD", "/").body());
    }

    @Test
    void aCallIsAnsweredAsAProblemThatIsWorthTryingAgain() throws IOException, InterruptedException {
        HttpResponse<String> answer = asked("PATCH", "/api/orders/7");
        assertEquals(503, answer.statusCode());
        assertEquals(
                "application/problem+json",
                answer.headers().firstValue("Content-Type").orElse(""));
        assertTrue(
                answer.body().startsWith("{\"status\":503,") && answer.body().endsWith("\"field\":\"\"}"),
                answer.body());
        assertEquals("3", answer.headers().firstValue("Retry-After").orElse(""));
    }
}
