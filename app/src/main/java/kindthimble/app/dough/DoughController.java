package kindthimble.app.dough;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/orders/{order}/baking")
class DoughController {
    private final DoughService dough;

    DoughController(DoughService dough) {
        this.dough = dough;
    }

    /** An order's cutters laid out on the dough, and its loads of the oven. Stores nothing. */
    @GetMapping
    BakingView view(@PathVariable long order) {
        return dough.view(order);
    }
}
