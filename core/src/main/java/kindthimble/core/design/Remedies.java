package kindthimble.core.design;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.geometry.TooMuch;

/**
 * Tries the presses that warnings offer: the design is measured as it would be after each, and a press is offered only where its warning
 * is gone then and there are no more of them than before. What can't be measured, or is one too many to try, is not offered.
 */
final class Remedies {
    /** More warnings than these on one cookie are worked off one after the other. */
    private static final int MOST_TRIED = 8;

    private final Function<Design, Cookie> measured;
    private final Cookie cookie;

    Remedies(Function<Design, Cookie> measured, Cookie cookie) {
        this.measured = measured;
        this.cookie = cookie;
    }

    /** The cookie's warnings, those whose press does not help without it. */
    List<Cookie.Caution> tried() {
        List<Cookie.Caution> all = new ArrayList<>();
        int tried = 0;
        for (Cookie.Caution caution : cookie.cautions()) {
            boolean offers = caution.press() != null;
            all.add(!offers || ++tried <= MOST_TRIED && mends(caution) ? caution : caution.unmended());
        }
        return all;
    }

    private boolean mends(Cookie.Caution caution) {
        Design before = cookie.design();
        Design after = new Design(
                before.format(),
                before.name(),
                before.cutter(),
                before.spreadPercent(),
                caution.marginMm() == null ? before.marginMm() : caution.marginMm(),
                before.filling(),
                caution.moves());
        try {
            List<Cookie.Caution> left = measured.apply(after).cautions();
            return left.size() < cookie.cautions().size() + 1
                    && count(left, caution) < count(cookie.cautions(), caution);
        } catch (Refused | TooMuch e) {
            return false;
        }
    }

    private static long count(List<Cookie.Caution> cautions, Cookie.Caution like) {
        return cautions.stream().filter(one -> one.kind().equals(like.kind())).count();
    }
}
