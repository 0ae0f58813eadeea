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

    @Enumerated(EnumType.STRING)
    private Extra.School extraSchool;

    private double risk;
    private double flatPercent;
    private Instant removedAt;

    @ElementCollection
    @CollectionTable(name = "palette_colour", joinColumns = @JoinColumn(name = "order_id"))
    @OrderColumn(name = "position")
    private List<ColourRow> palette = new ArrayList<>();

    @Embeddable
    record ColourRow(String key, String name, String hex) {}

    protected OrderEntity() {}

    OrderEntity(OrderDetails details) {
        set(details);
    }

    final void set(OrderDetails details) {
        name = details.name();
        client = details.client();
        handOver = details.handOver();
        floodSeconds = details.floodSeconds();
        extraSchool = details.extra().school();
        risk = details.extra().risk();
        flatPercent = details.extra().flatPercent();
        List<ColourRow> rows = details.palette().stream()
                .map(colour -> new ColourRow(colour.key(), colour.name(), colour.hex()))
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
                        .map(row -> new PaletteColour(row.key(), row.name(), row.hex()))
                        .toList());
    }

    long id() {
        return id;
    }

    int version() {
        return version;
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
