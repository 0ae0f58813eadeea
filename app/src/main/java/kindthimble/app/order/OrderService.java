package kindthimble.app.order;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import kindthimble.app.bowls.PourView;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.http.NotThere;
import kindthimble.app.http.Stale;
import kindthimble.core.design.Design;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Refused;
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
        return planned(id).view();
    }

    /** The same with what it was made with. */
    @Transactional(readOnly = true)
    public Planned planned(long id) {
        return planner.pour(stored(id), UnaryOperator.identity());
    }

    /** The plan as the order is now, with the shop's numbers and the base of another time. */
    @Transactional(readOnly = true)
    public Planned plannedWith(long id, ShopSettings settings, BaseRecipe recipe) {
        OrderEntity order = stored(id);
        return planner.pour(order, planner.mixed(order), UnaryOperator.identity(), settings, recipe);
    }

    /** The pour as it would be with the bowl of one colour joined into that of another. */
    @Transactional(readOnly = true)
    public PourView pourJoined(long id, String from, String into) {
        return planner.pour(stored(id), key -> key.equals(from) ? into : key).view();
    }

    /** What is known of all orders without planning them. */
    @Transactional(readOnly = true)
    public List<OrderSummary> summaries() {
        return orders.summaries();
    }

    /** What an order is called, with those that are mixed with it. */
    @Transactional(readOnly = true)
    public String name(long id) {
        OrderEntity order = stored(id);
        long leading = leading(id);
        List<String> names = new ArrayList<>(List.of(order.details().name()));
        summaries().stream()
                .filter(other -> other.leading() == leading && other.id() != id)
                .forEach(other -> names.add(other.name()));
        return String.join(" + ", names);
    }

    /** Number of the order that leads the mixing of an order: its own where it is mixed alone. */
    @Transactional(readOnly = true)
    public long leading(long id) {
        OrderEntity order = stored(id);
        return order.mixedInto() == null ? id : order.mixedInto();
    }

    /** The orders of a mixing, the leading one first, each with its designs. */
    @Transactional(readOnly = true)
    public List<Member> members(long id) {
        return planner.mixed(stored(id)).orders().stream()
                .map(order -> new Member(
                        order.id(),
                        order.details(),
                        designsOf(order.id()).stream()
                                .map(design -> new Member.Counted(design.count(), design.document()))
                                .toList()))
                .toList();
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
        order.set(details);
        OrderEntity saved = orders.saveAndFlush(order);
        mixLike(saved);
        return view(saved);
    }

    /** One base and one allowance for all that are mixed together. */
    private void mixLike(OrderEntity changed) {
        List<OrderEntity> all = planner.mixed(changed).orders();
        if (all.size() > 1) {
            all.stream().filter(one -> one.id() != changed.id()).forEach(one -> one.mixLike(changed));
            orders.saveAllAndFlush(all);
        }
    }

    /**
     * Takes an order out of the week; another of its mixing then leads.
     *
     * @throws Refused when it leads a mixing of several that has started
     */
    void remove(long id) {
        OrderEntity order = stored(id);
        if (!orders.findByMixedInto(id).isEmpty()) {
            if (orders.hasStarted(id)) {
                throw new Refused(
                        "",
                        "It is being mixed as one with another order. Plan afresh on Bowls first, then take it out.");
            }
            part(id);
        }
        order.remove(clock.instant());
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

    /**
     * Makes one mixing of those of two orders: base and allowance are then those of the order that leads it.
     *
     * @param leading the order whose mixing the other's joins
     */
    public void mixTogether(long leading, long other) {
        OrderEntity leader = stored(leading(leading));
        long joining = leading(other);
        if (joining == leader.id()) {
            return;
        }
        List<OrderEntity> more = new ArrayList<>(orders.findByMixedInto(joining));
        more.add(orders.findById(joining).orElseThrow());
        more.forEach(order -> {
            order.mixInto(leader.id());
            order.mixLike(leader);
        });
        orders.saveAllAndFlush(more);
    }

    /** Takes an order out of its mixing; the others stay together. */
    public void part(long id) {
        OrderEntity order = stored(id);
        List<OrderEntity> others = new ArrayList<>(orders.findByMixedInto(id));
        if (!others.isEmpty()) {
            OrderEntity next =
                    others.stream().filter(one -> !one.isRemoved()).findFirst().orElse(others.get(0));
            others.forEach(one -> one.mixInto(one == next ? null : next.id()));
        }
        order.mixInto(null);
        others.add(order);
        orders.saveAllAndFlush(others);
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
        List<DesignEntity> all = designsOf(order.id());
        try {
            Kitchen kitchen = planner.kitchen(details);
            List<DesignView> views =
                    all.stream().map(design -> planner.view(design, kitchen)).toList();
            return new OrderView(order.id(), order.version(), details, views, planner.plan(order));
        } catch (Refused lacks) {
            // Its base is gone: the order says so, and stays open for another one.
            return new OrderView(
                    order.id(),
                    order.version(),
                    details,
                    all.stream()
                            .map(design -> OrderPlanner.unmeasured(design, lacks))
                            .toList(),
                    new PlanView(null, lacks.getMessage(), null));
        }
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
