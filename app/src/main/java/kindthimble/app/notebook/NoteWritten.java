package kindthimble.app.notebook;

import kindthimble.core.notebook.Note;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Notes as {@link NoteJson} reads them. */
final class NoteWritten {
    private static final JsonMapper JSON = JsonMapper.shared();

    private NoteWritten() {}

    static ObjectNode of(Note note) {
        ObjectNode json = JSON.createObjectNode().put("id", note.id());
        fields(json, note);
        json.put("day", note.taken().day().toString());
        if (note.taken().hand() != null) {
            json.put("hand", note.taken().hand());
        }
        if (note.taken().keep()) {
            json.put("keep", true);
        }
        return json;
    }

    private static void fields(ObjectNode json, Note note) {
        if (note instanceof Note.Count one) {
            json.put("kind", "count")
                    .put("recipe", one.recipe())
                    .put("water", one.water())
                    .put("seconds", one.seconds())
                    .put("t0", one.ownSeconds());
        } else if (note instanceof Note.Cookie one) {
            json.put("kind", "cookie")
                    .put("order", one.order())
                    .put("school", one.school())
                    .put("bare", one.bare())
                    .put("iced", one.iced())
                    .put("planned", one.planned())
                    .put("other", one.other())
                    .put("step", one.step());
        } else if (note instanceof Note.Bag one) {
            json.put("kind", "bag")
                    .put("order", one.order())
                    .put("school", one.school())
                    .put("bag", one.bag())
                    .put("cookies", one.cookies())
                    .put("planned", one.planned())
                    .put("used", one.used())
                    .put("other", one.other())
                    .put("step", one.step());
        } else if (note instanceof Note.Run one) {
            json.put("kind", "run").put("seconds", one.seconds());
            json.set("planned", JSON.valueToTree(one.planned()));
        } else if (note instanceof Note.Step one) {
            json.put("kind", "step")
                    .put("work", one.work())
                    .put("planned", one.planned())
                    .put("measured", one.measured());
        } else if (note instanceof Note.Look one) {
            json.put("kind", "gate")
                    .put("gate", one.gate())
                    .put("coat", one.coat())
                    .put("age", one.age())
                    .put("planned", one.planned())
                    .put("passed", one.passed());
        } else {
            rest(json, note);
        }
    }

    private static void rest(ObjectNode json, Note note) {
        if (note instanceof Note.Broken one) {
            json.put("kind", "broken")
                    .put("form", one.form())
                    .put("when", one.when())
                    .put("n", one.of())
                    .put("broken", one.broken());
        } else if (note instanceof Note.Kept one) {
            json.put("kind", "kept")
                    .put("what", one.what())
                    .put("planned", one.planned())
                    .put("measured", one.measured());
        } else if (note instanceof Note.Piece one) {
            json.put("kind", "piece")
                    .put("what", one.what())
                    .put("n", one.of())
                    .put("planned", one.planned())
                    .put("measured", one.measured());
        } else if (note instanceof Note.Place one) {
            json.put("kind", "place")
                    .put("what", one.what())
                    .put("width", one.width())
                    .put("limit", one.limit())
                    .put("n", one.of())
                    .put("yes", one.yes());
        } else if (note instanceof Note.Bake one) {
            json.put("kind", "bake")
                    .put("recipe", one.recipe())
                    .put("what", one.what())
                    .put("planned", one.planned())
                    .put("measured", one.measured());
        }
    }
}
