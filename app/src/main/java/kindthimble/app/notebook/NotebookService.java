package kindthimble.app.notebook;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import kindthimble.app.exchange.StoredJson;
import kindthimble.app.history.Edit;
import kindthimble.app.history.History;
import kindthimble.app.http.NotThere;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.order.Together;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shop.LearntFigures;
import kindthimble.app.shop.ShopService;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.notebook.BadNote;
import kindthimble.core.notebook.Figure;
import kindthimble.core.notebook.Learnt;
import kindthimble.core.notebook.Note;
import kindthimble.core.notebook.Notebook;
import kindthimble.core.notebook.Priors;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.ObjectNode;

/** The shop's notebook: all notes, the figures that follow from them, and what was decided on those. */
@Service
@Transactional
public class NotebookService {
    static final int MOST_NOTES = 20_000;

    /** After so many days a note counts half. */
    private static final double HALF_LIFE_DAYS = 180;

    /** So much water in 100 g of base makes nearly all floods. */
    private static final double USUAL_WATER = 12;

    private static final int LONGEST_WORDS = 400;
    private static final int LONGEST_NOTE = 4_000;

    private final NoteRepository byHand;
    private final KeptNoteRepository kept;
    private final DecisionRepository decisions;
    private final Notes notes;
    private final LearntFigures learnt;
    private final ShopService shop;
    private final RecipeService recipes;
    private final Together together;
    private final History history;
    private final ShopRevision revision;
    private final JsonMapper json;
    private final Clock clock;

    private volatile Worked last = new Worked(List.of(), LocalDate.MIN, List.of());

    /** The same notes on the same day say the same. */
    private record Worked(List<Note> notes, LocalDate day, List<Figure> figures) {}

    NotebookService(
            NoteRepository byHand,
            KeptNoteRepository kept,
            DecisionRepository decisions,
            Notes notes,
            LearntFigures learnt,
            ShopService shop,
            RecipeService recipes,
            Together together,
            History history,
            ShopRevision revision,
            StoredJson stored,
            Clock clock) {
        this.byHand = byHand;
        this.kept = kept;
        this.decisions = decisions;
        this.notes = notes;
        this.learnt = learnt;
        this.shop = shop;
        this.recipes = recipes;
        this.together = together;
        this.history = history;
        this.revision = revision;
        this.json = stored.mapper();
        this.clock = clock;
    }

    /** Works the figures out anew, for all plans. */
    public void learn() {
        learnt.set(Learnt.of(figures(notes.all()), decided()));
    }

    private Map<String, Learnt.Decision> decided() {
        Map<String, Learnt.Decision> decided = new HashMap<>();
        decisions.findAll().forEach(one -> decided.put(one.figure(), one.decision()));
        return decided;
    }

