package kindthimble.app.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** A problem told from where no controller is: by a filter. */
public final class PlainProblem {
    private PlainProblem() {}

    /**
     * @param sentence without quotation marks
     */
    public static void write(HttpServletResponse response, HttpStatus status, String sentence) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write("{\"status\":%d,\"title\":\"%s\",\"detail\":\"%s\",\"field\":\"\"}"
                        .formatted(status.value(), status.getReasonPhrase(), sentence));
    }
}
