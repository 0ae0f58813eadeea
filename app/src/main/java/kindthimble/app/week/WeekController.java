package kindthimble.app.week;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import kindthimble.app.desk.DeskService;
import kindthimble.app.desk.OrderView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/week")
class WeekController {
    private final DeskService orders;
    private final Clock clock;

    WeekController(DeskService orders, Clock clock) {
        this.orders = orders;
        this.clock = clock;
    }

    @GetMapping
    WeekView week() {
        return new WeekView(LocalDate.now(clock), orders.all());
    }

    /**
     * @param today by the clock on the wall
     * @param orders all that are not removed, by hand-over
     */
    record WeekView(LocalDate today, List<OrderView> orders) {}
}
