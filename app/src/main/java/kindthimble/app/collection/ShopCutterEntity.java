package kindthimble.app.collection;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kindthimble.core.geometry.Across;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A cutter of the shop's own. */
@Entity
@Table(name = "shop_cutter")
class ShopCutterEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private UUID uid;
    private String name;
    private String path;

    @Enumerated(EnumType.STRING)
    private Across across;

    private double sizeMm;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> tags;

    private Instant removedAt;

    protected ShopCutterEntity() {}

    ShopCutterEntity(UUID uid) {
        this.uid = uid;
    }

    void set(ShopCutter cutter) {
        name = cutter.name();
        path = cutter.path();
        across = cutter.across();
        sizeMm = cutter.sizeMm();
        tags = cutter.tags();
    }

    ShopCutter cutter() {
        return new ShopCutter(id, uid, name, path, across, sizeMm, tags);
    }

    String path() {
        return path;
    }

    boolean isRemoved() {
        return removedAt != null;
    }

    void remove(Instant at) {
        removedAt = at;
    }

    void restore() {
        removedAt = null;
    }
}
