package kindthimble.app.shop;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What plans take from the notebook: means by the names of figures. */
@Entity
@Table(name = "learnt")
class LearntEntity {
    static final long ONLY = 1;

    @Id
    private long id = ONLY;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, Double> document = Map.of();

    Map<String, Double> means() {
        return document;
    }

    void set(Map<String, Double> means) {
        document = means;
    }
}
