package kindthimble.app.history;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One step of the history of an order, or of the shop where that is null. */
@Entity
@Table(name = "step")
class StepEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private Long orderId;
    private Instant at;
    private String gesture;

    @JdbcTypeCode(SqlTypes.JSON)
    private String edits;

    private boolean undone;

    protected StepEntity() {}

    StepEntity(Long orderId, Instant at, String gesture, String edits) {
        this.orderId = orderId;
        this.at = at;
        this.gesture = gesture;
        this.edits = edits;
    }

    boolean isOf(String otherGesture) {
        return gesture != null && gesture.equals(otherGesture) && !undone;
    }

    String edits() {
        return edits;
    }

    void set(Instant newAt, String newEdits) {
        at = newAt;
        edits = newEdits;
    }

    void setUndone(boolean isUndone) {
        undone = isUndone;
    }
}
