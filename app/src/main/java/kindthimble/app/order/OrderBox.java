package kindthimble.app.order;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindthimble.core.design.Design;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Orders as they go from one shop to another: known by an identity that stays the same wherever they are. */
@Service
@Transactional
public class OrderBox {
    private static final String CAME_AGAIN = " (brought in)";

    private final OrderRepository orders;
    private final DesignRepository designs;
    private final OrderRows rows;
    private final Clock clock;

    OrderBox(OrderRepository orders, DesignRepository designs, OrderRows rows, Clock clock) {
        this.orders = orders;
        this.designs = designs;
        this.rows = rows;
        this.clock = clock;
    }

    /**
     * An order with its designs.
     *
     * @param uid its identity
     * @param archived whether it was put away
     * @param details what is said of it
     * @param designs on its tray, in order
     */
    public record Boxed(UUID uid, boolean archived, OrderDetails details, List<Piece> designs) {
        public Boxed {
            designs = designs == null ? List.of() : List.copyOf(designs);
        }

        /**
         * The same, tidied and complete.
         *
         * @throws Refused naming the first field that is wrong
         */
        public Boxed checked() {
            if (uid == null || details == null) {
                throw new Refused("uid", "An order has a uid and details.");
            }
            OrderDetails tidy = details.checked();
            for (int i = 0; i < designs.size(); i++) {
                try {
                    Orders.check(
                            tidy.palette(),
                            designs.get(i).count(),
                            designs.get(i).document());
                } catch (Refused refused) {
                    throw refused.inside("designs[" + i + "]");
                }
            }
            if (designs.size() > Orders.MOST_DESIGNS) {
                throw new Refused("designs", "An order has at most " + Orders.MOST_DESIGNS + " designs.");
            }
            return new Boxed(uid, archived, tidy, designs);
        }
    }

    /**
     * @param count how many are handed over
     * @param document the design
     */
    public record Piece(int count, Design document) {}

    /** All that are not removed, by hand-over. */
    @Transactional(readOnly = true)
    public List<Boxed> all() {
        List<OrderEntity> all = orders.withPalettes();
        List<Kept> kept = rows.kept(all);
        return IntStream.range(0, all.size())
                .mapToObj(i -> boxed(all.get(i), kept.get(i)))
                .toList();
    }

    private static Boxed boxed(OrderEntity order, Kept kept) {
        List<String> numbers = kept.designs().stream()
                .map(design -> Long.toString(design.id()))
                .toList();
        return new Boxed(
                order.uid(),
                order.isArchived(),
                // Numbers are this shop's: in a box designs go by their places.
                kept.details()
                        .renumbered(
                                number -> numbers.contains(number) ? Integer.toString(numbers.indexOf(number)) : null),
                kept.designs().stream()
                        .map(design -> new Piece(design.count(), design.document()))
                        .toList());
    }

    /** Puts an order in: in the place of the one of the same identity, where there is one. */
    public void put(Boxed wanted) {
        Boxed boxed = wanted.checked();
        OrderEntity order = orders.findByUid(boxed.uid()).orElseGet(() -> new OrderEntity(boxed.uid()));
        order.set(boxed.details());
        order.restore();
        order.archive(boxed.archived() ? clock.instant() : null);
        OrderEntity stored = orders.saveAndFlush(order);
        List<DesignEntity> before = rows.designsOf(stored.id());
        before.forEach(design -> design.remove(clock.instant()));
        designs.saveAllAndFlush(before);
        int first = designs.countByOrderId(stored.id());
        Map<String, String> numbers = new HashMap<>();
        for (int i = 0; i < boxed.designs().size(); i++) {
            Piece piece = boxed.designs().get(i);
            numbers.put(
                    Integer.toString(i),
                    Long.toString(
                            designs.save(new DesignEntity(stored.id(), first + i, piece.count(), piece.document()))
                                    .id()));
        }
        designs.flush();
        stored.set(boxed.details().renumbered(numbers::get));
        orders.saveAndFlush(stored);
        rows.touch(stored);
    }

    /** Puts an order in beside the one of the same identity, under a name that tells them apart. */
    public void putBeside(Boxed wanted) {
        String name = wanted.details().name();
        int longest = OrderDetails.LONGEST_NAME - CAME_AGAIN.length();
        String cut = name.length() > longest ? name.substring(0, longest) : name;
        put(new Boxed(
                UUID.randomUUID(), wanted.archived(), wanted.details().named(cut + CAME_AGAIN), wanted.designs()));
    }

    /** All by their identity. */
    @Transactional(readOnly = true)
    public Map<UUID, Boxed> byUid() {
        return all().stream().collect(Collectors.toMap(Boxed::uid, boxed -> boxed));
    }
}
