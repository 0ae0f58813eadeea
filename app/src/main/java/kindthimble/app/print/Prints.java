package kindthimble.app.print;

import java.time.LocalDateTime;
import kindthimble.app.mixing.MixingService;
import kindthimble.app.order.Orders;
import kindthimble.app.order.Together;
import kindthimble.app.shop.ShopService;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;

/** The sheets of an order. */
@Service
public class Prints {
    private final MixingService mixing;
    private final Orders orders;
    private final Together together;
    private final ShopService shop;

    Prints(MixingService mixing, Orders orders, Together together, ShopService shop) {
        this.mixing = mixing;
        this.orders = orders;
        this.together = together;
        this.shop = shop;
    }

    /** PDF. */
    public byte[] mixingSheet(long order) {
        return MixingSheet.of(printed(order), mixing.view(order), shop.settings());
    }

    /**
     * PDF.
     *
     * @param sheet name of a {@link BagLabels.Sheet}
     * @throws Refused when there is no such sheet
     */
    public byte[] bagLabels(long order, String sheet) {
        BagLabels.Sheet laid;
        try {
            laid = BagLabels.Sheet.valueOf(sheet);
        } catch (IllegalArgumentException e) {
            throw new Refused("sheet", "There is no such sheet of labels. Take one of the list, or plain paper.");
        }
        return BagLabels.of(printed(order), mixing.view(order).pour(), laid, shop.settings());
    }

    /** PDF. */
    public byte[] shopping(long order) {
        return ShoppingSheet.pdf(printed(order), mixing.view(order).shopping(), shop.settings());
    }

    /** CSV. */
    public String shoppingTable(long order) {
        return ShoppingSheet.csv(mixing.view(order).shopping(), shop.settings());
    }

    /**
     * What stands on each page.
     *
     * @param name of the order, with those that are mixed with it
     * @param handOver when it is fetched
     */
    record Printed(String name, LocalDateTime handOver) {
        String foot(Written w) {
            return name + "  -  hand-over " + w.when(handOver);
        }
    }

    private Printed printed(long order) {
        return new Printed(together.name(order), orders.order(order).details().handOver());
    }
}
