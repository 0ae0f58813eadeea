package kindthimble.app.notebook;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import kindthimble.app.exchange.StoredJson;
import kindthimble.app.history.Edit;
import kindthimble.app.history.History;
import kindthimble.app.http.NotThere;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shop.LearntFigures;
import kindthimble.app.shop.ShopService;
import kindthimble.core.notebook.BadNote;
import kindthimble.core.notebook.Figure;
import kindthimble.core.notebook.Learnt;
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
    private static final int LONGEST_WORDS = 400;
    private static final int LONGEST_NOTE = 4_000;

    private final NotesByHand byHand;
    private final KeptNoteRepository kept;
    private final DecisionRepository decisions;
    private final Notes notes;
    private final KnownFigures known;
    private final NotebookShown shown;
    private final LearntFigures learnt;
    private final ShopService shop;
    private final RecipeService recipes;
    private final History history;
    private final ShopRevision revision;
    private final JsonMapper json;

    NotebookService(
            NotesByHand byHand,
            KeptNoteRepository kept,
            DecisionRepository decisions,
            Notes notes,
            KnownFigures known,
            NotebookShown shown,
            LearntFigures learnt,
            ShopService shop,
            RecipeService recipes,
            History history,
            ShopRevision revision,
            StoredJson stored) {
        this.byHand = byHand;
        this.kept = kept;
        this.decisions = decisions;
        this.notes = notes;
        this.known = known;
        this.shown = shown;
        this.learnt = learnt;
        this.shop = shop;
        this.recipes = recipes;
        this.history = history;
        this.revision = revision;
        this.json = stored.mapper();
    }

    /** All notes, and what they say. */
    @Transactional(readOnly = true)
    public NotebookView view() {
        return shown.view();
    }

    /** Works the figures out anew, for all plans. */
    public void learn() {
        learnt.set(Learnt.of(known.of(notes.all()), known.decided()));
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
        byHand.needRoom(1);
        if (insteadOf != null
                && notes.all().stream()
                        .noneMatch(one -> one.counts() && one.note().id().equals(insteadOf))) {
            throw new NotThere("note");
        }
        Edit written;
        try {
            written = byHand.store(UUID.randomUUID().toString(), given, insteadOf);
        } catch (BadNote bad) {
            throw new Refused(bad.field(), Range.capital(bad.said()));
        }
        history.keep(null, null, List.of(written));
        again();
        return shown.view();
    }

    /** Takes a note by hand back. */
    public NotebookView remove(String id) {
        setRemoved(id, true);
        history.keep(null, null, List.of(NotesByHand.edit(id, true)));
        return shown.view();
    }

    private void setRemoved(String id, boolean removed) {
        byHand.setRemoved(id, removed);
        again();
    }

    /** Has a note count however improbable it is, or only where it is probable. */
    public NotebookView keep(String id, boolean keep) {
        if (notes.all().stream().noneMatch(one -> one.note().id().equals(id))) {
            throw new NotThere("note");
        }
        setKept(id, keep);
        history.keep(null, null, List.of(Edit.flag(Edit.path("kept", id), keep)));
        return shown.view();
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
        Learnt.Decision before = known.decided().get(figure);
        Figure is = known.of(notes.all()).stream()
                .filter(one -> one.figure().equals(figure))
                .findFirst()
                .or(() -> Optional.ofNullable(before).map(one -> FiguresShown.unnoted(figure, one)))
                .orElseThrow(() -> new NotThere("figure"));
        Learnt.Decision now = way == null ? null : new Learnt.Decision(way, is.mean());
        setDecision(figure, now);
        history.keep(
                null,
                null,
                List.of(new Edit(Edit.path("figures", figure), json.valueToTree(before), json.valueToTree(now))));
        return shown.view();
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
    void again() {
        learn();
        revision.touch();
    }
}
