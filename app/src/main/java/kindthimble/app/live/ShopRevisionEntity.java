package kindthimble.app.live;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** How often what belongs to the shop has changed. */
@Entity
@Table(name = "shop_revision")
class ShopRevisionEntity {
    static final long ONLY = 1;

    @Id
    private long id = ONLY;

    private long revision;

    protected ShopRevisionEntity() {}

    long revision() {
        return revision;
    }

    void next() {
        revision++;
    }
}
