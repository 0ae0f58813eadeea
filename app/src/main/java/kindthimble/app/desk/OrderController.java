package kindthimble.app.desk;

import java.time.LocalDateTime;
import java.util.List;
import kindthimble.app.history.Patch;
import kindthimble.app.order.AllOrders;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Orders;
import kindthimble.app.plan.Planner;
import kindthimble.app.plan.PourView;
import kindthimble.core.design.Design;
import kindthimble.core.words.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
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
    private final AllOrders all;
    private final Planner planner;

    OrderController(DeskService desk, Orders orders, AllOrders all, Planner planner) {
        this.desk = desk;
        this.orders = orders;
        this.all = all;
        this.planner = planner;
    }

    record NewDesign(int count, Design document) {}

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

    /** Changes of details and designs, place by place. */
    @PatchMapping("/{order}")
    OrderView change(@PathVariable long order, @RequestBody Patch patch) {
        return desk.change(order, patch);
    }

    @PostMapping("/{order}/undo")
    Undone undo(@PathVariable long order) {
        return desk.undo(order);
    }

    @PostMapping("/{order}/redo")
    Undone redo(@PathVariable long order) {
        return desk.redo(order);
    }

    /** What a copy is called, and when it is handed over. */
    record Copy(String name, LocalDateTime handOver) {}

    @PostMapping("/{order}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    OrderView copy(@PathVariable long order, @RequestBody Copy copy) {
        return desk.order(all.copy(order, copy.name(), copy.handOver()));
    }

    /** The order is put away. */
    @PostMapping("/{order}/archive")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@PathVariable long order) {
        all.archive(order, true);
    }

    @DeleteMapping("/{order}/archive")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable long order) {
        all.archive(order, false);
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
    OrderView addDesign(@PathVariable long order, @RequestBody NewDesign design) {
        return desk.addDesign(order, design.count(), required(design.document(), "document"));
    }

    @DeleteMapping("/{order}/designs/{design}")
    OrderView removeDesign(@PathVariable long order, @PathVariable long design) {
        return desk.removeDesign(order, design);
    }

    @PostMapping("/{order}/designs/{design}/restore")
    OrderView restoreDesign(@PathVariable long order, @PathVariable long design) {
        return desk.restoreDesign(order, design);
    }

    private static <T> T required(T given, String field) {
        if (given == null) {
            throw new Refused(field, "Send the " + field + " as well.");
        }
        return given;
    }
}
