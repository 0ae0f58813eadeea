package kindthimble.app.collection;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindthimble.core.design.Design;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** A design that the shop keeps for other orders. Its colours are roles. */
@Entity
@Table(name = "library_design")
class LibraryDesignEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @JdbcTypeCode(SqlTypes.JSON)
    @Mutability(Immutability.class)
    private Design document;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "library_role", joinColumns = @JoinColumn(name = "library_design_id"))
    @OrderColumn(name = "position")
    private List<RoleRow> roles = new ArrayList<>();

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> tags = List.of();

    private Instant removedAt;

    /** By this it is known in another shop. */
    private UUID uid;

    protected LibraryDesignEntity() {}

    LibraryDesignEntity(Design document, List<LibraryDesign.KeptColour> roles) {
        this(UUID.randomUUID(), document, roles);
    }

    LibraryDesignEntity(UUID uid, Design document, List<LibraryDesign.KeptColour> roles) {
        this.uid = uid;
        set(document, roles);
    }

    final void set(Design newDocument, List<LibraryDesign.KeptColour> roles) {
        document = newDocument;
        this.roles.clear();
        roles.forEach(role -> this.roles.add(new RoleRow(role.role(), role.name(), role.hex())));
    }

    @Embeddable
    record RoleRow(String role, String name, String hex) {}

    UUID uid() {
        return uid;
    }

    long id() {
        return id;
    }

    Design document() {
        return document;
    }

    List<LibraryDesign.KeptColour> roles() {
        return roles.stream()
                .map(row -> new LibraryDesign.KeptColour(row.role(), row.name(), row.hex()))
                .toList();
    }

    List<String> tags() {
        return tags;
    }

    void tag(List<String> newTags) {
        tags = newTags;
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
