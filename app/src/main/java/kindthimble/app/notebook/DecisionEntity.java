package kindthimble.app.notebook;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import kindthimble.core.notebook.Learnt;

/** What is done with a figure, whatever notes say. */
@Entity
@Table(name = "figure_decision")
class DecisionEntity {
    @Id
    private String figure;

    @Enumerated(EnumType.STRING)
    private Learnt.Way way;

    private double mean;

    protected DecisionEntity() {}

    DecisionEntity(String figure, Learnt.Decision decision) {
        this.figure = figure;
        way = decision.way();
        mean = decision.mean();
    }

    String figure() {
        return figure;
    }

    Learnt.Decision decision() {
        return new Learnt.Decision(way, mean);
    }
}
