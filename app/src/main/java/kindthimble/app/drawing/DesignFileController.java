package kindthimble.app.drawing;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.http.NotThere;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Orders;
import kindthimble.app.order.PaletteColour;
import kindthimble.app.plan.Planner;
import kindthimble.core.design.Design;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Designs out, as files. The links to them are plain addresses. */
@Hidden
@RestController
@RequestMapping("/api/orders/{order}/designs/{design}")
class DesignFileController {
    private final Orders orders;
    private final CookieService cookies;
    private final Planner planner;

    DesignFileController(Orders orders, CookieService cookies, Planner planner) {
        this.orders = orders;
        this.cookies = cookies;
        this.planner = planner;
    }

    @GetMapping("/drawing.svg")
    ResponseEntity<byte[]> svg(@PathVariable long order, @PathVariable long design) {
        Kept kept = orders.order(order);
        Design document = design(kept, design).document();
        String svg = DesignFiles.svg(
                cookies.measure(document, planner.kitchen(kept.details())),
                kept.details().palette());
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(document.name() + ".svg"))
                .body(svg.getBytes(StandardCharsets.UTF_8));
    }

    /** The design document as it is stored, with its colours. */
    @GetMapping("/design.json")
    ResponseEntity<DesignFile> json(@PathVariable long order, @PathVariable long design) {
        Kept kept = orders.order(order);
        Design document = design(kept, design).document();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(document.name() + ".json"))
                .body(new DesignFile(
                        DesignFile.KIND,
                        document,
                        kept.details().palette().stream()
                                .filter(colour -> document.colours().contains(colour.key()))
                                .map(colour -> new PaletteColour(colour.key(), colour.name(), colour.hex()))
                                .toList()));
    }

    private static Kept.KeptDesign design(Kept order, long id) {
        return order.designs().stream()
                .filter(design -> design.id() == id)
                .findFirst()
                .orElseThrow(() -> new NotThere("design"));
    }

    private static String attached(String name) {
        return ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
