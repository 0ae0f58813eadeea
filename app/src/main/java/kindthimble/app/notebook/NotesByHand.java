package kindthimble.app.notebook;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import kindthimble.app.history.Edit;
import kindthimble.app.http.NotThere;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shop.ShopService;
import kindthimble.core.habit.Habit;
import kindthimble.core.notebook.BadNote;
import kindthimble.core.notebook.Learnt;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Keeps notes that were written by hand, each completed by what it does not say. */
@Component
class NotesByHand {
    static final int MOST_NOTES = 20_000;

    private final NoteRepository byHand;
    private final ShopService shop;
    private final RecipeService recipes;
    private final Clock clock;

    NotesByHand(NoteRepository byHand, ShopService shop, RecipeService recipes, Clock clock) {
        this.byHand = byHand;
        this.shop = shop;
        this.recipes = recipes;
        this.clock = clock;
    }

    /**
     * @throws Refused when so many more would be more than a notebook holds
     */
    void needRoom(int more) {
        if (byHand.count() + more > MOST_NOTES) {
            throw new Refused("", "A notebook holds %,d notes by hand.".formatted(MOST_NOTES));
        }
    }

    /** The step of the history that writes a note, or takes it back. */
    static Edit edit(String id, boolean removed) {
        return Edit.flag(Edit.path("notes", id, "removed"), removed);
    }

    /**
     * @param given as {@link NoteJson} reads it; of today where it names no day
     * @return the step of the history that it is
     * @throws BadNote naming the field that is wrong
     */
    Edit store(String id, ObjectNode given, @Nullable String insteadOf) {
        ObjectNode note = given.deepCopy();
        note.put("id", id);
        if (!note.hasNonNull("day")) {
            note.put("day", LocalDate.now(clock).toString());
        }
        fillIn(note);
        NoteJson.note(note, false).check();
        byHand.saveAndFlush(new NoteEntity(id, clock.instant(), note.toString(), insteadOf));
        return edit(id, false);
    }

    /** Takes a note back, or has it count again. */
    void setRemoved(String id, boolean removed) {
        byHand.findById(id).orElseThrow(() -> new NotThere("note")).setRemoved(removed);
        byHand.flush();
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
}
