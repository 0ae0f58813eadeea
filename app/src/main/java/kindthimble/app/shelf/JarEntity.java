package kindthimble.app.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** A jar of left-over icing. */
@Entity
@Table(name = "jar")
class JarEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String name;
    private String hex;
    private double grams;
    private double countSeconds;
    private String recipe;
    private LocalDate goodUntil;
    private String flavour;
    private Long orderId;
    private Instant removedAt;

    /** By this it is known in another shop. */
    private UUID uid;

    protected JarEntity() {}

    JarEntity(ShelfService.Jar jar) {
        this(UUID.randomUUID(), jar);
    }

    JarEntity(UUID uid, ShelfService.Jar jar) {
        this.uid = uid;
        name = jar.name();
        hex = jar.hex();
        grams = jar.grams();
        countSeconds = jar.countSeconds();
        recipe = jar.recipe();
        goodUntil = jar.goodUntil();
        flavour = jar.flavour();
    }

    ShelfService.Jar jar() {
        return new ShelfService.Jar(id, name, hex, grams, countSeconds, recipe, goodUntil, flavour, orderId);
    }

    UUID uid() {
        return uid;
    }

    void takeFor(Long order) {
        orderId = order;
    }

    void remove(Instant at) {
        removedAt = at;
        orderId = null;
    }

    void restore() {
        removedAt = null;
    }
}
