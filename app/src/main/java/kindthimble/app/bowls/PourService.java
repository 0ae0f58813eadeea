package kindthimble.app.bowls;

import java.util.ArrayList;
import java.util.List;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.order.DesignView;
import kindthimble.app.order.OrderService;
import kindthimble.app.order.OrderView;
import kindthimble.app.shop.ShopService;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.pour.CookieSet;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Pouring;
import kindthimble.core.pour.Tally;
import kindthimble.core.shop.ShopSettings;
import org.springframework.stereotype.Service;

/** Works the pour of an order out, from what is stored, each time it is asked for. */
@Service
class PourService {
    private final OrderService orders;
    private final ShopService shop;
    private final CookieService cookies;

    PourService(OrderService orders, ShopService shop, CookieService cookies) {
        this.orders = orders;
        this.shop = shop;
        this.cookies = cookies;
    }

    /**
     * @throws Refused when a design can't be measured with the shop's numbers
     */
    PourView of(long orderId) {
        return of(orders.order(orderId));
    }

    PourView of(OrderView order) {
        ShopSettings settings = shop.settings();
        BaseRecipe recipe = cookies.recipe();
        List<CookieSet.Line> lines = new ArrayList<>();
        for (DesignView design : order.designs()) {
            if (design.trouble() != null) {
                throw new Refused("", design.document().name() + ": " + design.trouble());
            }
            lines.add(new CookieSet.Line(
                    Long.toString(design.id()),
                    cookies.measure(design.document(), settings, order.details().floodSeconds()),
                    design.count()));
        }
        Pour pour = new Pouring(settings, recipe, order.details().extra().allowance())
                .of(new Tally(recipe, settings.breakagePercent()).of(new CookieSet(lines)));
        return new PourView(recipe.name(), recipe.curve().ownCountSeconds(), pour);
    }

    /**
     * @param recipe name of the base
     * @param baseCountSeconds how stiff the base comes out
     * @param pour what is mixed
     */
    record PourView(String recipe, double baseCountSeconds, Pour pour) {}
}
