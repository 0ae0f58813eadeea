package kindthimble.app.http;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What goes wrong before or behind all that is told apart in {@link Problems}; and whoever comes to its address by himself finds nothing there. */
@RestController
@Hidden
class Errors implements ErrorController {

    @RequestMapping("${server.error.path:/error}")
    void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
        HttpStatus status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? HttpStatus.resolve(code)
                : HttpStatus.NOT_FOUND;
        if (status == null || status.is5xxServerError()) {
            PlainProblem.write(
                    response,
                    HttpStatus.INTERNAL_SERVER_ERROR,
                    "Something went wrong here. Try once more; the log file says what happened.");
        } else if (status == HttpStatus.NOT_FOUND) {
            PlainProblem.write(response, status, "There is nothing at this address.");
        } else {
            PlainProblem.write(response, status, "This request can't be read.");
        }
    }
}
