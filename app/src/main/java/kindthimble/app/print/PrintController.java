package kindthimble.app.print;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sheets for the kitchen. The links to them are plain addresses, so they are left out of the description for the typed client. */
@Hidden
@RestController
@RequestMapping("/api/orders/{order}/print")
class PrintController {
    private final Prints prints;

    PrintController(Prints prints) {
        this.prints = prints;
    }

    @GetMapping("/mixing-sheet.pdf")
    ResponseEntity<byte[]> mixingSheet(@PathVariable long order) {
        return file("mixing-sheet.pdf", MediaType.APPLICATION_PDF, prints.mixingSheet(order));
    }

    /** Labels for the bags, as they are laid out on a sheet of 14, 21 or 24 labels, or on plain paper. */
    @GetMapping("/bag-labels.pdf")
    ResponseEntity<byte[]> bagLabels(@PathVariable long order, @RequestParam(defaultValue = "PLAIN") String sheet) {
        return file("bag-labels.pdf", MediaType.APPLICATION_PDF, prints.bagLabels(order, sheet));
    }

    @GetMapping("/shopping.pdf")
    ResponseEntity<byte[]> shopping(@PathVariable long order) {
        return file("shopping.pdf", MediaType.APPLICATION_PDF, prints.shopping(order));
    }

    @GetMapping("/shopping.csv")
    ResponseEntity<byte[]> shoppingCsv(@PathVariable long order) {
        return file(
                "shopping.csv",
                new MediaType("text", "csv", StandardCharsets.UTF_8),
                prints.shoppingTable(order).getBytes(StandardCharsets.UTF_8));
    }

    /** A design at true size, to trace from or to lie under it. */
    @GetMapping("/template.pdf")
    ResponseEntity<byte[]> template(
            @PathVariable long order,
            @RequestParam long design,
            @RequestParam(defaultValue = "1") int copies,
            @RequestParam(defaultValue = "false") boolean mirrored,
            @RequestParam(defaultValue = "false") boolean half) {
        return file(
                "template.pdf",
                MediaType.APPLICATION_PDF,
                prints.template(order, design, new TemplateSheet.How(copies, mirrored, half)));
    }

    @GetMapping("/transfers.pdf")
    ResponseEntity<byte[]> transfers(@PathVariable long order, @RequestParam long design) {
        return file("transfers.pdf", MediaType.APPLICATION_PDF, prints.transfers(order, design));
    }

    @GetMapping("/grid.pdf")
    ResponseEntity<byte[]> grid() {
        return file("grid.pdf", MediaType.APPLICATION_PDF, prints.grid());
    }

    @GetMapping("/straight-edges.pdf")
    ResponseEntity<byte[]> straightEdges() {
        return file("straight-edges.pdf", MediaType.APPLICATION_PDF, prints.straightEdges());
    }

    @GetMapping("/frame.pdf")
    ResponseEntity<byte[]> frame() {
        return file("frame.pdf", MediaType.APPLICATION_PDF, prints.frame());
    }

    @GetMapping("/instructions.pdf")
    ResponseEntity<byte[]> instructions(@PathVariable long order, @RequestParam long design) {
        return file("instructions.pdf", MediaType.APPLICATION_PDF, prints.instructions(order, design));
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
