package kindthimble.app.order;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import kindthimble.app.http.NotThere;
import kindthimble.app.http.Stale;
import kindthimble.core.design.Design;
import kindthimble.core.pour.Bundle;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps orders and their designs. Nothing is thrown away: removing can be undone. */
@Service
@Transactional
public class Orders {
    /** Most cookies of one design. */
    public static final int MOST_COOKIES = 9_999;

    public static final int MOST_DESIGNS = 60;

    private final OrderRepository orders;
    private final DesignRepository designs;
    private final OrderRows rows;
    private final Together together;
    private final Clock clock;

    Orders(OrderRepository orders, DesignRepository designs, OrderRows rows, Together together, Clock clock) {
        this.orders = orders;
        this.designs = designs;
        this.rows = rows;
        this.together = together;
        this.clock = clock;
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
        return rows.kept(rows.stored(id));
    }

    /**
     * @param details as they are wanted, not yet checked
     */
    public Kept take(OrderDetails details) {
        OrderEntity order = orders.saveAndFlush(new OrderEntity(details.checked()));
        rows.touch(order);
        return rows.kept(order);
    }

    /**
     * An order that is going to be changed: nobody else changes it until the transaction ends.
     *
     * @throws NotThere when there is no such order, or it is removed
     */
    public Kept forChange(long id) {
        return rows.kept(rows.locked(id));
    }

    /**
     * The order, if it still is what the caller has seen.
     *
     * @throws Stale when it is not
     */
    @Transactional(readOnly = true)
    public Kept seen(long id, long revision) {
        OrderEntity order = rows.stored(id);
        Stale.check("order", revision, order.revision());
        return rows.kept(order);
    }

    /**
     * Stores what is wanted of an order and of some of its designs.
     *
     * @param wanted not yet checked
     * @param changed designs of the order by their numbers, already checked
     * @throws Refused naming the field that is wrong
     * @throws Stale when somebody has changed it since it was read; what takes long is done before it is locked
     */
    public Kept change(Kept before, OrderDetails wanted, Map<Long, Kept.KeptDesign> changed) {
        long id = before.id();
        OrderEntity order = rows.locked(id);
        Stale.check("order", before.revision(), orders.revision(id));
        OrderDetails details = wanted.checked();
        List<DesignEntity> tray = rows.designsOf(id);
        Map<String, Integer> takes = Bundle.takes(details.tied());
        for (DesignEntity design : tray) {
            Kept.KeptDesign other = changed.get(design.id());
            if (other == null) {
                needColours(design.document(), details.palette(), "palette");
            } else {
                design.set(other.count(), other.document());
            }
            needCookies(design, takes.getOrDefault(Long.toString(design.id()), 0));
        }
        order.set(details);
        designs.saveAll(tray);
        // One base and one allowance for all that are mixed together.
        List<OrderEntity> all = rows.mixed(orders.save(order));
        all.stream().filter(one -> one.id() != id).forEach(one -> one.mixLike(order));
        rows.touch(all);
        return rows.kept(order, tray);
    }

    /** Counts a change of an order and of all that are mixed with it, and tells the pages once it is stored. */
    public void touch(long id) {
        orders.findById(id).ifPresent(rows::touch);
    }

    /**
     * Takes an order out of the week; another of its mixing then leads.
     *
     * @throws Refused when it leads a mixing of several that has started
     */
    public void remove(long id) {
        OrderEntity order = rows.locked(id);
        if (!orders.findByMixedInto(id).isEmpty()) {
            if (orders.hasStarted(id)) {
                throw new Refused(
                        "",
                        "It is being mixed as one with another order. Plan afresh on Bowls first, then take it out.");
            }
            together.part(id);
        }
        rows.touch(order);
        order.remove(clock.instant());
    }

    public Kept restore(long id) {
        OrderEntity order = orders.findById(id).orElseThrow(() -> new NotThere("order"));
        order.restore();
        rows.touch(order);
        return rows.kept(order);
    }

    /**
     * @return the number of the new design
     */
    public long addDesign(long orderId, int count, Design document) {
        OrderEntity order = rows.locked(orderId);
        long id = designs.saveAndFlush(new DesignEntity(orderId, designs.countByOrderId(orderId), count, document))
                .id();
        rows.touch(order);
        return id;
    }

    /** Takes a design off the tray, or puts it back. */
    public void setRemoved(long orderId, long designId, boolean removed) {
        OrderEntity order = rows.locked(orderId);
        DesignEntity design = designs.findById(designId)
                .filter(found -> found.orderId() == orderId && found.isRemoved() != removed)
                .orElseThrow(() -> new NotThere("design"));
        if (removed) {
            design.remove(clock.instant());
        } else {
            // Its colours may have left the palette in the meantime.
            needColours(design.document(), order.details().palette(), "palette");
            design.restore();
        }
        designs.saveAndFlush(design);
        rows.touch(order);
    }

    /** A design that was taken off the tray. */
    @Transactional(readOnly = true)
    public Kept.KeptDesign removedDesign(long orderId, long designId) {
        return designs.findById(designId)
                .filter(found -> found.orderId() == orderId)
                .map(OrderRows::kept)
                .orElseThrow(() -> new NotThere("design"));
    }

    /**
     * Puts the designs of an order in another order.
     *
     * @param ids all of its designs, each once
     * @throws Refused when they are not
     */
    public Kept reorderDesigns(long orderId, List<Long> ids) {
        OrderEntity order = rows.locked(orderId);
        List<DesignEntity> now = rows.designsOf(orderId);
        if (ids.size() != now.size()
                || !new HashSet<>(ids).equals(now.stream().map(DesignEntity::id).collect(Collectors.toSet()))) {
            throw new Refused("designs", "Another tab has added or taken off a design. Look again, then sort them.");
        }
        // Those that are off the tray keep their places between the others, so that they come back to them.
        List<DesignEntity> all = designs.findByOrderIdOrderByPositionAscIdAsc(orderId);
        Iterator<Long> next = ids.iterator();
        for (int place = 0; place < all.size(); place++) {
            DesignEntity there = all.get(place);
            if (there.isRemoved()) {
                there.moveTo(place);
            } else {
                long id = next.next();
                int at = place;
                now.stream().filter(design -> design.id() == id).forEach(design -> design.moveTo(at));
            }
        }
        designs.saveAllAndFlush(all);
        rows.touch(order);
        return rows.kept(order);
    }

    /** The order with more colours in its palette; what is new gets its key. */
    public Kept addColours(long orderId, List<PaletteColour> more) {
        Kept order = rows.kept(rows.locked(orderId));
        List<PaletteColour> palette = new ArrayList<>(order.details().palette());
        palette.addAll(more);
        return change(order, order.details().withPalette(palette), Map.of());
    }

    /**
     * Checks what is wanted of a design, before it is measured.
     *
     * @throws Refused naming the field that is wrong
     */
    public static void check(List<PaletteColour> palette, int count, Design document) {
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
            needColours(document, palette, "moves");
        } catch (Refused refused) {
            throw refused.inside("document");
        }
    }

    /** The same of one that the order does not have yet. */
    public static void checkNew(Kept order, int count, Design document) {
        if (order.designs().size() >= MOST_DESIGNS) {
            throw new Refused("", "An order has at most " + MOST_DESIGNS + " designs.");
        }
        check(order.details().palette(), count, document);
    }

    private static void needCookies(DesignEntity design, int takes) {
        if (design.count() < takes) {
            throw new Refused(
                    "designs." + design.id() + ".count",
                    "%,d of %s are in bundles: take some bundles off first, or make at least so many."
                            .formatted(takes, design.document().name()));
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
}
