package kindthimble.app.shop;

import kindthimble.app.http.Stale;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the shop's own numbers; a new shop starts with the house defaults. */
@Service
@Transactional
public class ShopService {
    private final ShopRepository shops;

    ShopService(ShopRepository shops) {
        this.shops = shops;
    }

    /** The shop's numbers as they stand. */
    @Transactional(readOnly = true)
    public ShopSettings settings() {
        return shops.findById(ShopEntity.ONLY).map(ShopEntity::settings).orElseGet(HouseDefaults::shop);
    }

    ShopView view() {
        ShopEntity shop = shops.findById(ShopEntity.ONLY)
                .orElseGet(() -> shops.saveAndFlush(new ShopEntity(HouseDefaults.shop())));
        return new ShopView(shop.version(), shop.settings());
    }

    ShopView save(ShopView wanted) {
        wanted.settings().check();
        view();
        ShopEntity shop = shops.findById(ShopEntity.ONLY).orElseThrow();
        Stale.check("shop", wanted.version(), shop.version());
        shop.set(wanted.settings());
        shops.saveAndFlush(shop);
        return new ShopView(shop.version(), shop.settings());
    }

    /**
     * @param version of the row, to be sent back with a change
     * @param settings the shop's numbers
     */
    record ShopView(int version, ShopSettings settings) {}
}
