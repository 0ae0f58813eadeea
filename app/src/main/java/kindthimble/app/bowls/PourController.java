package kindthimble.app.bowls;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/orders/{order}/pour")
class PourController {
    private final PourService pours;

    PourController(PourService pours) {
        this.pours = pours;
    }

    @GetMapping
    PourService.PourView pour(@PathVariable long order) {
        return pours.of(order);
    }
}
