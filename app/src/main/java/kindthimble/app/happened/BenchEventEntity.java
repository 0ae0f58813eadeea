package kindthimble.app.happened;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import kindthimble.core.bench.Against;
import kindthimble.core.bench.BenchEvent;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One press at the bench. */
@Entity
@Immutable
@Table(name = "bench_event")
class BenchEventEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long seq;

    private String id;
    private long orderId;
    private Instant at;
    private String device;

    @Enumerated(EnumType.STRING)
    private BenchEvent.Pressed what;

    private String step;
    private double amount;
    private String words;
    private boolean practised;

    @JdbcTypeCode(SqlTypes.JSON)
    private Against against;

    protected BenchEventEntity() {}

    BenchEvent event() {
        return new BenchEvent(id, at, device, what, step, amount, words);
    }

    /** With what plan it was pressed against: what the notebook reads. */
    BenchEvent whole() {
        return new BenchEvent(id, at, device, what, step, amount, words, against);
    }
}
