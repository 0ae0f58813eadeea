package kindthimble.app.tint;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What was seen of a gel once. */
@Entity
@Table(name = "swatch")
class SwatchEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String gelKey;
    private double drops;
    private double grams;
    private String hex;
    private Instant notedAt;
    private Instant removedAt;

    protected SwatchEntity() {}

    SwatchEntity(String gelKey, GelService.SwatchNote note, Instant notedAt) {
        this.gelKey = gelKey;
        this.drops = note.drops();
        this.grams = note.grams();
        this.hex = note.hex();
        this.notedAt = notedAt;
    }

    long id() {
        return id;
    }

    String gelKey() {
        return gelKey;
    }

    GelService.SwatchNote note() {
        return new GelService.SwatchNote(drops, grams, hex);
    }

    void remove(Instant at) {
        removedAt = at;
    }

    void restore() {
        removedAt = null;
    }
}
