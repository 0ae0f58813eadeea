package kindthimble.app.history;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kindthimble.app.exchange.DesignFormats;

/** Steps that were kept when designs were of an earlier format, as they are today. */
final class EditFormats {
    private static final Pattern MOVED = Pattern.compile("(.*/moves/\\d+)/(laid|along|insetMm)");

    private EditFormats() {}

    static Edit upgraded(Edit edit) {
        Matcher moved = MOVED.matcher(edit.path());
        return moved.matches()
                ? new Edit(
                        moved.group(1) + "/where",
                        DesignFormats.where(moved.group(2), edit.was()),
                        DesignFormats.where(moved.group(2), edit.now()))
                : new Edit(edit.path(), DesignFormats.upgradedPart(edit.was()), DesignFormats.upgradedPart(edit.now()));
    }
}
