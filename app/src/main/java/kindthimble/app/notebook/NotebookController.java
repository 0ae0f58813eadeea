package kindthimble.app.notebook;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import kindthimble.core.notebook.BadNote;
import kindthimble.core.notebook.Notebook;
import kindthimble.core.notebook.Priors;
import kindthimble.core.words.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** What notes say of a kitchen. */
@RestController
@RequestMapping("/api/notebook")
class NotebookController {
    private static final int MOST_NOTES = 20_000;

    private final Clock clock;

    NotebookController(Clock clock) {
        this.clock = clock;
    }

    /**
     * @param asOf stands in for today; null for that
     * @param halfLifeDays after which a note counts half; null or 0 where notes don't fade
     * @param notes each with its id, kind and day, and the fields of its kind
     * @param priors in the house's place for this call; null for the house's
     */
    record NotesWanted(
            @Nullable LocalDate asOf,
            @Nullable Double halfLifeDays,
            JsonNode notes,
            @Nullable Priors priors) {}

    record FiguresLearnt(List<FigureView> figures) {}

    /** The figures that follow from notes; nothing is kept. */
    @PostMapping("/preview")
    FiguresLearnt preview(@RequestBody NotesWanted wanted) {
        if (wanted.notes() == null
                || !wanted.notes().isArray()
                || wanted.notes().size() > MOST_NOTES) {
            throw new Refused("notes", "Send the notes as a list of at most %,d.".formatted(MOST_NOTES));
        }
        double halfLife = wanted.halfLifeDays() == null ? 0 : wanted.halfLifeDays();
        if (!(halfLife >= 0)) {
            throw new Refused("halfLifeDays", "Write after how many days a note counts half, or 0 for never.");
        }
        return new FiguresLearnt(Notebook.figures(
                        NoteJson.notes(wanted.notes()),
                        wanted.asOf() == null ? LocalDate.now(clock) : wanted.asOf(),
                        halfLife,
                        wanted.priors() == null ? Priors.HOUSE : wanted.priors().orHouse())
                .stream()
                .map(FigureView::of)
                .toList());
    }

    @ExceptionHandler
    ProblemDetail badNote(BadNote bad) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, bad.getMessage());
        problem.setProperty("id", bad.note());
        problem.setProperty("field", bad.field());
        return problem;
    }
}
