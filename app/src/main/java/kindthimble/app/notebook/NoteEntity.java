package kindthimble.app.notebook;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A note by hand, as it was written. */
@Entity
@Table(name = "note")
class NoteEntity {
    @Id
    private String id;

    /** In the order of their arrival. */
    @Column(insertable = false, updatable = false)
    private Long seq;

    private Instant received;

    /** As {@link NoteJson} reads it. */
    @JdbcTypeCode(SqlTypes.JSON)
    private String document;

    private String insteadOf;
    private boolean removed;

    protected NoteEntity() {}

    NoteEntity(String id, Instant received, String document, @Nullable String insteadOf) {
        this.id = id;
        this.received = received;
        this.document = document;
        this.insteadOf = insteadOf;
    }

    String id() {
        return id;
    }

    String document() {
        return document;
    }

    @Nullable
    String insteadOf() {
        return insteadOf;
    }

    boolean isRemoved() {
        return removed;
    }

    void setRemoved(boolean wanted) {
        removed = wanted;
    }
}
