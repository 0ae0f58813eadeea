package kindthimble.app.shop;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import kindthimble.core.notebook.Learnt;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What plans take from the notebook. */
@Entity
@Table(name = "learnt")
class LearntEntity {
    static final long ONLY = 1;

    @Id
    private long id = ONLY;

    @JdbcTypeCode(SqlTypes.JSON)
    private Learnt document = Learnt.NOTHING;

    Learnt learnt() {
        return document;
    }

    void set(Learnt wanted) {
        document = wanted;
    }
}
