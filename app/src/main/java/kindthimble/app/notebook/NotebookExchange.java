package kindthimble.app.notebook;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import kindthimble.app.exchange.StoredJson;
import kindthimble.app.history.Edit;
import kindthimble.app.history.History;
import kindthimble.app.live.ShopRevision;
import kindthimble.core.notebook.BadNote;
import kindthimble.core.notebook.Note;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Notes as they go out and come in: as a table, as JSON, and in the archive of a shop. */
@Service
@Transactional
public class NotebookExchange {
    private final NoteRepository byHand;
    private final KeptNoteRepository kept;
    private final DecisionRepository decisions;
    private final Notes notes;
    private final NotesByHand written;
    private final KnownFigures known;
    private final NotebookService notebook;
    private final History history;
    private final ShopRevision revision;
    private final JsonMapper json;
    private final Clock clock;

    NotebookExchange(
            NoteRepository byHand,
            KeptNoteRepository kept,
            DecisionRepository decisions,
            Notes notes,
            NotesByHand written,
            KnownFigures known,
            NotebookService notebook,
            History history,
            ShopRevision revision,
            StoredJson stored,
            Clock clock) {
        this.byHand = byHand;
        this.kept = kept;
        this.decisions = decisions;
        this.notes = notes;
        this.written = written;
        this.known = known;
        this.notebook = notebook;
        this.history = history;
        this.revision = revision;
        this.json = stored.mapper();
        this.clock = clock;
    }

    /** The notebook as it goes from one shop to another. */
    @Transactional(readOnly = true)
    public BoxedNotebook boxed() {
        Map<String, BoxedNotebook.BoxedNote> boxed = new TreeMap<>();
        for (Written one : notes.all()) {
            if (one.order() != null) {
                boxed.put(one.note().id(), new BoxedNotebook.BoxedNote(NoteWritten.of(one.note()), null, false));
            }
        }
        byHand.findAll()
                .forEach(one -> boxed.put(
                        one.id(),
                        new BoxedNotebook.BoxedNote(json.readTree(one.document()), one.insteadOf(), one.isRemoved())));
        return new BoxedNotebook(
                List.copyOf(boxed.values()),
                kept.findAll().stream().map(KeptNoteEntity::noteId).sorted().toList(),
                known.decided());
    }

    /** Whether there is nothing in a notebook that is not in this one. */
    @Transactional(readOnly = true)
    public boolean has(BoxedNotebook boxed) {
        BoxedNotebook own = boxed();
        Set<String> here = own.ids();
        return boxed.notes().stream()
                        .allMatch(one -> here.contains(one.note().path("id").asString("")))
                && own.kept().containsAll(boxed.kept())
                && own.figures().keySet().containsAll(boxed.figures().keySet());
    }

    /**
     * Adds what another notebook has more; what is here stays as it is.
     *
     * @throws Refused when one of its notes can't be
     */
    public void put(BoxedNotebook boxed) {
        BoxedNotebook own = boxed();
        Set<String> here = own.ids();
        for (BoxedNotebook.BoxedNote one : boxed.notes()) {
            if (one.note() == null || here.contains(one.note().path("id").asString(""))) {
                continue;
            }
            try {
                Note note = NoteJson.note(one.note(), false);
                note.check();
                NoteEntity added =
                        new NoteEntity(note.id(), clock.instant(), one.note().toString(), one.insteadOf());
                added.setRemoved(one.removed());
                byHand.save(added);
            } catch (BadNote bad) {
                throw new Refused("notes", bad.getMessage());
            }
        }
        if (boxed.figures().values().stream().anyMatch(one -> one.way() == null)) {
            throw new Refused("figures", "A figure is HELD or PUT_BACK.");
        }
        boxed.kept().stream().filter(id -> !own.kept().contains(id)).forEach(id -> kept.save(new KeptNoteEntity(id)));
        boxed.figures().entrySet().stream()
                .filter(one -> !own.figures().containsKey(one.getKey()))
                .forEach(one -> decisions.save(new DecisionEntity(one.getKey(), one.getValue())));
        byHand.flush();
        notebook.again();
    }

    /** All notes as a table. */
    @Transactional(readOnly = true)
    public String table() {
        List<Written> all = notes.all();
        return NotesTable.csv(all, KnownFigures.aside(known.of(all)));
    }

    @Transactional(readOnly = true)
    NotebookController.NotesAndFigures notesAndFigures() {
        List<Written> all = notes.all();
        List<JsonNode> counting = new ArrayList<>();
        all.stream().filter(Written::counts).forEach(one -> counting.add(NoteWritten.of(one.note())));
        return new NotebookController.NotesAndFigures(
                LocalDate.now(clock),
                KnownFigures.HALF_LIFE_DAYS,
                counting,
                known.of(all).stream().map(FigureView::of).toList());
    }

    /**
     * Takes the notes of a table over that are not here yet, as one step of the shop's history; all of them, or none.
     *
     * @return how many
     * @throws Refused naming the line that can't be read
     */
    public int takeOver(String table) {
        revision.hold();
        List<ObjectNode> wanted = NotesTable.read(table, NotesByHand.MOST_NOTES);
        if (wanted.isEmpty()) {
            throw new Refused("", "There is no note in this table.");
        }
        written.needRoom(wanted.size());
        Set<String> here = new HashSet<>();
        notes.all().forEach(one -> here.add(one.note().id()));
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            String id = wanted.get(i).path("id").asString("");
            if (!id.isEmpty() && !here.add(id)) {
                continue;
            }
            try {
                edits.add(written.store(id.isEmpty() ? UUID.randomUUID().toString() : id, wanted.get(i), null));
            } catch (BadNote bad) {
                throw new Refused("", "Line %d: %s".formatted(i + 2, bad.said()));
            }
        }
        if (!edits.isEmpty()) {
            history.keep(null, null, edits);
            notebook.again();
        }
        return edits.size();
    }
}
