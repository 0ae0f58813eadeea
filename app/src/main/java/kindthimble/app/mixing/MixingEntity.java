package kindthimble.app.mixing;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** That an order is being mixed, and by which plan. */
@Entity
@Table(name = "mixing")
class MixingEntity {
    @Id
    private long orderId;

    private Instant startedAt;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private Frozen frozen;

    protected MixingEntity() {}

    MixingEntity(long orderId, Instant startedAt, Frozen frozen) {
        this.orderId = orderId;
        this.startedAt = startedAt;
        this.frozen = frozen;
    }

    Instant startedAt() {
        return startedAt;
    }

    Frozen frozen() {
        return frozen;
    }
}
