package kindthimble.app.exchange;

/** Text that goes into a spreadsheet. */
public final class Spreadsheet {
    private Spreadsheet() {}

    /** A name that begins like a formula must stay a name. */
    public static String plain(String text) {
        return text.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + text : text;
    }
}
