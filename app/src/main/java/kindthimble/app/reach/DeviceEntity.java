package kindthimble.app.reach;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A device that was let in. */
@Entity
@Table(name = "device")
class DeviceEntity {
    @Id
    private String id;

    private String name;
    private Instant pairedAt;

    protected DeviceEntity() {}

    DeviceEntity(String id, String name, Instant pairedAt) {
        this.id = id;
        this.name = name;
        this.pairedAt = pairedAt;
    }

    String id() {
        return id;
    }

    String name() {
        return name;
    }

    Instant pairedAt() {
        return pairedAt;
    }

    void setName(String other) {
        name = other;
    }
}
