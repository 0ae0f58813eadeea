package kindthimble.app.mixing;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** That a mixing has started, and by which plan; its number is that of the order that leads it. */
@Entity
@Table(name = "mixing")
class MixingEntity {
    @Id
    private long orderId;

    private Instant startedAt;

    @JdbcTypeCode(SqlTypes.JSON)
    private String frozen;

    protected MixingEntity() {}

    MixingEntity(long orderId, Instant startedAt, String frozen) {
        this.orderId = orderId;
        this.startedAt = startedAt;
        this.frozen = frozen;
    }

    long orderId() {
        return orderId;
    }

    Instant startedAt() {
        return startedAt;
    }

    String frozen() {
        return frozen;
    }
}
