package kindthimble.app.live;

import kindthimble.app.http.Stale;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

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
        Stale.check("shop", revision, held().revision());
    }

    /** Nobody else changes anything of the shop until this transaction ends. */
    public void hold() {
        held();
    }

    /** Counts a change, and tells the pages once it is stored. */
    public void touch() {
        ShopRevisionEntity shop = held();
        shop.next();
        events.publishEvent(new Changed(null, shop.revision()));
    }

    /** Whether this transaction changes something of the shop, or is about to. */
    @Transactional(propagation = Propagation.SUPPORTS)
    boolean isChangingHere() {
        return TransactionSynchronizationManager.hasResource(this);
    }

    /** Whether the shop has this revision in the database at this moment, as far as this transaction may see. */
    @Transactional(readOnly = true)
    boolean stillIs(long revision) {
        return revisions.stored() == revision;
    }

    private ShopRevisionEntity held() {
        if (!TransactionSynchronizationManager.hasResource(this)) {
            TransactionSynchronizationManager.bindResource(this, true);
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    TransactionSynchronizationManager.unbindResourceIfPossible(ShopRevision.this);
                }
            });
        }
        return revisions.forChange();
    }
}
