package kindthimble.app.http;

import java.util.stream.Collectors;
import kindthimble.core.words.Refused;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.exc.ValueInstantiationException;

/** What is wrong with JSON that can't be read as what it should be: which field, in a decorator's words. */
public final class Unreadable {
    private Unreadable() {}

    /** The field and the sentence. */
    public static Refused refused(JacksonException cause) {
        String field = path(cause);
        return new Refused(field, sentence(cause, field));
    }

    private static String sentence(JacksonException cause, String field) {
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return "There is no field " + unknown.getPropertyName() + " here.";
        }
        if (cause instanceof InvalidTypeIdException unknown) {
            return unknown.getTypeId() == null
                    ? "Say which kind this is."
                    : "There is no kind \"" + unknown.getTypeId() + "\" here.";
        }
        if (cause instanceof InvalidFormatException wrong && PlainText.SENTENCE.equals(wrong.getOriginalMessage())) {
            return PlainText.SENTENCE;
        }
        if (cause instanceof StreamConstraintsException) {
            return "This is longer or more deeply nested than any order is.";
        }
        if (cause instanceof MismatchedInputException wrong) {
            return wrong.getTargetType() != null && isNumber(wrong.getTargetType())
                    ? "Write a number for " + last(field) + "."
                    : "What stands in " + (field.isEmpty() ? "the request" : last(field))
                            + " is missing or not of the right sort.";
        }
        if (cause instanceof ValueInstantiationException) {
            return "Something in " + last(field) + " is missing, or can't be meant: look at its numbers.";
        }
        return "This is not well-formed JSON.";
    }

    private static boolean isNumber(Class<?> type) {
        return Number.class.isAssignableFrom(type) || type.isPrimitive() && type != boolean.class;
    }

    private static String last(String field) {
        return field.substring(field.lastIndexOf('.') + 1);
    }

    private static String path(JacksonException cause) {
        return cause.getPath().stream()
                .map(step ->
                        step.getPropertyName() == null ? "[" + step.getIndex() + "]" : "." + step.getPropertyName())
                .collect(Collectors.joining())
                .replaceFirst("^\\.", "");
    }
}
