package kindthimble.app.desk;

import java.util.List;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.order.Kept;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Orders;
import kindthimble.app.order.PaletteColour;
import kindthimble.app.plan.PlanView;
import kindthimble.app.plan.Planner;
import kindthimble.core.design.Design;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Orders with all that follows from them. Nothing is stored that can't be measured. */
@Service
@Transactional
public class DeskService {
    private final Orders orders;
    private final Planner planner;
    private final CookieService cookies;

    DeskService(Orders orders, Planner planner, CookieService cookies) {
        this.orders = orders;
        this.planner = planner;
        this.cookies = cookies;
    }

    /** All orders that are not removed, by hand-over. */
    @Transactional(readOnly = true)
    public List<OrderView> all() {
        return orders.all().stream().map(this::view).toList();
    }

    @Transactional(readOnly = true)
    public OrderView order(long id) {
        return view(orders.order(id));
    }

    /** An order with every design measured anew, as after a change to each; for {@code app/rehearsal}. Stores nothing. */
    @Transactional(readOnly = true)
    public OrderView asIfChanged(long id, int nth) {
        Kept order = orders.order(id);
        Kitchen kitchen = planner.kitchen(order.details());
        order.designs().forEach(design -> cookies.measureUnseen(design.document(), kitchen, nth));
        return view(order);
    }

    public OrderView take(OrderDetails details) {
        return view(orders.take(details));
    }

    /**
     * @throws Refused when a field is wrong, or there is no such base
     */
    OrderView change(long id, int version, OrderDetails wanted) {
        Kept changed = orders.change(id, version, wanted);
        planner.recipe(changed.details());
        return view(changed);
    }

    OrderView restore(long id) {
        return view(orders.restore(id));
    }

    /**
     * @throws Refused when the design can't be measured with the shop's numbers
     */
    public SavedDesign addDesign(long orderId, int count, Design document) {
        Kept order = orders.order(orderId);
        Orders.checkNew(order, count, document);
        measure(order, document);
        return saved(orderId, orders.addDesign(orderId, count, document));
    }

    SavedDesign changeDesign(long orderId, long designId, int version, int count, Design document) {
        Kept order = orders.order(orderId);
        orders.needFresh(orderId, designId, version);
        Orders.check(order, count, document);
        measure(order, document);
        orders.changeDesign(orderId, designId, version, count, document);
        return saved(orderId, designId);
    }

    SavedDesign restoreDesign(long orderId, long designId) {
        orders.restoreDesign(orderId, designId);
        return saved(orderId, designId);
    }

    OrderView reorderDesigns(long orderId, List<Long> ids) {
        return view(orders.reorderDesigns(orderId, ids));
    }

    /** The order with more colours in its palette; what is new gets its key. */
    public OrderView addColours(long orderId, List<PaletteColour> more) {
        return view(orders.addColours(orderId, more));
    }

    private void measure(Kept order, Design document) {
        try {
            cookies.measure(document, planner.kitchen(order.details()));
        } catch (Refused refused) {
            throw refused.inside("document");
        }
    }

    private OrderView view(Kept order) {
        try {
            Kitchen kitchen = planner.kitchen(order.details());
            return new OrderView(
                    order.id(),
                    order.version(),
                    order.details(),
                    order.designs().stream()
                            .map(design -> view(design, kitchen))
                            .toList(),
                    planner.view(order));
        } catch (Refused lacks) {
            // Its base is gone: the order says so, and stays open for another one.
            return new OrderView(
                    order.id(),
                    order.version(),
                    order.details(),
                    order.designs().stream()
                            .map(design -> unmeasured(design, lacks))
                            .toList(),
                    new PlanView(null, lacks.getMessage(), null));
        }
    }

    private DesignView view(Kept.KeptDesign design, Kitchen kitchen) {
        try {
            return new DesignView(
                    design.id(),
                    design.version(),
                    design.count(),
                    design.document(),
                    cookies.view(design.document(), kitchen),
                    null);
        } catch (Refused refused) {
            return unmeasured(design, refused);
        }
    }

    private static DesignView unmeasured(Kept.KeptDesign design, Refused why) {
        return new DesignView(design.id(), design.version(), design.count(), design.document(), null, why.getMessage());
    }

    private SavedDesign saved(long orderId, long designId) {
        OrderView view = view(orders.order(orderId));
        return new SavedDesign(
                view.designs().stream()
                        .filter(stored -> stored.id() == designId)
                        .findFirst()
                        .orElseThrow(),
                view.plan());
    }
}
