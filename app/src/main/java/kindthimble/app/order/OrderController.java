package kindthimble.app.order;

import java.util.List;
import kindthimble.app.bowls.PourView;
import kindthimble.core.design.Design;
import kindthimble.core.words.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/orders")
class OrderController {
    private final OrderService orders;

    OrderController(OrderService orders) {
        this.orders = orders;
    }

    record OrderChange(int version, OrderDetails details) {}

    record NewDesign(int count, Design document) {}

    record DesignChange(int version, int count, Design document) {}

    @GetMapping
    List<OrderView> all() {
        return orders.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    OrderView take(@RequestBody OrderDetails details) {
        return orders.take(details);
    }

    @GetMapping("/{order}")
    OrderView order(@PathVariable long order) {
        return orders.order(order);
    }

    @GetMapping("/{order}/pour")
    PourView pour(@PathVariable long order) {
        return orders.pour(order);
    }

    @PutMapping("/{order}")
    OrderView change(@PathVariable long order, @RequestBody OrderChange change) {
        return orders.change(order, change.version(), required(change.details(), "details"));
    }

    @DeleteMapping("/{order}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long order) {
        orders.remove(order);
    }

    @PostMapping("/{order}/restore")
    OrderView restore(@PathVariable long order) {
        return orders.restore(order);
    }

    /** All designs of the order, as they are to follow each other. */
    record DesignsInOrder(List<Long> designs) {}

    @PutMapping("/{order}/designs")
    OrderView reorderDesigns(@PathVariable long order, @RequestBody DesignsInOrder wanted) {
        return orders.reorderDesigns(order, required(wanted.designs(), "designs"));
    }

    @PostMapping("/{order}/designs")
    @ResponseStatus(HttpStatus.CREATED)
    SavedDesign addDesign(@PathVariable long order, @RequestBody NewDesign design) {
        return orders.addDesign(order, design.count(), required(design.document(), "document"));
    }

    @PutMapping("/{order}/designs/{design}")
    SavedDesign changeDesign(@PathVariable long order, @PathVariable long design, @RequestBody DesignChange change) {
        return orders.changeDesign(
                order, design, change.version(), change.count(), required(change.document(), "document"));
    }

    @DeleteMapping("/{order}/designs/{design}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeDesign(@PathVariable long order, @PathVariable long design) {
        orders.removeDesign(order, design);
    }

    @PostMapping("/{order}/designs/{design}/restore")
    SavedDesign restoreDesign(@PathVariable long order, @PathVariable long design) {
        return orders.restoreDesign(order, design);
    }

    private static <T> T required(T given, String field) {
        if (given == null) {
            throw new Refused(field, "Send the " + field + " as well.");
        }
        return given;
    }
}
