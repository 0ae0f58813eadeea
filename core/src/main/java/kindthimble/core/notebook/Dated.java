package kindthimble.core.notebook;

/** What was taken on a day: a note, or several that count as one. */
interface Dated {
    Note.Taken taken();
}
