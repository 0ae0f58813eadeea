package kindthimble.app.demo;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** An order to look at, for a shop that has none yet. It is an order like any other, and removed like one. */
@RestController
@RequestMapping("/api/example")
class ExampleController {
    private final DemoOrders orders;

    ExampleController(DemoOrders orders) {
        this.orders = orders;
    }

    /** @param order number of the example */
    record Example(long order) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Example show() {
        return new Example(orders.take("kite-festival"));
    }
}
