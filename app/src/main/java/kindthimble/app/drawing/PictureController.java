package kindthimble.app.drawing;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Semaphore;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.tracing.Picture;
import kindthimble.core.tracing.Tracing;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

/** Pictures in. */
@RestController
@RequestMapping("/api/pictures")
class PictureController {
    private static final Range COLOURS = new Range("colours", Unit.PIECES, 2, 12);

    /** One at a time: a picture takes some hundred megabytes while it is traced. */
    private final Semaphore one = new Semaphore(1, true);

    private final JsonMapper json;

    PictureController(JsonMapper json) {
        this.json = json;
    }

    /**
     * Traces a picture. The answer comes in lines of JSON: {@code {"share": 0.4}} while it goes on, and last the drawing,
     * {@code {"svg": …, "colours": …, "notes": […]}}, or {@code {"trouble": …}}. Who stops listening stops it.
     */
    @PostMapping(
            path = "/trace",
            consumes = {"image/png", "image/jpeg", "image/webp"},
            produces = "application/x-ndjson")
    ResponseEntity<StreamingResponseBody> trace(
            @RequestParam(defaultValue = "0") int colours, @RequestBody byte[] file) {
        if (colours != 0) {
            COLOURS.check("colours", colours);
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-ndjson"))
                .body(out -> trace(out, file, colours));
    }

    private void trace(OutputStream out, byte[] file, int colours) throws IOException {
        one.acquireUninterruptibly();
        try {
            Picture picture = PictureFiles.read(file);
            Tracing.Traced traced = Tracing.of(picture, colours, share -> line(out, Map.of("share", share)));
            line(out, Map.of("svg", traced.svg(), "colours", traced.colours(), "notes", notes(traced)));
        } catch (Refused | TooMuch e) {
            line(out, Map.of("trouble", e.getMessage()));
        } catch (UncheckedIOException e) {
            throw e.getCause(); // Nobody listens any more.
        } finally {
            one.release();
        }
    }

    private static List<String> notes(Tracing.Traced traced) {
        List<String> notes = new ArrayList<>();
        if (traced.hadGround()) {
            notes.add("The white paper around the drawing is left out.");
        }
        if (traced.wasUneven()) {
            notes.add("The light was uneven; it has been evened out.");
        }
        if (traced.hadLines()) {
            notes.add("Dark lines lie on top: the shapes beneath reach to their middle.");
        }
        return notes;
    }

    private void line(OutputStream out, Map<String, Object> said) {
        try {
            out.write((json.writeValueAsString(said) + "\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
