package kindthimble.core.words;

/** What was asked for can't be done; says which field is meant and, in a decorator's words, what to do about it. */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final String field;

    /**
     * @param field path of the field, such as {@code moves[2].diameterMm}; empty when no one field is to blame
     * @param sentence what is wrong and what to do
     */
    public Refused(String field, String sentence) {
        super(sentence);
        this.field = field;
    }

    public String field() {
        return field;
    }

    /** The same, for a field that lies inside another one. */
    public Refused inside(String outer) {
        return new Refused(field.isEmpty() ? outer : outer + "." + field, getMessage());
    }
}
