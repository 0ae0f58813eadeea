package kindthimble.app.desk;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.history.Edit;
import kindthimble.app.history.History;
import kindthimble.app.history.KnownPatches;
import kindthimble.app.history.Patch;
import kindthimble.app.history.Steps;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.mixing.MixingService;
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
import tools.jackson.databind.json.JsonMapper;

/** Orders with all that follows from them, and their history. Nothing is stored that can't be measured. */
@Service
@Transactional
public class DeskService {
    private static final double HAIR_MM = 0.001;

    private final Orders orders;
    private final Planner planner;
    private final CookieService cookies;
    private final OrderChanges changes;
    private final Said said;
    private final History history;
    private final KnownPatches patches;
    private final ShopRevision shop;
    private final MixingService mixing;
    private final JsonMapper json;

    DeskService(
            Orders orders,
            Planner planner,
            CookieService cookies,
            OrderChanges changes,
            Said said,
            History history,
            KnownPatches patches,
            ShopRevision shop,
            MixingService mixing,
            JsonMapper json) {
        this.orders = orders;
        this.planner = planner;
        this.cookies = cookies;
        this.changes = changes;
        this.said = said;
        this.history = history;
        this.patches = patches;
        this.shop = shop;
        this.mixing = mixing;
        this.json = json;
    }

    @Transactional(readOnly = true)
    public OrderView order(long id) {
        return whole(orders.order(id));
    }

    /** Several orders with the pictures of their designs; the database is asked no more for many than for one. */
    @Transactional(readOnly = true)
    public Map<Kept, List<DesignView>> pictured(List<Kept> several) {
        Planner.Kitchens kitchens = planner.kitchens();
        Map<Kept, List<DesignView>> pictured = new LinkedHashMap<>();
        several.forEach(order -> pictured.put(order, pictures(order, kitchens)));
        return pictured;
    }

    private List<DesignView> pictures(Kept order, Planner.Kitchens kitchens) {
        try {
            Kitchen kitchen = kitchens.of(order.details());
            return order.designs().stream().map(design -> view(design, kitchen)).toList();
        } catch (Refused lacks) {
            return order.designs().stream()
                    .map(design -> unmeasured(design, lacks))
                    .toList();
        }
    }

    /** Makes one of an order's cutters a hair larger, for {@code app/rehearsal}: all is done that a change does. */
    public OrderView changedByAHair(long id, int nth) {
        Kept order = orders.order(id);
        if (order.designs().isEmpty()) {
            return whole(order);
        }
        Kept.KeptDesign design = order.designs().get(nth % order.designs().size());
        double larger = design.document().cutter().sizeMm() + HAIR_MM;
        return change(
                id,
                new Patch(
                        order.revision(),
                        null,
                        List.of(new Patch.Placed(
                                "/designs/" + design.id() + "/document/cutter/sizeMm", json.valueToTree(larger)))));
    }

    public OrderView take(OrderDetails details) {
        return whole(orders.take(details));
    }

    /**
     * Stores what a page has changed of the details and the designs; the same patch twice counts once.
     *
     * @return the order with the designs that look different now
     * @throws Refused naming the place that is wrong; nothing is stored then
     */
    public OrderView change(long id, Patch patch) {
        patch.check();
        if (!patches.isNew(patch)) {
            return order(id);
        }
        OrderChanges.Done done = changes.put(orders.seen(id, patch.revision()), patch.edits());
        history.keep(id, patch.gesture(), done.edits());
        return view(done.order(), OrderChanges.touched(done.order(), done.edits()));
    }

    OrderView restore(long id) {
        return whole(orders.restore(id));
    }

    /**
     * @return the order with the new design
     * @throws Refused when the design can't be measured with the shop's numbers
     */
    public OrderView addDesign(long orderId, int count, Design document) {
        return addDesign(orderId, count, document, null);
    }

    /**
     * @param gesture joins it with what is done beside it to one step of the history; null for a step of its own
     */
    public OrderView addDesign(long orderId, int count, Design document, String gesture) {
        // Not locked while it is measured: that may take seconds.
        Kept order = orders.order(orderId);
        Orders.checkNew(order, count, document);
        try {
            cookies.measure(document, planner.kitchen(order.details()));
        } catch (Refused refused) {
            throw refused.inside("document");
        }
        long id = orders.addDesign(orderId, count, document);
        history.keep(orderId, gesture, List.of(Edit.flag(removed(id), false)));
        return with(orderId, id);
    }

