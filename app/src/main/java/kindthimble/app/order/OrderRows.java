package kindthimble.app.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import kindthimble.app.http.NotThere;
import kindthimble.app.live.Changed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Orders and designs as they are found and counted: what all services of this package do with the rows. */
@Component
class OrderRows {
    private final OrderRepository orders;
    private final DesignRepository designs;
    private final ApplicationEventPublisher events;

    OrderRows(OrderRepository orders, DesignRepository designs, ApplicationEventPublisher events) {
        this.orders = orders;
        this.designs = designs;
        this.events = events;
    }

    /**
     * @throws NotThere when there is no such order, or it is removed
     */
    OrderEntity stored(long id) {
        return orders.findById(id).filter(order -> !order.isRemoved()).orElseThrow(() -> new NotThere("order"));
    }

    /** The same; nobody else changes it, or what is mixed with it, until the transaction ends. */
    OrderEntity locked(long id) {
        lock(id);
        return orders.forChange(id).filter(order -> !order.isRemoved()).orElseThrow(() -> new NotThere("order"));
    }

    /** Nobody else changes some orders, or what is mixed with them, until the transaction ends: locked all at once, by their numbers. */
    void lock(Long... ids) {
        orders.lockGroups(List.of(ids));
    }

    List<DesignEntity> designsOf(long orderId) {
        return designs.findByOrderIdAndRemovedAtIsNullOrderByPositionAscIdAsc(orderId);
    }

    /** All orders that are mixed with one, that one with them; the leading one first. */
    List<OrderEntity> mixed(OrderEntity order) {
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

    /** Counts a change of an order and of all that are mixed with it, and tells the pages once it is stored. */
    void touch(OrderEntity order) {
        lock(order.id());
        touch(mixed(order));
    }

    void touch(List<OrderEntity> all) {
        all.forEach(one -> {
            one.touch();
            events.publishEvent(new Changed(one.id(), one.revision()));
        });
        orders.saveAllAndFlush(all);
    }

    Kept kept(OrderEntity order) {
        return kept(order, designsOf(order.id()));
    }

    /** Several orders: their designs are read at once. */
    List<Kept> kept(List<OrderEntity> several) {
        Map<Long, List<DesignEntity>> tray = designs
                .findByOrderIdInAndRemovedAtIsNullOrderByPositionAscIdAsc(
                        several.stream().map(OrderEntity::id).toList())
                .stream()
                .collect(Collectors.groupingBy(DesignEntity::orderId));
        return several.stream()
                .map(order -> kept(order, tray.getOrDefault(order.id(), List.of())))
                .toList();
    }

    Kept kept(OrderEntity order, List<DesignEntity> tray) {
        return new Kept(
                order.id(),
                order.revision(),
                order.details(),
                tray.stream().map(OrderRows::kept).toList());
    }

    static Kept.KeptDesign kept(DesignEntity design) {
        return new Kept.KeptDesign(design.id(), design.count(), design.document());
    }
}
