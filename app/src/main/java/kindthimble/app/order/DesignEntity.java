package kindthimble.app.order;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import kindthimble.core.design.Design;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** A design of an order and how many of it; the design itself is one JSON document. */
@Entity
@Table(name = "design")
class DesignEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    private long orderId;
    private int position;
    private int count;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private Design document;

    private Instant removedAt;

    protected DesignEntity() {}

    DesignEntity(long orderId, int position, int count, Design document) {
        this.orderId = orderId;
        this.position = position;
        this.count = count;
        this.document = document;
    }

    void set(int newCount, Design newDocument) {
        count = newCount;
        document = newDocument;
    }

    void moveTo(int newPosition) {
        position = newPosition;
    }

    long id() {
        return id;
    }

    long orderId() {
        return orderId;
    }

    int position() {
        return position;
    }

    int count() {
        return count;
    }

    Design document() {
        return document;
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
