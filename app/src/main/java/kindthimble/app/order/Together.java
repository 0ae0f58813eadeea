package kindthimble.app.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which orders are mixed as one. One of them leads: the mixing goes by its number. */
@Service
@Transactional
public class Together {
    private final OrderRepository orders;
    private final OrderRows rows;

    Together(OrderRepository orders, OrderRows rows) {
        this.orders = orders;
        this.rows = rows;
    }

    /** What is known of all orders without their designs. */
    @Transactional(readOnly = true)
    public List<OrderSummary> summaries() {
        return orders.summaries();
    }

    /** What an order is called, with those that are mixed with it. */
    @Transactional(readOnly = true)
    public String name(long id) {
        OrderEntity order = rows.stored(id);
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
        OrderEntity order = rows.stored(id);
        return order.mixedInto() == null ? id : order.mixedInto();
    }

    /** Numbers of all orders that are mixed with one, its own with them. */
    @Transactional(readOnly = true)
    public List<Long> numbers(long id) {
        return rows.mixed(rows.stored(id)).stream().map(OrderEntity::id).toList();
    }

    /** All orders that are mixed with one, that one with them; the leading one first. */
    @Transactional(readOnly = true)
    public List<Kept> mixedWith(long id) {
        return rows.mixed(rows.stored(id)).stream().map(rows::kept).toList();
    }

    /** The same of one that has been read already. */
    @Transactional(readOnly = true)
    public List<Kept> mixedWith(Kept order) {
        return rows.mixed(rows.stored(order.id())).stream()
                .map(one -> one.id() == order.id() ? order : rows.kept(one))
                .toList();
    }

    /**
     * Makes one mixing of those of two orders: base and allowance are then those of the order that leads it.
     *
     * @param leading the order whose mixing the other's joins
     * @return how those that joined were mixed before, by their numbers
     */
    public Map<Long, MixedAs> mixTogether(long leading, long other) {
        rows.lock(leading, other);
        OrderEntity leader = rows.locked(leading(leading));
        long joining = leading(other);
        Map<Long, MixedAs> before = new LinkedHashMap<>();
        if (joining == leader.id()) {
            return before;
        }
        List<OrderEntity> more = new ArrayList<>(orders.findByMixedInto(joining));
        more.add(orders.findById(joining).orElseThrow());
        more.forEach(order -> {
            before.put(order.id(), order.mixedAs());
            order.mixInto(leader.id());
            order.mixLike(leader);
        });
        orders.saveAllAndFlush(more);
        rows.touch(leader);
        return before;
    }

    /**
     * Takes an order out of its mixing; the others stay together.
     *
     * @return how those that were mixed with it were mixed before, itself too, by their numbers
     */
    public Map<Long, MixedAs> part(long id) {
        OrderEntity order = rows.locked(id);
        rows.touch(order);
        List<OrderEntity> others = new ArrayList<>(orders.findByMixedInto(id));
        Map<Long, MixedAs> before = new LinkedHashMap<>();
        others.forEach(one -> before.put(one.id(), one.mixedAs()));
        before.put(id, order.mixedAs());
        if (!others.isEmpty()) {
            OrderEntity next =
                    others.stream().filter(one -> !one.isRemoved()).findFirst().orElse(others.get(0));
            others.forEach(one -> one.mixInto(one == next ? null : next.id()));
        }
        order.mixInto(null);
        others.add(order);
        orders.saveAllAndFlush(others);
        return before;
    }

    /** How an order is mixed now. */
    @Transactional(readOnly = true)
    public MixedAs mixedAs(long id) {
        return rows.stored(id).mixedAs();
    }

    /** Has an order mixed as it was at another time. */
    public void mixAs(long id, MixedAs as) {
        OrderEntity order = rows.locked(id);
        rows.touch(order);
        order.mix(as);
        orders.saveAndFlush(order);
        rows.touch(order);
    }
}
