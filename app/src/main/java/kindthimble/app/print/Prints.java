package kindthimble.app.print;

import kindthimble.app.mixing.MixingService;
import kindthimble.app.order.Together;
import kindthimble.app.shop.ShopService;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;

/** The sheets of an order. */
@Service
public class Prints {
    private final MixingService mixing;
    private final Together orders;
    private final ShopService shop;

    Prints(MixingService mixing, Together orders, ShopService shop) {
        this.mixing = mixing;
        this.orders = orders;
        this.shop = shop;
    }

    /** PDF. */
    public byte[] mixingSheet(long order) {
        return MixingSheet.of(name(order), mixing.view(order), shop.settings());
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
            throw new Refused(
                    "sheet", "There is no such sheet of labels. Take 14, 21 or 24 to a sheet, or plain paper.");
        }
        return BagLabels.of(
                name(order), mixing.view(order).pour(), laid, shop.settings().words());
    }

    /** PDF. */
    public byte[] shopping(long order) {
        return ShoppingSheet.pdf(name(order), mixing.view(order).shopping());
    }

    /** CSV. */
    public String shoppingTable(long order) {
        return ShoppingSheet.csv(mixing.view(order).shopping());
    }

    private String name(long order) {
        return orders.name(order);
    }
}