    private List<Figure> figures(List<Written> written) {
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

    @Transactional(readOnly = true)
    public NotebookView view() {
        List<Written> written = notes.all();
        List<Figure> figures = figures(written);
        Map<String, Learnt.Decision> decided = decided();
        FiguresShown shown = new FiguresShown(shop.own(), recipes.all());
        Set<String> aside = new HashSet<>();
        figures.forEach(figure -> aside.addAll(figure.aside()));
        List<Figure> all = new ArrayList<>(figures);
        Set<String> noted = figures.stream().map(Figure::figure).collect(Collectors.toSet());
        // What was decided stands whether or not its notes do.
        decided.forEach((figure, decision) -> {
            if (!noted.contains(figure)) {
                all.add(FiguresShown.unnoted(figure, decision));
            }
        });
        List<NotebookView.Known> known = all.stream()
                .map(figure -> shown.of(figure, decided.get(figure.figure())))
                .sorted(Comparator.comparingDouble(NotebookService::moved).reversed())
                .toList();
        Map<Long, String> names = new HashMap<>();
        together.summaries().forEach(order -> names.put(order.id(), order.name()));
        return new NotebookView(
                known,
                curves(written, figures, aside),
                newestFirst(
                        written.stream().map(one -> noted(one, aside, names)).toList()),
                (int) written.stream()
                        .map(Written::order)
                        .filter(order -> order != null)
                        .distinct()
                        .count());
    }

    /** By their days, and of one day by when they were written; those that were set aside before all others. */
    private static List<NotebookView.Noted> newestFirst(List<NotebookView.Noted> asWritten) {
        List<NotebookView.Noted> notes = new ArrayList<>(asWritten);
        Collections.reverse(notes);
        notes.sort(Comparator.comparing(NotebookView.Noted::aside)
                .thenComparing(NotebookView.Noted::day)
                .reversed());
        return notes;
    }

    private static double moved(NotebookView.Known known) {
        return known.was() == 0 ? Math.abs(known.is()) : Math.abs(Math.log(Math.max(known.is(), 1e-9) / known.was()));
    }

    private static NotebookView.Noted noted(Written one, Set<String> aside, Map<Long, String> names) {
        return new NotebookView.Noted(
                one.note().id(),
                Worded.kind(one.note()),
                one.note().taken().day(),
                Worded.of(one.note()),
                one.words(),
                one.order(),
                one.order() == null ? "" : names.getOrDefault(one.order(), "order " + one.order()),
                one.note().taken().hand(),
                one.counts() && aside.contains(one.note().id()),
                one.note().taken().keep(),
                one.counts(),
                one.insteadOf());
    }

    private List<NotebookView.Curve> curves(List<Written> written, List<Figure> figures, Set<String> aside) {
        Learnt said = Learnt.of(figures, Map.of());
        double flood = shop.settings().mean(Habit.FLOOD_COUNT_SECONDS);
        List<NotebookView.Curve> curves = new ArrayList<>();
        for (BaseRecipe base : recipes.all()) {
            ThinningCurve own = base.curve();
            ThinningCurve now = said.in(base).curve();
            List<NotebookView.Counted> counts = written.stream()
                    .filter(Written::counts)
                    .filter(one -> one.note() instanceof Note.Count count
                            && count.recipe().equals(base.key()))
                    .map(one -> (Note.Count) one.note())
                    .map(one ->
                            new NotebookView.Counted(one.id(), one.water(), one.seconds(), aside.contains(one.id())))
                    .toList();
            double most =
                    counts.stream().mapToDouble(NotebookView.Counted::water).reduce(USUAL_WATER, Math::max);
            if (!counts.isEmpty()) {
                curves.add(new NotebookView.Curve(
                        base.key(),
                        base.name(),
                        line(own, most),
                        line(now, most),
                        counts,
                        most,
                        flood,
                        water(own, flood),
                        water(now, flood)));
            }
        }
        return curves;
    }

    private static NotebookView.Thins line(ThinningCurve curve, double most) {
        return new NotebookView.Thins(curve.ownCountSeconds(), curve.secondsWith(most));
    }

    private static double water(ThinningCurve curve, double seconds) {
        return Math.max(0, curve.waterPer100Base(new Consistency(seconds)));
    }

    /**
     * Writes a note by hand.
     *
     * @param wanted as {@link NoteJson} reads it, without an id; today's where it names no day
     * @param insteadOf note whose place it takes; null for none
     * @throws Refused naming the field that is wrong
     */
    public NotebookView add(JsonNode wanted, @Nullable String insteadOf) {
        if (!(wanted instanceof ObjectNode given) || given.toString().length() > LONGEST_NOTE) {
            throw new Refused("note", "Send one note, of up to %,d letters.".formatted(LONGEST_NOTE));
        }
        if (given.path("words").asString("").length() > LONGEST_WORDS) {
            throw new Refused("words", "Keep what you write with it under %d letters.".formatted(LONGEST_WORDS + 1));
        }
        revision.hold();
        if (byHand.count() >= MOST_NOTES) {
            throw new Refused("", "A notebook holds %,d notes by hand.".formatted(MOST_NOTES));
        }
        if (insteadOf != null
                && notes.all().stream()
                        .noneMatch(one -> one.counts() && one.note().id().equals(insteadOf))) {
            throw new NotThere("note");
        }
        Edit written;
        try {
            written = store(UUID.randomUUID().toString(), given, insteadOf);
        } catch (BadNote bad) {
            throw new Refused(bad.field(), Range.capital(bad.said()));
        }
        history.keep(null, null, List.of(written));
        byHand.flush();
        again();
        return view();
    }

    private Edit store(String id, ObjectNode given, @Nullable String insteadOf) {
        ObjectNode note = given.deepCopy();
        note.put("id", id);
        if (!note.hasNonNull("day")) {
            note.put("day", LocalDate.now(clock).toString());
        }
        fillIn(note);
        NoteJson.note(note, false).check();
        byHand.save(new NoteEntity(id, clock.instant(), note.toString(), insteadOf));
        return Edit.flag("/notes/" + id + "/removed", false);
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
                decided());
    }

