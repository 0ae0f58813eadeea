package kindthimble.app.clock;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/orders/{order}/clock")
class ClockController {
    private final ClockService clock;

    ClockController(ClockService clock) {
        this.clock = clock;
    }

    /** An order on the clock, among all that are ahead. Stores nothing. */
    @GetMapping
    ClockView view(@PathVariable long order) {
        return clock.view(order);
    }
}
