package kindthimble.app.tint;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A bottle of gel on the shelf. */
@Entity
@Table(name = "gel")
class GelEntity {
    @Id
    private String gelKey;

    private String name;
    private String reference;
    private double dropsLeft;
    private double bottleDrops;
    private Double price;
    private int position;
    private Instant removedAt;

    protected GelEntity() {}

    GelEntity(String gelKey, String reference, int position) {
        this.gelKey = gelKey;
        this.reference = reference;
        this.position = position;
    }

    void set(GelService.Bottle bottle) {
        name = bottle.name().strip();
        dropsLeft = bottle.dropsLeft();
        bottleDrops = bottle.bottleDrops();
        price = bottle.price();
    }

    void remove(Instant at) {
        removedAt = at;
    }

    void restore() {
        removedAt = null;
    }

    String key() {
        return gelKey;
    }

    String reference() {
        return reference;
    }

    GelService.Bottle bottle() {
        return new GelService.Bottle(name, dropsLeft, bottleDrops, price);
    }
}
