package kindthimble.app.notebook;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import kindthimble.app.exchange.Spreadsheet;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** All notes as a table, for a spreadsheet. */
final class NotesTable {
    private NotesTable() {}

    static String csv(NotebookView view) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord("day", "kind", "measured", "order", "hand", "counts", "written with it", "note");
            for (NotebookView.Noted note : view.notes()) {
                csv.printRecord(
                        note.day(),
                        note.kind(),
                        Spreadsheet.plain(note.words()),
                        Spreadsheet.plain(note.orderName()),
                        Spreadsheet.plain(note.hand() == null ? "" : note.hand()),
                        note.aside() ? "set aside" : note.counts() ? "yes" : "no",
                        Spreadsheet.plain(note.remark()),
                        note.id());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
