package kindthimble.app.notebook;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.notebook.Figure;
import kindthimble.core.notebook.Learnt;
import kindthimble.core.notebook.Note;
import kindthimble.core.notebook.Notebook;
import kindthimble.core.notebook.Priors;
import org.springframework.stereotype.Component;

/** The figures that follow from notes, worked out once for the same notes; and what was decided on them. */
@Component
class KnownFigures {
    /** After so many days a note counts half. */
    static final double HALF_LIFE_DAYS = 180;

    private final DecisionRepository decisions;
    private final Clock clock;

    private volatile Worked last = new Worked(List.of(), LocalDate.MIN, List.of());

    /** The same notes on the same day say the same. */
    private record Worked(List<Note> notes, LocalDate day, List<Figure> figures) {}

    KnownFigures(DecisionRepository decisions, Clock clock) {
        this.decisions = decisions;
        this.clock = clock;
    }

    List<Figure> of(List<Written> written) {
        List<Note> counting =
                written.stream().filter(Written::counts).map(Written::note).toList();
        LocalDate today = LocalDate.now(clock);
        Worked known = last;
        if (!known.day().equals(today) || !known.notes().equals(counting)) {
            known = new Worked(counting, today, Notebook.figures(counting, today, HALF_LIFE_DAYS, Priors.HOUSE));
            last = known;
        }
        return known.figures();
    }

    /** Ids of the notes that were set aside. */
    static Set<String> aside(List<Figure> figures) {
        Set<String> aside = new HashSet<>();
        figures.forEach(figure -> aside.addAll(figure.aside()));
        return aside;
    }

    Map<String, Learnt.Decision> decided() {
        Map<String, Learnt.Decision> decided = new HashMap<>();
        decisions.findAll().forEach(one -> decided.put(one.figure(), one.decision()));
        return decided;
    }
}
