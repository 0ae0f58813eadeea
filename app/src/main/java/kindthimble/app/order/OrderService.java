package kindthimble.app.order;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import kindthimble.app.bowls.PourView;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.cookie.Kitchen;
import kindthimble.app.http.NotThere;
import kindthimble.app.http.Stale;
import kindthimble.app.shelf.ShelfService;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.design.Design;
import kindthimble.core.icing.BaseRecipe;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps orders and their designs. Nothing is stored that can't be measured, and nothing is thrown away: removing can be undone. */
@Service
@Transactional
public class OrderService {
    /** Most cookies of one design. */
    static final int MOST_COOKIES = 9_999;

    static final int MOST_DESIGNS = 60;

    private final OrderRepository orders;
    private final DesignRepository designs;
    private final OrderPlanner planner;
    private final CookieService cookies;
    private final Clock clock;

    OrderService(
            OrderRepository orders,
            DesignRepository designs,
            OrderPlanner planner,
            CookieService cookies,
            Clock clock) {
        this.orders = orders;
        this.designs = designs;
        this.planner = planner;
        this.cookies = cookies;
        this.clock = clock;
    }

    /** All orders that are not removed, by hand-over. */
    @Transactional(readOnly = true)
    public List<OrderView> all() {
        return orders.findByRemovedAtIsNullOrderByHandOverAscIdAsc().stream()
                .map(this::view)
                .toList();
    }

    /** Whether there has never been an order. */
    @Transactional(readOnly = true)
    public boolean isUntouched() {
        return orders.count() == 0;
    }

    @Transactional(readOnly = true)
    public OrderView order(long id) {
        return view(stored(id));
    }

    /** An order with every design measured anew, as after a change to each; for {@code app/rehearsal}. Stores nothing. */
    @Transactional(readOnly = true)
    public OrderView asIfChanged(long id, int nth) {
        OrderEntity order = stored(id);
        Kitchen kitchen = planner.kitchen(order.details());
        designsOf(id).forEach(design -> cookies.measureUnseen(design.document(), kitchen, nth));
        return view(order);
    }

    /**
     * @throws Refused when a design can't be measured with the shop's numbers, or the base can't be made so stiff
     */
    @Transactional(readOnly = true)
    public PourView pour(long id) {
        return planner.pour(stored(id), UnaryOperator.identity());
    }

    /** The pour as it would be with the bowl of one colour joined into that of another. */
    @Transactional(readOnly = true)
    public PourView pourJoined(long id, String from, String into) {
        return planner.pour(stored(id), key -> key.equals(from) ? into : key);
    }

    /** The base that an order is mixed from. */
    @Transactional(readOnly = true)
    public BaseRecipe recipe(long id) {
        return planner.recipe(stored(id).details());
    }

    /** The bowl of an order whose colour a jar has; null for none. */
    @Transactional(readOnly = true)
    public String bowlFor(long id, ShelfService.Jar jar) {
        return OrderPlanner.bowlOf(jar, stored(id).details().looks());
    }

    public OrderView take(OrderDetails details) {
        return view(orders.saveAndFlush(new OrderEntity(details.checked())));
    }

    OrderView change(long id, int version, OrderDetails wanted) {
        OrderEntity order = stored(id);
        Stale.check("order", version, order.version());
        OrderDetails details = wanted.checked();
        for (DesignEntity design : designsOf(id)) {
            needColours(design.document(), details.palette(), "palette");
        }
        planner.recipe(details);
        if (details.mixedWith().contains(id)) {
            throw new Refused("mixedWith", "An order is mixed with others, not with itself.");
        }
        order.set(details);
        return view(orders.saveAndFlush(order));
    }

    void remove(long id) {
        stored(id).remove(clock.instant());
    }

    OrderView restore(long id) {
        OrderEntity order = orders.findById(id).orElseThrow(() -> new NotThere("order"));
        order.restore();
        return view(order);
    }

    public SavedDesign addDesign(long orderId, int count, Design document) {
        OrderEntity order = stored(orderId);
        if (designsOf(orderId).size() >= MOST_DESIGNS) {
            throw new Refused("", "An order has at most " + MOST_DESIGNS + " designs.");
        }
        check(order, count, document);
        return saved(
                order,
                designs.saveAndFlush(new DesignEntity(orderId, designs.countByOrderId(orderId), count, document)));
    }

    SavedDesign changeDesign(long orderId, long designId, int version, int count, Design document) {
        OrderEntity order = stored(orderId);
        DesignEntity design = storedDesign(orderId, designId);
        Stale.check("design", version, design.version());
        check(order, count, document);
        design.set(count, document);
        return saved(order, designs.saveAndFlush(design));
    }

