package kindthimble.app.shop;

import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.move.Move;
import kindthimble.core.shop.HouseRecipes;
import kindthimble.core.shop.ShopSettings;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ShopController {
    private final ShopService shop;

    ShopController(ShopService shop) {
        this.shop = shop;
    }

    @GetMapping("/shop")
    ShopService.ShopView shop() {
        return shop.view();
    }

    @PutMapping("/shop")
    ShopService.ShopView save(@RequestBody ShopService.ShopView wanted) {
        if (wanted.settings() == null) {
            throw new Refused("settings", "Send the shop's numbers.");
        }
        return shop.save(wanted);
    }

    /** What can be planned: the kinds of moves and cutters, and the shop's numbers with their words and ranges. */
    @GetMapping("/catalogue")
    CatalogueView catalogue() {
        return new CatalogueView(
                Catalogue.of(Move.class),
                Catalogue.of(CutterShape.class),
                Catalogue.parametersOf(ShopSettings.class),
                HouseRecipes.ALL.stream().map(BaseRecipe::key).toList());
    }

    record CatalogueView(List<Kind> moves, List<Kind> cutters, List<Kind.Parameter> shop, List<String> houseRecipes) {}
}
