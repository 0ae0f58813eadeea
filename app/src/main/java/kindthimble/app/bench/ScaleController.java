package kindthimble.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import kindthimble.app.device.Scale;
import kindthimble.app.device.Scales;
import kindthimble.app.happened.Practising;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The scale at the bench. */
@RestController
@RequestMapping("/api/orders/{order}/scale")
class ScaleController {
    private final Scales scales;
    private final Practising practising;

    ScaleController(Scales scales, Practising practising) {
        this.scales = scales;
        this.practising = practising;
    }

    /**
     * @param grams that it shows; null where no scale answers
     * @param isHeld whether it has come to rest
     */
    @Schema(name = "ScaleView")
    record View(@Nullable Double grams, boolean isHeld) {}

    /** What the scale shows now: of an order that is played that of the practice kitchen. */
    @GetMapping
    View read(@PathVariable long order) {
        return scale(order)
                .read()
                .map(reading -> new View(reading.grams(), reading.isHeld()))
                .orElse(new View(null, false));
    }

    /** Has what lies on it count as nothing. */
    @PostMapping("/tare")
    View tare(@PathVariable long order) {
        scale(order).tare();
        return read(order);
    }

    private Scale scale(long order) {
        return scales.of(practising.of(order).isPresent());
    }
}