    OrderView removeDesign(long orderId, long designId) {
        orders.setRemoved(orderId, designId, true);
        history.keep(orderId, null, List.of(Edit.flag(removed(designId), true)));
        return view(orders.order(orderId), List.of());
    }

    OrderView restoreDesign(long orderId, long designId) {
        orders.setRemoved(orderId, designId, false);
        history.keep(orderId, null, List.of(Edit.flag(removed(designId), false)));
        return with(orderId, designId);
    }

    OrderView reorderDesigns(long orderId, List<Long> ids) {
        List<Long> before = tray(orders.forChange(orderId));
        Kept order = orders.reorderDesigns(orderId, ids);
        if (!before.equals(ids)) {
            history.keep(
                    orderId, null, List.of(new Edit("/tray", json.valueToTree(before), json.valueToTree(tray(order)))));
        }
        return view(order, List.of());
    }

    /** The order with more colours in its palette; what is new gets its key. */
    public OrderView addColours(long orderId, List<PaletteColour> more, String gesture) {
        Kept before = orders.forChange(orderId);
        Kept after = orders.addColours(orderId, more);
        history.keep(
                orderId,
                gesture,
                List.of(new Edit(
                        "/details/palette",
                        json.valueToTree(before.details().palette()),
                        json.valueToTree(after.details().palette()))));
        return whole(after);
    }

    /** Takes the last step of the order's history back. */
    Undone undo(long id) {
        Kept before = orders.forChange(id);
        return done("undone: ", before, history.undo(id));
    }

    /** Does the step again that was undone last. */
    Undone redo(long id) {
        Kept before = orders.forChange(id);
        return done("done again: ", before, history.redo(id));
    }

    private Undone done(String what, Kept before, List<Edit> edits) {
        String sentence = said.of(edits, before);
        changes.put(before.id(), edits);
        Kept order = orders.order(before.id());
        return new Undone(what + sentence, Said.design(edits), edits.get(0).path(), whole(order));
    }

    private static String removed(long design) {
        return "/designs/" + design + "/removed";
    }

    private OrderView with(long orderId, long designId) {
        Kept order = orders.order(orderId);
        return view(
                order,
                order.designs().stream()
                        .filter(design -> design.id() == designId)
                        .toList());
    }

    private OrderView whole(Kept order) {
        return view(order, order.designs());
    }

    private OrderView view(Kept order, List<Kept.KeptDesign> shown) {
        List<DesignView> designs;
        PlanView plan;
        try {
            Kitchen kitchen = planner.kitchen(order.details());
            designs = shown.stream().map(design -> view(design, kitchen)).toList();
            plan = planner.view(order);
        } catch (Refused lacks) {
            // Its base is gone: the order says so, and stays open for another one.
            designs = shown.stream().map(design -> unmeasured(design, lacks)).toList();
            plan = new PlanView(null, lacks.getMessage(), null);
        }
        return new OrderView(
                order.id(),
                order.revision(),
                shop.now(),
                order.details(),
                tray(order),
                designs,
                plan,
                mixing.begunBase(order.id()).orElse(null),
                steps(order));
    }

    private Steps steps(Kept order) {
        Optional<String> undo = history.toUndo(order.id()).map(edits -> said.of(edits, order));
        Optional<String> redo = history.toRedo(order.id()).map(edits -> said.of(edits, order));
        return new Steps(undo.orElse(null), redo.orElse(null));
    }

    private static List<Long> tray(Kept order) {
        return order.designs().stream().map(Kept.KeptDesign::id).toList();
    }

    private DesignView view(Kept.KeptDesign design, Kitchen kitchen) {
        try {
            return new DesignView(
                    design.id(), design.count(), design.document(), cookies.view(design.document(), kitchen), null);
        } catch (Refused refused) {
            return unmeasured(design, refused);
        }
    }

    private static DesignView unmeasured(Kept.KeptDesign design, Refused why) {
        return new DesignView(design.id(), design.count(), design.document(), null, why.getMessage());
    }
}
