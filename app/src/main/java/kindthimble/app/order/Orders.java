package kindthimble.app.order;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import kindthimble.app.http.NotThere;
import kindthimble.app.http.Stale;
import kindthimble.core.design.Design;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps orders and their designs, and which orders are mixed as one. Nothing is thrown away: removing can be undone. */
@Service
@Transactional
public class Orders {
    /** Most cookies of one design. */
    static final int MOST_COOKIES = 9_999;

    static final int MOST_DESIGNS = 60;

    private final OrderRepository orders;
    private final DesignRepository designs;
    private final Clock clock;

    Orders(OrderRepository orders, DesignRepository designs, Clock clock) {
        this.orders = orders;
        this.designs = designs;
        this.clock = clock;
    }

    /** All orders that are not removed, by hand-over. */
    @Transactional(readOnly = true)
    public List<Kept> all() {
        return orders.findByRemovedAtIsNullOrderByHandOverAscIdAsc().stream()
                .map(this::kept)
                .toList();
    }

    /** Whether there has never been an order. */
    @Transactional(readOnly = true)
    public boolean isUntouched() {
        return orders.count() == 0;
    }

    /**
     * @throws NotThere when there is no such order, or it is removed
     */
    @Transactional(readOnly = true)
    public Kept order(long id) {
        return kept(stored(id));
    }

    /** What is known of all orders without their designs. */
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

    /** All orders that are mixed with one, that one with them; the leading one first. */
    @Transactional(readOnly = true)
    public List<Kept> mixedWith(long id) {
        return mixed(stored(id)).stream().map(this::kept).toList();
    }

    private List<OrderEntity> mixed(OrderEntity order) {
        OrderEntity leading = order.mixedInto() == null
                ? order
                : orders.findById(order.mixedInto()).orElse(order);
        List<OrderEntity> all = new ArrayList<>();
        if (!leading.isRemoved()) {
            all.add(leading);
        }
        all.addAll(orders.findByMixedIntoAndRemovedAtIsNullOrderByIdAsc(leading.id()));
        if (all.isEmpty()) {
            all.add(order);
        }
        return all;
    }

    /**
     * @param details as they are wanted, not yet checked
     */
    public Kept take(OrderDetails details) {
        return kept(orders.saveAndFlush(new OrderEntity(details.checked())));
    }

    public Kept change(long id, int version, OrderDetails wanted) {
        OrderEntity order = stored(id);
        Stale.check("order", version, order.version());
        OrderDetails details = wanted.checked();
        for (DesignEntity design : designsOf(id)) {
            needColours(design.document(), details.palette(), "palette");
        }
        order.set(details);
        OrderEntity saved = orders.saveAndFlush(order);
        mixLike(saved);
        return kept(saved);
    }

    /** One base and one allowance for all that are mixed together. */
    private void mixLike(OrderEntity changed) {
        List<OrderEntity> all = mixed(changed);
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
    public void remove(long id) {
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

    public Kept restore(long id) {
        OrderEntity order = orders.findById(id).orElseThrow(() -> new NotThere("order"));
        order.restore();
        return kept(order);
    }

    /**
     * @return the number of the new design
     */
    public long addDesign(long orderId, int count, Design document) {
        stored(orderId);
        return designs.saveAndFlush(new DesignEntity(orderId, designs.countByOrderId(orderId), count, document))
                .id();
    }

    /** Says so when another tab has changed a design in the meantime. */
    @Transactional(readOnly = true)
    public void needFresh(long orderId, long designId, int version) {
        Stale.check("design", version, storedDesign(orderId, designId).version());
    }

    public void changeDesign(long orderId, long designId, int version, int count, Design document) {
        DesignEntity design = storedDesign(orderId, designId);
        Stale.check("design", version, design.version());
        design.set(count, document);
        designs.saveAndFlush(design);
    }

    public void removeDesign(long orderId, long designId) {
        storedDesign(orderId, designId).remove(clock.instant());
    }

    public void restoreDesign(long orderId, long designId) {
        OrderEntity order = stored(orderId);
        DesignEntity design = designs.findById(designId)
                .filter(found -> found.orderId() == orderId)
                .orElseThrow(() -> new NotThere("design"));
        // Its colours may have left the palette in the meantime.
        needColours(design.document(), order.details().palette(), "palette");
        design.restore();
        designs.saveAndFlush(design);
    }

    /**
     * Puts the designs of an order in another order.
     *
     * @param ids all of its designs, each once
     * @throws Refused when they are not
     */
    public Kept reorderDesigns(long orderId, List<Long> ids) {
        OrderEntity order = stored(orderId);
        List<DesignEntity> now = designsOf(orderId);
        if (ids.size() != now.size()
                || !new HashSet<>(ids).equals(now.stream().map(DesignEntity::id).collect(Collectors.toSet()))) {
            throw new Refused("designs", "Another tab has added or taken off a design. Look again, then sort them.");
        }
        now.forEach(design -> design.moveTo(ids.indexOf(design.id())));
        designs.saveAllAndFlush(now);
        return kept(order);
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
    public Kept addColours(long orderId, List<PaletteColour> more) {
        OrderEntity order = stored(orderId);
        OrderDetails d = order.details();
        List<PaletteColour> palette = new ArrayList<>(d.palette());
        palette.addAll(more);
        order.set(d.withPalette(palette).checked());
        return kept(orders.saveAndFlush(order));
    }

    /**
     * Checks what is wanted of a design, before it is measured.
     *
     * @throws Refused naming the field that is wrong
     */
    public static void check(Kept order, int count, Design document) {
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
        } catch (Refused refused) {
            throw refused.inside("document");
        }
    }

    /** The same of one that the order does not have yet. */
    public static void checkNew(Kept order, int count, Design document) {
        if (order.designs().size() >= MOST_DESIGNS) {
            throw new Refused("", "An order has at most " + MOST_DESIGNS + " designs.");
        }
        check(order, count, document);
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

    private Kept kept(OrderEntity order) {
        return new Kept(
                order.id(),
                order.version(),
                order.details(),
                designsOf(order.id()).stream()
                        .map(design ->
                                new Kept.KeptDesign(design.id(), design.version(), design.count(), design.document()))
                        .toList());
    }
}
