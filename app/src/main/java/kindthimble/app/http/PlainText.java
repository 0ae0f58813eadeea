package kindthimble.app.http;

import java.util.Set;
import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;

/**
 * Text as people write it. What no keyboard gives (control characters, halves of a character) can't be stored, printed or put into a
 * file name, and is refused before anything reads it.
 */
@JacksonComponent
class PlainText extends StdScalarDeserializer<String> {
    static final String SENTENCE =
            "There is a character in it that can't be written. Take it out, or type the text anew.";

    /** Path data and files of colours. */
    private static final Set<String> OF_MANY_LINES = Set.of("path", "text");

    PlainText() {
        super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
        String text = parser.getValueAsString();
        if (text == null) {
            return (String) context.handleUnexpectedToken(getValueType(context), parser);
        }
        if (!isPlain(text)) {
            throw InvalidFormatException.from(parser, SENTENCE, text, String.class);
        }
        // A name is one line, wherever it was copied from.
        return OF_MANY_LINES.contains(String.valueOf(parser.currentName()))
                ? text
                : text.replace('\n', ' ').replace('\r', ' ').replace('\t', ' ');
    }

    private static boolean isPlain(String text) {
        return text.codePoints()
                .allMatch(c -> c >= 0x20 && c != 0x7F && !(c >= 0xD800 && c <= 0xDFFF) && c != 0xFFFE && c != 0xFFFF
                        || c == '\n'
                        || c == '\r'
                        || c == '\t');
    }
}
