package kindthimble.app.desk;

import java.util.List;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Orders;
import kindthimble.app.plan.Planner;
import kindthimble.app.plan.PourView;
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
    private final DeskService desk;
    private final Orders orders;
    private final Planner planner;

    OrderController(DeskService desk, Orders orders, Planner planner) {
        this.desk = desk;
        this.orders = orders;
        this.planner = planner;
    }

    record OrderChange(int version, OrderDetails details) {}

    record NewDesign(int count, Design document) {}

    record DesignChange(int version, int count, Design document) {}

    @GetMapping
    List<OrderView> all() {
        return desk.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    OrderView take(@RequestBody OrderDetails details) {
        return desk.take(details);
    }

    @GetMapping("/{order}")
    OrderView order(@PathVariable long order) {
        return desk.order(order);
    }

    @GetMapping("/{order}/pour")
    PourView pour(@PathVariable long order) {
        return planner.plan(order).view();
    }

    @PutMapping("/{order}")
    OrderView change(@PathVariable long order, @RequestBody OrderChange change) {
        return desk.change(order, change.version(), required(change.details(), "details"));
    }

    @DeleteMapping("/{order}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long order) {
        orders.remove(order);
    }

    @PostMapping("/{order}/restore")
    OrderView restore(@PathVariable long order) {
        return desk.restore(order);
    }

    /** All designs of the order, as they are to follow each other. */
    record DesignsInOrder(List<Long> designs) {}

    @PutMapping("/{order}/designs")
    OrderView reorderDesigns(@PathVariable long order, @RequestBody DesignsInOrder wanted) {
        return desk.reorderDesigns(order, required(wanted.designs(), "designs"));
    }

    @PostMapping("/{order}/designs")
    @ResponseStatus(HttpStatus.CREATED)
    SavedDesign addDesign(@PathVariable long order, @RequestBody NewDesign design) {
        return desk.addDesign(order, design.count(), required(design.document(), "document"));
    }

    @PutMapping("/{order}/designs/{design}")
    SavedDesign changeDesign(@PathVariable long order, @PathVariable long design, @RequestBody DesignChange change) {
        return desk.changeDesign(
                order, design, change.version(), change.count(), required(change.document(), "document"));
    }

    @DeleteMapping("/{order}/designs/{design}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeDesign(@PathVariable long order, @PathVariable long design) {
        orders.removeDesign(order, design);
    }

    @PostMapping("/{order}/designs/{design}/restore")
    SavedDesign restoreDesign(@PathVariable long order, @PathVariable long design) {
        return desk.restoreDesign(order, design);
    }

    private static <T> T required(T given, String field) {
        if (given == null) {
            throw new Refused(field, "Send the " + field + " as well.");
        }
        return given;
    }
}
