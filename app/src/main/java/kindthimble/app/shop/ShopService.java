package kindthimble.app.shop;

import kindthimble.app.live.ShopMemory;
import kindthimble.app.live.ShopRevision;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Refused;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the shop's own settings; a new shop starts with the house's. */
@Service
@Transactional
public class ShopService {
    private final ShopRepository shops;
    private final ShopJson json;
    private final ShopRevision revision;
    private final LearntFigures learnt;
    private final ShopMemory memory;

    ShopService(ShopRepository shops, ShopJson json, ShopRevision revision, LearntFigures learnt, ShopMemory memory) {
        this.shops = shops;
        this.learnt = learnt;
        this.memory = memory;
        this.revision = revision;
        this.json = json;
    }

    /** A new shop gets its row at once: what is there is looked up once in a transaction, what is not each time. */
    @EventListener(ApplicationStartedEvent.class)
    void open() {
        stored();
    }

    /** What everything is planned with: the shop's settings, and what its notebook has learnt where it has not set a figure itself. */
    @Transactional(readOnly = true)
    public ShopSettings settings() {
        return memory.of(ShopSettings.class, () -> learnt.now().in(own()));
    }

    /** The shop's settings as it has set them, without what was learnt. */
    @Transactional(readOnly = true)
    public ShopSettings own() {
        return shops.findById(ShopEntity.ONLY)
                .map(shop -> json.read(shop.document()))
                .orElseGet(ShopSettings::house);
    }

    /**
     * @throws Refused when a number is out of its range
     */
    public void save(ShopSettings wanted) {
        ShopSettings settings = wanted.with(wanted.habits().kept());
        try {
            settings.check();
        } catch (Refused refused) {
            throw refused.inside("settings");
        }
        ShopEntity shop = stored();
        shop.set(json.written(settings));
        shops.saveAndFlush(shop);
        revision.touch();
    }

    /** The settings as a document of their own, of whose figures only those are there that are not the house's. */
    public String document(ShopSettings settings) {
        return json.written(settings);
    }

    /** The settings that such a document holds. */
    public ShopSettings settings(String document) {
        return json.read(document);
    }

    private ShopEntity stored() {
        return shops.findById(ShopEntity.ONLY)
                .orElseGet(() -> shops.saveAndFlush(new ShopEntity(json.written(ShopSettings.house()))));
    }
}
