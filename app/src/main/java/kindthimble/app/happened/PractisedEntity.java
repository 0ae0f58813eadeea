package kindthimble.app.happened;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** An order that is played in the practice kitchen. */
@Entity
@Table(name = "practised")
class PractisedEntity {
    @Id
    private Long orderId;

    private long seed;
    private long aheadSeconds;
    private boolean beganMixing;

    protected PractisedEntity() {}

    PractisedEntity(long order, long seed) {
        orderId = order;
        this.seed = seed;
    }

    Practising.Play play() {
        return new Practising.Play(seed, aheadSeconds, beganMixing);
    }

    void setAheadSeconds(long seconds) {
        aheadSeconds = seconds;
    }

    void setBeganMixing() {
        beganMixing = true;
    }
}