    /** Whether there is nothing in a notebook that is not in this one. */
    @Transactional(readOnly = true)
    public boolean has(BoxedNotebook boxed) {
        BoxedNotebook own = boxed();
        Set<String> here = new HashSet<>();
        own.notes().forEach(one -> here.add(one.note().path("id").asString("")));
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
        Set<String> here = new HashSet<>();
        own.notes().forEach(one -> here.add(one.note().path("id").asString("")));
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
        again();
    }

    /** All notes as a table. */
    @Transactional(readOnly = true)
    public String table() {
        List<Written> all = notes.all();
        Set<String> aside = new HashSet<>();
        figures(all).forEach(figure -> aside.addAll(figure.aside()));
        return NotesTable.csv(all, aside);
    }

    @Transactional(readOnly = true)
    NotebookController.NotesAndFigures notesAndFigures() {
        List<Written> all = notes.all();
        List<JsonNode> counting = new ArrayList<>();
        all.stream().filter(Written::counts).forEach(one -> counting.add(NoteWritten.of(one.note())));
        return new NotebookController.NotesAndFigures(
                LocalDate.now(clock),
                HALF_LIFE_DAYS,
                counting,
                figures(all).stream().map(FigureView::of).toList());
    }

    /**
     * Takes the notes of a table over that are not here yet, as one step of the shop's history; all of them, or none.
     *
     * @return how many
     * @throws Refused naming the line that can't be read
     */
    public int takeOver(String table) {
        revision.hold();
        List<ObjectNode> wanted = NotesTable.read(table, MOST_NOTES);
        if (wanted.isEmpty()) {
            throw new Refused("", "There is no note in this table.");
        }
        if (byHand.count() + wanted.size() > MOST_NOTES) {
            throw new Refused("", "A notebook holds %,d notes by hand.".formatted(MOST_NOTES));
        }
        Set<String> here = new HashSet<>();
        notes.all().forEach(one -> here.add(one.note().id()));
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            String id = wanted.get(i).path("id").asString("");
            if (!id.isEmpty() && !here.add(id)) {
                continue;
            }
            try {
                edits.add(store(id.isEmpty() ? UUID.randomUUID().toString() : id, wanted.get(i), null));
            } catch (BadNote bad) {
                throw new Refused("", "Line %d: %s".formatted(i + 2, bad.said()));
            }
        }
        if (!edits.isEmpty()) {
            byHand.flush();
            history.keep(null, null, edits);
            again();
        }
        return edits.size();
    }

    /** What is measured stands against what is planned: where a note does not say that, it is the house's figure. */
    private void fillIn(ObjectNode note) {
        String what = note.path("what").asString("");
        if (note.path("kind").asString("").equals("count") && !note.hasNonNull("t0")) {
            note.put(
                    "t0",
                    recipes.written(note.path("recipe").asString("")).curve().ownCountSeconds());
        }
        if (note.path("kind").asString("").equals("cookie") && !note.hasNonNull("order")) {
            // One hand on one day ices alike.
            note.put("order", "by hand " + note.path("day").asString(""));
        }
        if (note.hasNonNull("planned")) {
            return;
        }
        String figure = switch (note.path("kind").asString("")) {
            case "piece" -> "piece " + what;
            case "kept" -> "kept " + what;
            case "step" -> "minutes " + note.path("work").asString("");
            default -> "";
        };
        if (note.path("kind").asString("").equals("bake") && what.equals("spread")) {
            note.put("planned", shop.own().mean(Habit.SPREAD_PERCENT));
        }
        Learnt.habitsOf(figure).stream()
                .findFirst()
                .ifPresent(habit -> note.put("planned", habit.house().mean()));
    }

    /** Takes a note by hand back. */
    public NotebookView remove(String id) {
        setRemoved(id, true);
        history.keep(null, null, List.of(Edit.flag("/notes/" + id + "/removed", true)));
        return view();
    }

    private void setRemoved(String id, boolean removed) {
        byHand.findById(id).orElseThrow(() -> new NotThere("note")).setRemoved(removed);
        byHand.flush();
        again();
    }

    /** Has a note count however improbable it is, or only where it is probable. */
    public NotebookView keep(String id, boolean keep) {
        if (notes.all().stream().noneMatch(one -> one.note().id().equals(id))) {
            throw new NotThere("note");
        }
        setKept(id, keep);
        history.keep(null, null, List.of(Edit.flag("/kept/" + id, keep)));
        return view();
    }

    private void setKept(String id, boolean keep) {
        if (keep) {
            kept.saveAndFlush(new KeptNoteEntity(id));
        } else {
            kept.deleteById(id);
            kept.flush();
        }
        again();
    }

    /**
     * Holds a figure where it is, has it be the house's again, or leaves it to the notes.
     *
     * @param way null for that
     * @throws Refused when nothing is known of such a figure
     */
    public NotebookView decide(String figure, @Nullable Learnt.Way way) {
        Learnt.Decision before = decided().get(figure);
        Figure known = figures(notes.all()).stream()
                .filter(one -> one.figure().equals(figure))
                .findFirst()
                .or(() -> Optional.ofNullable(before).map(one -> FiguresShown.unnoted(figure, one)))
                .orElseThrow(() -> new NotThere("figure"));
        Learnt.Decision now = way == null ? null : new Learnt.Decision(way, known.mean());
        setDecision(figure, now);
        history.keep(
                null, null, List.of(new Edit("/figures/" + figure, json.valueToTree(before), json.valueToTree(now))));
        return view();
    }

    private void setDecision(String figure, @Nullable Learnt.Decision decision) {
        if (decision == null) {
            decisions.deleteById(figure);
            decisions.flush();
        } else {
            decisions.saveAndFlush(new DecisionEntity(figure, decision));
        }
        again();
    }

    /** Whether a place of the shop's history lies in the notebook. */
    public boolean has(String[] place) {
        return Set.of("notes", "kept", "figures").contains(place[0]);
    }

    /** Takes a step of the shop's history back, or does it again. */
    public void put(String[] place, JsonNode now) {
        switch (place[0]) {
            case "notes" -> setRemoved(place[1], now.asBoolean());
            case "kept" -> setKept(place[1], now.asBoolean());
            default ->
                setDecision(
                        place[1], now == null || now.isNull() ? null : json.treeToValue(now, Learnt.Decision.class));
        }
    }

    /** What such a step does, in words. */
    @Transactional(readOnly = true)
    public String said(String[] place, @Nullable JsonNode now) {
        boolean yes = now instanceof BooleanNode && now.asBoolean();
        return switch (place[0]) {
            case "notes" -> "the note of " + named(place[1]) + (yes ? " taken back" : " written");
            case "kept" -> "the note of " + named(place[1]) + (yes ? " taken in" : " left to the others");
            default ->
                new FiguresShown(shop.own(), recipes.all()).name(place[1])
                        + (now == null || now.isNull()
                                ? " left to the notes"
                                : now.path("way").asString("").equals(Learnt.Way.HELD.name())
                                        ? " held"
                                        : " put back to the house's");
        };
    }

    private String named(String id) {
        return notes.all().stream()
                .filter(one -> one.note().id().equals(id))
                .map(one -> Worded.of(one.note()))
                .findFirst()
                .orElse("something");
    }

    /** Pages see what was noted, whether or not a plan changes by it. */
    private void again() {
        learn();
        revision.touch();
    }
}
