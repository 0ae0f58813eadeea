package kindthimble.app.bench;

import java.time.Duration;
import java.util.List;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.words.Refused;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/orders/{order}/bench")
class BenchController {
    private static final int MOST = 500;

    private final BenchService bench;

    BenchController(BenchService bench) {
        this.bench = bench;
    }

    /** What is to be done at the bench, and what was. */
    @GetMapping
    BenchView view(@PathVariable long order) {
        return bench.view(order);
    }

    /**
     * What was pressed since.
     *
     * @param after number of the newest event that is known
     */
    @GetMapping("/pressed")
    BenchView.Since since(@PathVariable long order, @RequestParam(defaultValue = "0") long after) {
        return bench.since(order, after, Duration.ZERO);
    }

    /**
     * Keeps what was pressed; the same twice counts once.
     *
     * @param after number of the newest event that is known
     */
    @PostMapping
    BenchView.Since press(
            @PathVariable long order,
            @RequestParam(defaultValue = "0") long after,
            @RequestBody List<BenchEvent> events) {
        if (events.size() > MOST) {
            throw new Refused("", "At most %d presses are taken at a time.".formatted(MOST));
        }
        return bench.since(order, after, bench.press(order, events));
    }
}
