package kindthimble.app.notebook;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import kindthimble.core.notebook.BadNote;
import kindthimble.core.notebook.Learnt;
import kindthimble.core.notebook.Notebook;
import kindthimble.core.notebook.Priors;
import kindthimble.core.words.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** What notes say of a kitchen. */
@RestController
@RequestMapping("/api/notebook")
class NotebookController {
    private final NotebookService notebook;
    private final NotebookExchange exchange;
    private final Clock clock;

    NotebookController(NotebookService notebook, NotebookExchange exchange, Clock clock) {
        this.notebook = notebook;
        this.exchange = exchange;
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
                || wanted.notes().size() > NotesByHand.MOST_NOTES) {
            throw new Refused("notes", "Send the notes as a list of at most %,d.".formatted(NotesByHand.MOST_NOTES));
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

    /** All notes, and what they say. */
    @GetMapping
    NotebookView notebook() {
        return notebook.view();
    }

    /**
     * @param note as {@link NoteJson} reads it, without an id
     * @param insteadOf note whose place it takes; null for none
     */
    record NewNote(JsonNode note, @Nullable String insteadOf) {}

    /** Writes a note by hand. */
    @PostMapping("/notes")
    NotebookView add(@RequestBody NewNote wanted) {
        return notebook.add(wanted.note(), wanted.insteadOf());
    }

    /** Takes a note by hand back. */
    @DeleteMapping("/notes/{id}")
    NotebookView remove(@PathVariable String id) {
        return notebook.remove(id);
    }

    /** Whether a note counts however improbable it is. */
    record KeepNote(String id, boolean keep) {}

    @PutMapping("/kept")
    NotebookView keep(@RequestBody KeepNote wanted) {
        return notebook.keep(wanted.id(), wanted.keep());
    }

    /**
     * @param figure its name among figures
     * @param way what is done with it whatever notes say; null where they decide
     */
    record FigureDecided(String figure, @Nullable Learnt.Way way) {}

    @PutMapping("/figures")
    NotebookView decide(@RequestBody FigureDecided wanted) {
        return notebook.decide(wanted.figure(), wanted.way());
    }

    /** All notes as a table. */
    @GetMapping(path = "/notes.csv", produces = "text/csv;charset=UTF-8")
    String table() {
        return exchange.table();
    }

    /** How many notes were taken over. */
    record TakenOver(int notes, NotebookView notebook) {}

    /** Takes the notes of such a table over; all of them, or none. */
    @PostMapping(path = "/table", consumes = "text/csv")
    TakenOver takeOver(@RequestBody String table) {
        return new TakenOver(exchange.takeOver(table), notebook.view());
    }

    /** All notes, as the preview takes them, and what they say. */
    @GetMapping("/notebook.json")
    NotesAndFigures notesAndFigures() {
        return exchange.notesAndFigures();
    }

    /**
     * @param asOf day of today
     * @param halfLifeDays after which a note counts half
     * @param notes that count
     * @param figures that follow from them
     */
    record NotesAndFigures(LocalDate asOf, double halfLifeDays, List<JsonNode> notes, List<FigureView> figures) {}

    @ExceptionHandler
    ProblemDetail badNote(BadNote bad) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, bad.getMessage());
        problem.setProperty("id", bad.note());
        problem.setProperty("field", bad.field());
        return problem;
    }
}
