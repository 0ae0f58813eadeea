package kindthimble.core.notebook;

/** A note that can't be; says which, which field of it is meant, and what to do about it. */
public final class BadNote extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final String note;
    private final String field;
    private final String sentence;

    /**
     * @param note its id; empty where it has none
     * @param field of it
     * @param sentence what is wrong with that
     */
    public BadNote(String note, String field, String sentence) {
        super("Note " + (note.isEmpty() ? "without an id" : note) + ": " + sentence);
        this.note = note;
        this.field = field;
        this.sentence = sentence;
    }

    /** What is wrong, without which note it is. */
    public String said() {
        return sentence;
    }

    public String note() {
        return note;
    }

    public String field() {
        return field;
    }
}
