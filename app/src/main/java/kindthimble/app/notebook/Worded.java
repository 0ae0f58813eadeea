package kindthimble.app.notebook;

import java.util.Locale;
import kindthimble.core.notebook.Note;

/** Notes in words, as somebody would tell them. */
final class Worded {
    private static final double SECONDS = 60;

    private Worded() {}

    static String kind(Note note) {
        return switch (note.getClass().getSimpleName()) {
            case "Count" -> "count";
            case "Cookie" -> "trial cookie";
            case "Bag" -> "bag weighed";
            case "Run" -> "icing";
            case "Step" -> "minutes";
            case "Look" -> "drying";
            case "Broken" -> "broken";
            case "Kept" -> "left behind";
            case "Piece" -> "weighed together";
            case "Place" -> "craters";
            case "Bake" -> "baking";
            default -> "note";
        };
    }

    static String of(Note note) {
        if (note instanceof Note.Count one) {
            return say("%s s at %s g of water in 100 g of base", number(one.seconds()), number(one.water()));
        }
        if (note instanceof Note.Cookie one) {
            return say("%s g of coat on a cookie, %s g planned", number(one.coat()), number(one.planned()));
        }
        if (note instanceof Note.Bag one) {
            return say(
                    "%d cookies took %s g of coat each, %s g planned",
                    one.cookies(), number(one.coat()), number(one.planned()));
        }
        if (note instanceof Note.Run one) {
            return say(
                    "%s min for a tray, %s planned",
                    number(one.seconds() / SECONDS), number(one.plannedSeconds() / SECONDS));
        }
        if (note instanceof Note.Step one) {
            return say("to %s took %s min, %s planned", one.work(), number(one.measured()), number(one.planned()));
        }
        if (note instanceof Note.Look one) {
            return say("%s after %s min: %s", one.gate(), number(one.age()), one.passed() ? "yes" : "still soft");
        }
        if (note instanceof Note.Broken one) {
            return say("%d of %d broke when they were %s", one.broken(), one.of(), one.when());
        }
        if (note instanceof Note.Kept one) {
            return say("a %s kept %s g, %s planned", one.what(), number(one.measured()), number(one.planned()));
        }
        if (note instanceof Note.Piece one) {
            return say(
                    "%d × %s weigh %s g together, %s planned",
                    one.of(), one.what(), number(one.measured()), number(one.of() * one.planned()));
        }
        if (note instanceof Note.Place one) {
            return say("%d of %d places %s mm wide cratered", one.yes(), one.of(), number(one.width()));
        }
        Note.Bake one = (Note.Bake) note;
        return say("%s %s %%, %s planned", one.what(), number(one.measured()), number(one.planned()));
    }

    private static String say(String words, Object... with) {
        return String.format(Locale.ROOT, words, with);
    }

    /** With as many digits as a kitchen scale and a stopwatch have. */
    private static String number(double value) {
        String digits = say(Math.abs(value) >= 100 ? "%.0f" : Math.abs(value) >= 10 ? "%.1f" : "%.2f", value);
        return digits.contains(".") ? digits.replaceAll("0+$", "").replaceAll("\\.$", "") : digits;
    }
}