    void removeDesign(long orderId, long designId) {
        storedDesign(orderId, designId).remove(clock.instant());
    }

    SavedDesign restoreDesign(long orderId, long designId) {
        OrderEntity order = stored(orderId);
        DesignEntity design = designs.findById(designId)
                .filter(found -> found.orderId() == orderId)
                .orElseThrow(() -> new NotThere("design"));
        // Its colours may have left the palette in the meantime.
        needColours(design.document(), order.details().palette(), "palette");
        design.restore();
        return saved(order, designs.saveAndFlush(design));
    }

    /**
     * Puts the designs of an order in another order.
     *
     * @param ids all of its designs, each once
     * @throws Refused when they are not
     */
    OrderView reorderDesigns(long orderId, List<Long> ids) {
        OrderEntity order = stored(orderId);
        List<DesignEntity> now = designsOf(orderId);
        if (ids.size() != now.size()
                || !new HashSet<>(ids).equals(now.stream().map(DesignEntity::id).collect(Collectors.toSet()))) {
            throw new Refused("designs", "Another tab has added or taken off a design. Look again, then sort them.");
        }
        now.forEach(design -> design.moveTo(ids.indexOf(design.id())));
        designs.saveAllAndFlush(now);
        return view(order);
    }

    /** Has the icing of other orders mixed together with this one's. */
    public OrderView mixTogether(long orderId, List<Long> others) {
        OrderEntity order = stored(orderId);
        OrderDetails d = order.details();
        order.set(new OrderDetails(
                d.name(),
                d.client(),
                d.handOver(),
                d.floodSeconds(),
                d.extra(),
                d.palette(),
                d.recipe(),
                d.filling(),
                others));
        return view(orders.saveAndFlush(order));
    }

    /** The order with more colours in its palette; what is new gets its key. */
    public OrderView addColours(long orderId, List<PaletteColour> more) {
        OrderEntity order = stored(orderId);
        OrderDetails d = order.details();
        List<PaletteColour> palette = new ArrayList<>(d.palette());
        palette.addAll(more);
        order.set(d.withPalette(palette).checked());
        return view(orders.saveAndFlush(order));
    }

    private void check(OrderEntity order, int count, Design document) {
        if (count < 1 || count > MOST_COOKIES) {
            throw new Refused(
                    "count",
                    "Between 1 and %,d cookies of a design can be planned; %,d can't.".formatted(MOST_COOKIES, count));
        }
        if (document == null) {
            throw new Refused("document", "Send the design.");
        }
        try {
            document.check();
            needColours(document, order.details().palette(), "moves");
            cookies.measure(document, planner.kitchen(order.details()));
        } catch (Refused refused) {
            throw refused.inside("document");
        }
    }

    private static void needColours(Design design, List<PaletteColour> palette, String field) {
        List<String> keys = palette.stream().map(PaletteColour::key).toList();
        for (int i = 0; i < design.moves().size(); i++) {
            for (String colour : design.moves().get(i).colours()) {
                if (keys.contains(colour)) {
                    continue;
                }
                throw field.equals("palette")
                        ? new Refused(
                                "palette",
                                "The colour %s is used by %s: give that part another colour first."
                                        .formatted(colour, design.name()))
                        : new Refused(
                                "moves[" + i + "].colour",
                                "This order has no colour %s. Pick one of its palette.".formatted(colour));
            }
        }
    }

    private OrderEntity stored(long id) {
        return orders.findById(id).filter(order -> !order.isRemoved()).orElseThrow(() -> new NotThere("order"));
    }

    private DesignEntity storedDesign(long orderId, long designId) {
        return Optional.of(designId)
                .flatMap(designs::findById)
                .filter(design -> design.orderId() == orderId && !design.isRemoved())
                .orElseThrow(() -> new NotThere("design"));
    }

    private List<DesignEntity> designsOf(long orderId) {
        return designs.findByOrderIdAndRemovedAtIsNullOrderByPositionAscIdAsc(orderId);
    }

    private OrderView view(OrderEntity order) {
        OrderDetails details = order.details();
        Kitchen kitchen = planner.kitchen(details);
        List<DesignView> views = designsOf(order.id()).stream()
                .map(design -> planner.view(design, kitchen))
                .toList();
        return new OrderView(order.id(), order.version(), details, views, planner.plan(order));
    }

    private SavedDesign saved(OrderEntity order, DesignEntity design) {
        OrderView view = view(order);
        return new SavedDesign(
                view.designs().stream()
                        .filter(stored -> stored.id() == design.id())
                        .findFirst()
                        .orElseThrow(),
                view.plan());
    }
}
