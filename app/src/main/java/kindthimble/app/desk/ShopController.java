package kindthimble.app.desk;

import kindthimble.app.history.Patch;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/shop")
class ShopController {
    private final ShopDesk shop;

    ShopController(ShopDesk shop) {
        this.shop = shop;
    }

    @GetMapping
    ShopDesk.ShopView shop() {
        return shop.view();
    }

    /** Changes of settings, recipes, bottles and stock, place by place. */
    @PatchMapping
    ShopDesk.ShopView change(@RequestBody Patch patch) {
        return shop.change(patch);
    }

    @PostMapping("/undo")
    ShopDesk.ShopUndone undo() {
        return shop.undo();
    }

    @PostMapping("/redo")
    ShopDesk.ShopUndone redo() {
        return shop.redo();
    }
}
