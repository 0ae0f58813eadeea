package kindthimble.app.live;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Supplier;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What every plan reads of the shop, remembered until the shop has changed: under the shop's revision, so that one application sees at once
 * what another has stored.
 */
@Component
public class ShopMemory {
    private static final int REMEMBERED = 200;

    private final ShopRevision revision;
    private final Cache<Key, Object> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    ShopMemory(ShopRevision revision) {
        this.revision = revision;
    }

    private record Key(long revision, Object what) {}

    @EventListener(DatabaseReturned.class)
    void forget() {
        known.invalidateAll();
    }

    /**
     * @param what names it, and is equal for nothing else
     * @param read finds it in the database; not called where it is remembered, and its refusals are not
     * @param <T> something that never changes
     */
    public <T> T of(Object what, Supplier<T> read) {
        if (revision.isChangingHere()) {
            // What is not stored yet may be taken back: nobody else must hear of it.
            return read.get();
        }
        Key key = new Key(revision.now(), what);
        @SuppressWarnings("unchecked")
        T remembered = (T) known.getIfPresent(key);
        if (remembered != null) {
            return remembered;
        }
        T found = read.get();
        if (revision.stillIs(key.revision())) {
            known.put(key, found);
        }
        return found;
    }
}
