package kindthimble.app.shop;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The one shop of this installation. */
@Entity
@Table(name = "shop")
class ShopEntity {
    static final long ONLY = 1;

    @Id
    private long id = ONLY;

    @Version
    private int version;

    /** As {@link ShopJson} writes it. */
    @JdbcTypeCode(SqlTypes.JSON)
    private String document;

    protected ShopEntity() {}

    ShopEntity(String document) {
        this.document = document;
    }

    int version() {
        return version;
    }

    String document() {
        return document;
    }

    void set(String wanted) {
        document = wanted;
    }
}
