package kindthimble.app.notebook;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import kindthimble.app.exchange.Spreadsheet;
import kindthimble.core.words.Refused;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Notes as a table, for a spreadsheet: a row for each, a column for each field that some note has. */
final class NotesTable {
    private static final JsonMapper JSON = JsonMapper.shared();

    private static final List<String> TEXTS = List.of(
            "kind", "day", "hand", "order", "school", "recipe", "what", "work", "gate", "coat", "bag", "form", "when",
            "words");

    private static final List<String> NUMBERS = List.of(
            "water",
            "seconds",
            "t0",
            "bare",
            "iced",
            "planned",
            "used",
            "other",
            "step",
            "cookies",
            "measured",
            "age",
            "width",
            "limit",
            "n",
            "broken",
            "yes");

    private static final List<String> FLAGS = List.of("passed", "keep");

    /** What a table says besides, and nobody reads. */
    private static final Set<String> SAID = Set.of("measured in words", "counts");

    private static final int LONGEST_ID = 100;

    private NotesTable() {}

    static String csv(List<Written> notes, Set<String> aside) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            List<String> heads = new ArrayList<>(TEXTS);
            heads.addAll(NUMBERS);
            heads.addAll(FLAGS);
            heads.addAll(List.of("measured in words", "counts", "id"));
            csv.printRecord(heads);
            for (Written one : notes) {
                csv.printRecord(row(one, aside));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static List<Object> row(Written one, Set<String> aside) {
        ObjectNode note = NoteWritten.of(one.note());
        note.put("words", one.words());
        List<Object> row = new ArrayList<>();
        for (String text : TEXTS) {
            row.add(Spreadsheet.plain(note.path(text).asString("")));
        }
        for (String field : NUMBERS) {
            row.add(note.has(field) ? note.get(field).toString() : "");
        }
        for (String flag : FLAGS) {
            row.add(note.has(flag) ? note.get(flag).asBoolean() : "");
        }
        row.add(Spreadsheet.plain(Worded.of(one.note())));
        row.add(!one.counts() ? "no" : aside.contains(one.note().id()) ? "set aside" : "yes");
        row.add(one.note().id());
        return row;
    }

    /**
     * Notes that such a table has, or one that somebody has made: its first line names the fields. Those that count no more are left out.
     *
     * @throws Refused naming the line that can't be read
     */
    static List<ObjectNode> read(String table, int most) {
        List<ObjectNode> notes = new ArrayList<>();
        try (CSVParser rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get()
                .parse(new StringReader(table))) {
            List<String> heads = rows.getHeaderNames();
            if (!heads.contains("kind")) {
                throw new Refused(
                        "", "The first line names the columns: kind, day, and the fields of each note, such as water.");
            }
            for (CSVRecord row : rows) {
                if (heads.contains("counts")
                        && row.isSet("counts")
                        && row.get("counts").equals("no")) {
                    continue;
                }
                notes.add(note(row, heads));
                if (notes.size() > most) {
                    throw new Refused("", "A table holds at most %,d notes.".formatted(most));
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new Refused(
                    "", "This is no table with commas between its columns, or two columns are called the same.");
        }
        return notes;
    }

    private static ObjectNode note(CSVRecord row, List<String> heads) {
        ObjectNode note = JSON.createObjectNode();
        for (String head : heads) {
            String value = row.isSet(head) ? row.get(head).strip() : "";
            if (value.isEmpty() || SAID.contains(head)) {
                continue;
            }
            if (head.equals("id")) {
                note.put(head, value.substring(0, Math.min(LONGEST_ID, value.length())));
            } else if (FLAGS.contains(head)) {
                note.put(head, Boolean.parseBoolean(value));
            } else if (NUMBERS.contains(head)) {
                note.set(head, number(value, head, row.getRecordNumber() + 1));
            } else {
                note.put(head, value.startsWith("'") ? value.substring(1) : value);
            }
        }
        return note;
    }

    private static JsonNode number(String value, String head, long line) {
        try {
            JsonNode number = JSON.readTree(value);
            if (number.isNumber() || number.isObject()) {
                return number;
            }
        } catch (JacksonException e) {
            // Said below.
        }
        throw new Refused(
                "", "Line %d: write %s as a number, with a point; \"%s\" is none.".formatted(line, head, value));
    }
}
