package kindthimble.app.tint;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/gels")
class GelController {
    private final GelService gels;

    GelController(GelService gels) {
        this.gels = gels;
    }

    @GetMapping
    List<GelView> all() {
        return gels.shelf();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    GelView add(@RequestBody GelService.NewGel gel) {
        return gels.add(gel);
    }

    @DeleteMapping("/{gel}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String gel) {
        gels.remove(gel, true);
    }

    @PostMapping("/{gel}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable String gel) {
        gels.remove(gel, false);
    }

    @PostMapping("/{gel}/swatches")
    @ResponseStatus(HttpStatus.CREATED)
    GelView note(@PathVariable String gel, @RequestBody GelService.SwatchNote swatch) {
        return gels.note(gel, swatch);
    }

    @DeleteMapping("/{gel}/swatches/{swatch}")
    GelView takeOut(@PathVariable String gel, @PathVariable long swatch) {
        return gels.takeOut(gel, swatch, true);
    }

    @PostMapping("/{gel}/swatches/{swatch}/restore")
    GelView putBack(@PathVariable String gel, @PathVariable long swatch) {
        return gels.takeOut(gel, swatch, false);
    }
}
