package kindthimble.app.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** How much of something the shelf holds, in grams or pieces. */
@Entity
@Table(name = "shelf_stock")
class StockEntity {
    @Id
    private String name;

    private double amount;

    protected StockEntity() {}

    StockEntity(String name, double amount) {
        this.name = name;
        this.amount = amount;
    }

    String name() {
        return name;
    }

    double amount() {
        return amount;
    }
}
