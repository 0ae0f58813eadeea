package kindthimble.app.order;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.cookie.Kitchen;
import kindthimble.app.exchange.PaletteFiles;
import kindthimble.app.http.NotThere;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.design.Seeing;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The colours of orders. */
@Service
@Transactional(readOnly = true)
class ColourService {
    private static final int MOST_PAST = 200;

    private final OrderRepository orders;
    private final DesignRepository designs;
    private final OrderPlanner planner;
    private final CookieService cookies;

    ColourService(OrderRepository orders, DesignRepository designs, OrderPlanner planner, CookieService cookies) {
        this.orders = orders;
        this.designs = designs;
        this.planner = planner;
        this.cookies = cookies;
    }

    /**
     * A colour of an order.
     *
     * @param name what it was called
     * @param hex {@code #RRGGBB}
     * @param order the order's number
     * @param orderName its name
     */
    public record PastColour(String name, String hex, long order, String orderName) {}

    /**
     * Whether a design can be seen.
     *
     * @param design its number
     * @param name of the design
     * @param seeing what is hard to see on it
     */
    public record SeeingView(long design, String name, Seeing seeing) {}

    /** Colours of all orders, the latest hand-over first; each name and colour once. */
    List<PastColour> past() {
        List<OrderEntity> latest = new ArrayList<>(orders.findByRemovedAtIsNullOrderByHandOverAscIdAsc());
        Collections.reverse(latest);
        Set<String> told = new HashSet<>();
        List<PastColour> past = new ArrayList<>();
        for (OrderEntity order : latest) {
            for (PaletteColour colour : order.details().palette()) {
                if (past.size() < MOST_PAST && told.add(colour.name() + colour.hex())) {
                    past.add(new PastColour(
                            colour.name(),
                            colour.hex(),
                            order.id(),
                            order.details().name()));
                }
            }
        }
        return past;
    }

    /** The palette of an order, as a file has it. */
    PaletteFiles.PaletteFile palette(long order) {
        OrderDetails details = stored(order).details();
        return new PaletteFiles.PaletteFile(
                details.name(),
                details.palette().stream()
                        .map(colour -> new PaletteFiles.Named(colour.name(), colour.hex()))
                        .toList());
    }

    /** Each design of an order that can be measured. */
    List<SeeingView> seeing(long id) {
        OrderEntity order = stored(id);
        Kitchen kitchen = planner.kitchen(order.details());
        List<SeeingView> views = new ArrayList<>();
        for (DesignEntity design : designs.findByOrderIdAndRemovedAtIsNullOrderByPositionAscIdAsc(id)) {
            try {
                views.add(new SeeingView(
                        design.id(),
                        design.document().name(),
                        Seeing.of(
                                cookies.measure(design.document(), kitchen),
                                order.details().looks())));
            } catch (Refused refused) {
                continue; // What can't be measured has its sentence on Cookie.
            }
        }
        return views;
    }

    private OrderEntity stored(long id) {
        return orders.findById(id).filter(order -> !order.isRemoved()).orElseThrow(() -> new NotThere("order"));
    }
}
