package kindthimble.app.colours;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.util.List;
import kindthimble.app.exchange.PaletteFiles;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Colours: palettes as files, those of earlier orders, and whether designs in them can be seen. */
@RestController
class ColourController {
    private final ColourService colours;
    private final PaletteFiles files;

    ColourController(ColourService colours, PaletteFiles files) {
        this.colours = colours;
        this.files = files;
    }

    /** A palette file's text. */
    record PaletteText(String text) {}

    @GetMapping("/api/colours/past")
    List<ColourService.PastColour> past() {
        return colours.past();
    }

    @PostMapping("/api/colours/read")
    PaletteFiles.PaletteFile read(@RequestBody PaletteText file) {
        return files.read(file.text());
    }

    @GetMapping("/api/orders/{order}/colours/seeing")
    List<ColourService.SeeingView> seeing(@PathVariable long order) {
        return colours.seeing(order);
    }

    @Hidden
    @GetMapping("/api/orders/{order}/palette.gpl")
    ResponseEntity<byte[]> gpl(@PathVariable long order) {
        return file("palette.gpl", MediaType.TEXT_PLAIN, files.gpl(colours.palette(order)));
    }

    @Hidden
    @GetMapping("/api/orders/{order}/palette.json")
    ResponseEntity<byte[]> json(@PathVariable long order) {
        return file("palette.json", MediaType.APPLICATION_JSON, files.json(colours.palette(order)));
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, String text) {
        return ResponseEntity.ok()
                .contentType(new MediaType(type, StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
