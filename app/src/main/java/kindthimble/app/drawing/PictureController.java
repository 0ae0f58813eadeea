package kindthimble.app.drawing;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import kindthimble.app.http.Busy;
import kindthimble.core.drawing.CutOutline;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Spot;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.tracing.OnPaper;
import kindthimble.core.tracing.Picture;
import kindthimble.core.tracing.Sheet;
import kindthimble.core.tracing.SheetCorners;
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

/** Pictures in: traced, straightened, or measured on a sheet of paper. */
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
     * Where the corners of a sheet are seen.
     *
     * @param corners top left, top right, bottom right, bottom left, each x and y as shares of the picture; empty where none are made out
     */
    record Corners(List<Double> corners) {}

    /**
     * The outline of what lies on a sheet.
     *
     * @param path in mm, its middle at the origin
     * @param widthMm how wide it is
     * @param heightMm how tall it is
     * @param wallMm how thick a cutter's wall looks, whose middle is followed; 0 for a thing that is no ring
     */
    @Schema(name = "SeenOutline")
    record Outline(String path, double widthMm, double heightMm, double wallMm) {}

    /**
     * Traces a picture. The answer comes in lines of JSON: {@code {"share": 0.4}} while it goes on, and last the drawing,
     * {@code {"svg": …, "colours": …, "notes": […], "heightMm": …}}, or {@code {"trouble": …}}. Who stops listening stops it.
     *
     * @param colours how many; 0 for as many as there seem to be
     * @param on what the drawing lies on: A4, Letter or frame; blank where the picture is straight as it is
     * @param corners of that, as {@link Corners} has them, with commas between
     */
    @PostMapping(
            path = "/trace",
            consumes = {"image/png", "image/jpeg", "image/webp"},
            produces = "application/x-ndjson")
    ResponseEntity<StreamingResponseBody> trace(
            @RequestParam(defaultValue = "0") int colours,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String corners,
            @RequestBody byte[] file,
            HttpServletResponse answer) {
        if (colours != 0) {
            COLOURS.check("colours", colours);
        }
        LiesOn liesOn = on.isBlank() ? null : LiesOn.called(on);
        List<Double> shares = liesOn == null ? List.of() : LiesOn.corners(corners);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-ndjson"))
                .body(out -> trace(said -> line(out, answer, said), file, colours, liesOn, shares));
    }

    /** Proposes the corners of a sheet of paper, or of a printed frame. */
    @PostMapping(
            path = "/corners",
            consumes = {"image/png", "image/jpeg", "image/webp"})
    Corners corners(@RequestParam String on, @RequestBody byte[] file) {
        LiesOn liesOn = LiesOn.called(on);
        return alone(() -> {
            Picture picture = PictureFiles.read(file);
            List<Double> shares = new ArrayList<>();
            SheetCorners.find(picture, liesOn.of())
                    .ifPresent(found -> found.forEach(corner -> {
                        shares.add(corner.x() / picture.width());
                        shares.add(corner.y() / picture.height());
                    }));
            return new Corners(shares);
        });
    }

    /** The outline of the one cutter or cookie that lies on a sheet of paper. */
    @PostMapping(
            path = "/outline",
            consumes = {"image/png", "image/jpeg", "image/webp"})
    Outline outline(@RequestParam String on, @RequestParam String corners, @RequestBody byte[] file) {
        LiesOn liesOn = LiesOn.called(on);
        List<Double> shares = LiesOn.corners(corners);
        return alone(() -> {
            Picture picture = PictureFiles.read(file);
            OnPaper.Thing thing = OnPaper.of(picture, sheet(picture, liesOn, shares));
            Box box = thing.outline().box();
            return new Outline(CutOutline.path(thing.outline()), box.widthMm(), box.heightMm(), thing.wallMm());
        });
    }

    private static Sheet sheet(Picture picture, LiesOn on, List<Double> shares) {
        List<Spot> corners = new ArrayList<>();
        for (int i = 0; i < shares.size(); i += 2) {
            corners.add(new Spot(shares.get(i) * picture.width(), shares.get(i + 1) * picture.height()));
        }
        return on.sheet(corners);
    }

    private <T> T alone(Supplier<T> work) {
        return alone(() -> {}, work);
    }

    /** @param waiting is told again and again that it is not its turn yet */
    private <T> T alone(Runnable waiting, Supplier<T> work) {
        try {
            while (!one.tryAcquire(1, TimeUnit.SECONDS)) {
                waiting.run();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy();
        }
        try {
            return work.get();
        } finally {
            one.release();
        }
    }

    private void trace(Consumer<Map<String, Object>> out, byte[] file, int colours, LiesOn liesOn, List<Double> corners)
            throws IOException {
        try {
            Tracing.Traced traced = alone(() -> out.accept(Map.of("share", 0)), () -> {
                out.accept(Map.of("share", 0));
                Picture picture = PictureFiles.read(file);
                return liesOn == null
                        ? Tracing.of(picture, colours, share -> out.accept(Map.of("share", share)))
                        : Tracing.onSheet(
                                picture,
                                sheet(picture, liesOn, corners),
                                colours,
                                share -> out.accept(Map.of("share", share)));
            });
            out.accept(Map.of(
                    "svg",
                    traced.svg(),
                    "colours",
                    traced.colours(),
                    "notes",
                    notes(traced),
                    "heightMm",
                    traced.heightMm()));
        } catch (Refused | TooMuch | Busy e) {
            out.accept(Map.of("trouble", e.getMessage()));
        } catch (UncheckedIOException e) {
            throw e.getCause(); // Nobody listens any more.
        }
    }

    private static List<String> notes(Tracing.Traced traced) {
        List<String> notes = new ArrayList<>();
        if (traced.heightMm() > 0) {
            notes.add("Straightened: it has the size that it has on the paper.");
        }
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

    /** The stream alone does not send what it is told to send: the answer does. */
    private void line(OutputStream out, HttpServletResponse answer, Map<String, Object> said) {
        try {
            out.write((json.writeValueAsString(said) + "\n").getBytes(StandardCharsets.UTF_8));
            answer.flushBuffer();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
