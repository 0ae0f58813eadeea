package kindthimble.app.notebook;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.notebook.BadNote;
import kindthimble.core.notebook.Note;
import tools.jackson.databind.JsonNode;

/** Notes as JSON; fields that a note does not know are left alone. */
final class NoteJson {
    /** What a base counts where a note does not say. */
    private static final double USUAL_OWN_SECONDS = 80;

    private final JsonNode note;
    private final String id;
    private boolean keep;

    private NoteJson(JsonNode note, String id) {
        this.note = note;
        this.id = id;
    }

    /**
     * @throws BadNote naming the first note that can't be read, and its field
     */
    static List<Note> notes(JsonNode notes) {
        List<Note> read = new ArrayList<>();
        for (JsonNode note : notes) {
            JsonNode id = note.get("id");
            if (id == null || !id.isString() || id.asString().isBlank()) {
                throw new BadNote("", "id", "every note has an id, a text.");
            }
            read.add(new NoteJson(note, id.asString()).read());
        }
        return read;
    }

    /** One note, that was read before. */
    static Note note(JsonNode note, boolean keep) {
        NoteJson one = new NoteJson(note, note.path("id").asString(""));
        one.keep = keep;
        return one.read();
    }

    private Note read() {
        String kind = text("kind");
        return switch (kind) {
            case "count" ->
                new Note.Count(
                        taken(), text("recipe"), number("water"), number("seconds"), number("t0", USUAL_OWN_SECONDS));
            case "cookie" ->
                new Note.Cookie(
                        taken(),
                        text("order"),
                        text("school"),
                        number("bare"),
                        number("iced"),
                        number("planned"),
                        number("other", 0),
                        number("step", 0));
            case "bag" ->
                new Note.Bag(
                        taken(),
                        text("order"),
                        text("school"),
                        text("bag"),
                        whole("cookies"),
                        number("planned"),
                        number("used"),
                        number("other", 0),
                        number("step", 0));
            case "run" -> new Note.Run(taken(), planned(), number("seconds"));
            case "step" -> new Note.Step(taken(), text("work"), number("planned"), number("measured"));
            case "gate" ->
                new Note.Look(
                        taken(), text("gate"), text("coat"), number("age"), number("planned"), yes("passed", null));
            case "broken" -> new Note.Broken(taken(), text("form"), text("when"), whole("n"), whole("broken"));
            case "kept" -> new Note.Kept(taken(), text("what"), number("planned"), number("measured"));
            case "piece" -> new Note.Piece(taken(), text("what"), whole("n"), number("planned"), number("measured"));
            case "place" ->
                new Note.Place(taken(), text("what"), number("width"), number("limit"), whole("n"), whole("yes"));
            case "bake" -> new Note.Bake(taken(), text("recipe"), text("what"), number("planned"), number("measured"));
            default -> throw new BadNote(id, "kind", "there is no kind \"" + kind + "\".");
        };
    }

    private Note.Taken taken() {
        return new Note.Taken(id, day(), optionalText("hand"), keep || yes("keep", false));
    }

    private JsonNode field(String field) {
        JsonNode value = note.get(field);
        if (value == null || value.isNull()) {
            throw new BadNote(id, field, field + " is missing.");
        }
        return value;
    }

    private boolean has(String field) {
        return note.has(field) && !note.get(field).isNull();
    }

    private String text(String field) {
        JsonNode value = field(field);
        if (!value.isString() || value.asString().isBlank()) {
            throw new BadNote(id, field, "write " + field + " as a text.");
        }
        return value.asString();
    }

    private String optionalText(String field) {
        return has(field) ? text(field) : null;
    }

    private double number(String field) {
        return number(field, field(field));
    }

    private double number(String field, double otherwise) {
        return has(field) ? number(field) : otherwise;
    }

    private double number(String field, JsonNode value) {
        if (!value.isNumber()) {
            throw new BadNote(id, field, "write " + field + " as a number.");
        }
        return value.asDouble();
    }

    private int whole(String field) {
        JsonNode value = field(field);
        if (!value.isIntegralNumber() || !value.canConvertToInt()) {
            throw new BadNote(id, field, "write " + field + " as a whole number.");
        }
        return value.asInt();
    }

    private boolean yes(String field, Boolean otherwise) {
        if (otherwise != null && !has(field)) {
            return otherwise;
        }
        JsonNode value = field(field);
        if (!value.isBoolean()) {
            throw new BadNote(id, field, field + " is true or false.");
        }
        return value.asBoolean();
    }

    private LocalDate day() {
        try {
            return LocalDate.parse(text("day"));
        } catch (DateTimeException e) {
            throw new BadNote(id, "day", "write the day as 2026-12-01.");
        }
    }

    private Map<String, Double> planned() {
        JsonNode planned = field("planned");
        if (!planned.isObject() || planned.isEmpty()) {
            throw new BadNote(id, "planned", "say how many seconds of each kind of work were planned.");
        }
        Map<String, Double> seconds = new HashMap<>();
        planned.properties().forEach(work -> seconds.put(work.getKey(), number("planned", work.getValue())));
        return seconds;
    }
}
