package kindthimble.app.shop;

import kindthimble.app.http.Stale;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the shop's own settings; a new shop starts with the house's. */
@Service
@Transactional
public class ShopService {
    private final ShopRepository shops;
    private final ShopJson json;

    ShopService(ShopRepository shops, ShopJson json) {
        this.shops = shops;
        this.json = json;
    }

    /** The shop's settings as they stand. */
    @Transactional(readOnly = true)
    public ShopSettings settings() {
        return shops.findById(ShopEntity.ONLY)
                .map(shop -> json.read(shop.document()))
                .orElseGet(ShopSettings::house);
    }

    ShopView view() {
        return view(stored());
    }

    /**
     * @throws Refused when a number is out of its range
     */
    ShopView save(ShopView wanted) {
        ShopSettings settings =
                wanted.settings().with(wanted.settings().habits().kept());
        try {
            settings.check();
        } catch (Refused refused) {
            throw refused.inside("settings");
        }
        ShopEntity shop = stored();
        Stale.check("shop", wanted.version(), shop.version());
        shop.set(json.written(settings));
        return view(shops.saveAndFlush(shop));
    }

    private ShopEntity stored() {
        return shops.findById(ShopEntity.ONLY)
                .orElseGet(() -> shops.saveAndFlush(new ShopEntity(json.written(ShopSettings.house()))));
    }

    private ShopView view(ShopEntity shop) {
        return new ShopView(shop.version(), json.read(shop.document()));
    }

    /**
     * @param version of the row, to be sent back with a change
     * @param settings the shop's
     */
    record ShopView(int version, ShopSettings settings) {}
}
