package kindthimble.app.live;

import kindthimble.app.http.Stale;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One number for all that belongs to the shop: its settings, recipes, gels, shelf and library. Every change counts it up. */
@Service
@Transactional
public class ShopRevision {
    private final ShopRevisionRepository revisions;
    private final ApplicationEventPublisher events;

    ShopRevision(ShopRevisionRepository revisions, ApplicationEventPublisher events) {
        this.revisions = revisions;
        this.events = events;
    }

    @Transactional(readOnly = true)
    public long now() {
        return revisions.findById(ShopRevisionEntity.ONLY).orElseThrow().revision();
    }

    /**
     * Nobody else changes anything of the shop until this transaction ends.
     *
     * @throws Stale when somebody has since the caller looked
     */
    public void needFresh(long revision) {
        Stale.check("shop", revision, revisions.forChange().revision());
    }

    /** Nobody else changes anything of the shop until this transaction ends. */
    public void hold() {
        revisions.forChange();
    }

    /** Counts a change, and tells the pages once it is stored. */
    public void touch() {
        ShopRevisionEntity shop = revisions.forChange();
        shop.next();
        events.publishEvent(new Changed(null, shop.revision()));
    }
}
