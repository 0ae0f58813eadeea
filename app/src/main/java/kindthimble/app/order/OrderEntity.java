package kindthimble.app.order;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.pour.Bundle;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.OptimisticLock;
import org.hibernate.type.SqlTypes;

/** An order: for whom, by when, in which colours. */
@Entity
@Table(name = "cookie_order")
class OrderEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    private String name;
    private String client;
    private LocalDateTime handOver;
    private Double floodSeconds;
    private Double fullness;

    @Enumerated(EnumType.STRING)
    private Extra.School extraSchool;

    private double risk;
    private double flatPercent;
    private Instant removedAt;
    private String recipe;

    @Enumerated(EnumType.STRING)
    private Filling filling;

    private String notes;
    private String allergies;
    private String place;
    private String packing;
    private String dough;
    private Double rolledMm;
    private Integer bareSpares;

    /** What is said of its work on the clock. */
    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, Wish> clock = Map.of();

    /** What of its cookies is handed over as one. */
    @JdbcTypeCode(SqlTypes.JSON)
    private List<Bundle> bundles = List.of();

    private Instant archivedAt;

    /** How often the order, its designs or its mixing have changed. */
    @OptimisticLock(excluded = true)
    private long revision;

    /** The order that leads the mixing which this one belongs to; null where it leads, or is mixed alone. */
    private Long mixedInto;

    @ElementCollection
    @CollectionTable(name = "palette_colour", joinColumns = @JoinColumn(name = "order_id"))
    @OrderColumn(name = "position")
    private List<ColourRow> palette = new ArrayList<>();

    @Embeddable
    record ColourRow(
            String key,
            String name,
            String hex,
            boolean apart,
            String joinedInto,
            String letDownFrom,
            @JdbcTypeCode(SqlTypes.JSON) Flavour flavour) {}

    /** By this it is known in another shop. */
    private UUID uid;

    protected OrderEntity() {}

    OrderEntity(OrderDetails details) {
        this(UUID.randomUUID());
        set(details);
    }

    OrderEntity(UUID uid) {
        this.uid = uid;
    }

    final void set(OrderDetails details) {
        name = details.name();
        client = details.client();
        handOver = details.handOver();
        floodSeconds = details.floodSeconds();
        fullness = details.fullness();
        extraSchool = details.extra().school();
        risk = details.extra().risk();
        flatPercent = details.extra().flatPercent();
        recipe = details.recipe();
        filling = details.filling();
        notes = details.notes();
        allergies = details.allergies();
        place = details.place();
        packing = details.packing();
        dough = details.dough();
        rolledMm = details.rolledMm();
        bareSpares = details.bareSpares();
        if (!details.clock().equals(clock)) {
            clock = details.clock();
        }
        if (!details.tied().equals(bundles)) {
            bundles = details.tied();
        }
        List<ColourRow> rows = details.palette().stream()
                .map(colour -> new ColourRow(
                        colour.key(),
                        colour.name(),
                        colour.hex(),
                        colour.mustNotRunOut(),
                        colour.joinedInto(),
                        colour.letDownFrom(),
                        colour.flavour()))
                .toList();
        if (!rows.equals(List.copyOf(palette))) {
            palette.clear();
            palette.addAll(rows);
        }
    }

    OrderDetails details() {
        return new OrderDetails(
                name,
                client,
                handOver,
                floodSeconds,
                new Extra(extraSchool, risk, flatPercent),
                palette.stream()
                        .map(row -> new PaletteColour(
                                row.key(),
                                row.name(),
                                row.hex(),
                                row.apart() ? true : null,
                                row.joinedInto(),
                                row.letDownFrom(),
                                row.flavour()))
                        .toList(),
                recipe,
                filling,
                notes,
                allergies,
                place,
                packing,
                dough,
                rolledMm,
                bareSpares,
                fullness,
                clock == null ? Map.of() : clock,
                bundles == null || bundles.isEmpty() ? null : bundles);
    }

    long id() {
        return id;
    }

    long revision() {
        return revision;
    }

    void touch() {
        revision++;
    }

    Long mixedInto() {
        return mixedInto;
    }

    void mixInto(Long leading) {
        mixedInto = leading;
    }

    /** Base and allowance are those of the whole mixing. */
    MixedAs mixedAs() {
        return new MixedAs(mixedInto, recipe, new Extra(extraSchool, risk, flatPercent));
    }

    void mixLike(OrderEntity other) {
        mix(new MixedAs(mixedInto, other.recipe, other.mixedAs().extra()));
    }

    void mix(MixedAs as) {
        mixedInto = as.into();
        recipe = as.recipe();
        extraSchool = as.extra().school();
        risk = as.extra().risk();
        flatPercent = as.extra().flatPercent();
    }

    boolean isRemoved() {
        return removedAt != null;
    }

    UUID uid() {
        return uid;
    }

    boolean isArchived() {
        return archivedAt != null;
    }

    void archive(Instant at) {
        archivedAt = at;
    }

    void remove(Instant at) {
        removedAt = at;
    }

    void restore() {
        removedAt = null;
    }
}
