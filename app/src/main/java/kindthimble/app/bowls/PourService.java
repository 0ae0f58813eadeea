package kindthimble.app.bowls;

import kindthimble.app.cookie.CookieService;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.pour.Allowance;
import kindthimble.core.pour.CookieSet;
import kindthimble.core.pour.Pouring;
import kindthimble.core.pour.Tally;
import kindthimble.core.shop.ShopSettings;
import org.springframework.stereotype.Service;

/** Works a pour out, each time it is asked for: nothing of it is stored. */
@Service
public class PourService {
    private final CookieService cookies;

    PourService(CookieService cookies) {
        this.cookies = cookies;
    }

    /** What is mixed for a set of measured cookies. */
    public PourView of(CookieSet set, ShopSettings shop, Allowance allowance) {
        BaseRecipe recipe = cookies.recipe();
        return new PourView(
                recipe.name(),
                recipe.curve().ownCountSeconds(),
                new Pouring(shop, recipe, allowance).of(new Tally(recipe, shop.breakagePercent()).of(set)));
    }
}
