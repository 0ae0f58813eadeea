package kindthimble.app.drawing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import kindthimble.app.desk.OrderView;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.design.Design;
import kindthimble.core.drawing.Becomes;
import kindthimble.core.drawing.CutBy;
import kindthimble.core.words.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Drawings in. */
@RestController
@RequestMapping("/api")
class DrawingController {
    private final DrawingService service;

    DrawingController(DrawingService service) {
        this.service = service;
    }

    /**
     * Which colour of the order a colour of a drawing is.
     *
     * @param colour as # and six digits
     * @param key of the order's colour; null for a new one
     * @param name of that, or a word for the new one
     */
    record Matched(String colour, String key, String name) {}

    /**
     * What a shape becomes.
     *
     * @param id of the shape
     * @param becomes a word: section, wet, raised, raised fill, guide, left out
     * @param colour key of the order's colour; null for that of its colour
     */
    @Schema(name = "TakenShape")
    record Taken(String id, String becomes, String colour) {
        Becomes word() {
            if (becomes == null) {
                return null;
            }
            return Arrays.stream(Becomes.values())
                    .filter(one -> one.word().equals(becomes))
                    .findFirst()
                    .orElseThrow(() -> new Refused(
                            "taken", "A shape becomes a section, wet, raised, raised fill, guide or left out."));
        }
    }

    /**
     * A design of a drawing.
     *
     * @param file the SVG file
     * @param heightMm how tall all of its view is on the cookie
     * @param name of the design
     * @param count how many
     * @param edge what it is cut with
     * @param marginMm of a silhouette
     * @param cutter the shop's, where that is laid over it
     * @param taken shapes that become something else than proposed
     * @param colours which colours of the order the drawing's are; others are matched by their look
     */
    @Schema(name = "WantedDrawing")
    record Wanted(
            String file,
            double heightMm,
            String name,
            int count,
            CutBy edge,
            double marginMm,
            Cutter cutter,
            List<Taken> taken,
            List<Matched> colours) {
        private static final double MOST_MARGIN_MM = 30;

        Wanted {
            taken = taken == null ? List.of() : List.copyOf(taken);
            colours = colours == null ? List.of() : List.copyOf(colours);
            edge = edge == null ? CutBy.OUTERMOST : edge;
        }

        Wanted checked() {
            if (file == null || file.isBlank()) {
                throw new Refused("file", "Send the drawing as well.");
            }
            if (name == null || name.isBlank()) {
                throw new Refused("name", "Give the design a name.");
            }
            if (!(marginMm >= 0 && marginMm <= MOST_MARGIN_MM)) {
                throw new Refused("marginMm", "Write a margin from 0 to 30 mm.");
            }
            if (edge == CutBy.CUTTER) {
                if (cutter == null) {
                    throw new Refused("cutter", "Pick the cutter that is laid over the drawing.");
                }
                cutter.check();
            }
            return this;
        }
    }

    /** What of a drawing can be seen at the size of a cookie. Stores nothing. */
    @PostMapping(path = "/cookies/svg-preview", consumes = "image/svg+xml")
    DrawingView preview(@RequestParam(defaultValue = "90") String heightMm, @RequestBody byte[] file) {
        return DrawingView.of(service.read(file, number("heightMm", heightMm)));
    }

    /** The outline of all that can be seen of a drawing, for a cutter. */
    @PostMapping(path = "/cookies/svg-outline", consumes = "image/svg+xml")
    PictureController.Outline outline(@RequestParam(defaultValue = "90") String heightMm, @RequestBody byte[] file) {
        return service.outline(file, number("heightMm", heightMm));
    }

    /** Which of an order's colours look like those of a drawing. */
    @PostMapping("/orders/{order}/drawing-colours")
    List<Matched> colours(@PathVariable long order, @RequestBody List<String> hexes) {
        return service.matched(order, hexes);
    }

    @PostMapping("/orders/{order}/drawn-designs")
    @ResponseStatus(HttpStatus.CREATED)
    OrderView add(@PathVariable long order, @RequestBody Wanted wanted) {
        return service.added(order, wanted.checked());
    }

    /** A design with its drawing read again; what has changed in it is stored as any change is. */
    @PostMapping("/orders/{order}/drawn-designs/{design}")
    Design again(@PathVariable long order, @PathVariable long design, @RequestBody Wanted wanted) {
        return service.again(order, design, wanted.checked());
    }

    /** A design that was saved as a file. */
    @PostMapping("/orders/{order}/design-files")
    @ResponseStatus(HttpStatus.CREATED)
    OrderView take(@PathVariable long order, @RequestBody DesignFile file) {
        if (!DesignFile.KIND.equals(file.kind()) || file.design() == null) {
            throw new Refused("", "This file is no design that was saved here.");
        }
        return service.taken(order, file, TAKEN);
    }

    private static final int TAKEN = 12;

    private static double number(String field, String written) {
        try {
            return Double.parseDouble(written);
        } catch (NumberFormatException e) {
            throw new Refused(field, "Write how tall the drawing is on the cookie, in mm, such as 90.");
        }
    }
}
