package kindthimble.app.clock;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The plan as files. The links to them are plain addresses, so they are left out of the description for the typed client. */
@Hidden
@RestController
@RequestMapping("/api")
class ClockFileController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);
    private static final MediaType TABLE = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final ClockFiles files;

    ClockFileController(ClockFiles files) {
        this.files = files;
    }

    /** All orders ahead, for a calendar program to follow. */
    @GetMapping("/clock.ics")
    ResponseEntity<byte[]> calendar() {
        return file("clock.ics", CALENDAR, files.calendar(null).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/clock.csv")
    ResponseEntity<byte[]> table() {
        return file("clock.csv", TABLE, files.table(null).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/orders/{order}/print/clock.ics")
    ResponseEntity<byte[]> calendar(@PathVariable long order) {
        return file("clock.ics", CALENDAR, files.calendar(order).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/orders/{order}/print/clock.csv")
    ResponseEntity<byte[]> table(@PathVariable long order) {
        return file("clock.csv", TABLE, files.table(order).getBytes(StandardCharsets.UTF_8));
    }

    /** A day for the wall; without one the first of the order. */
    @GetMapping("/orders/{order}/print/day-sheet.pdf")
    ResponseEntity<byte[]> daySheet(
            @PathVariable long order,
            @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day) {
        return file("day-sheet.pdf", MediaType.APPLICATION_PDF, files.daySheet(order, day));
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(bytes);
    }
}
