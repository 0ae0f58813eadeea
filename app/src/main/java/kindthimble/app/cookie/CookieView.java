package kindthimble.app.cookie;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import kindthimble.core.design.Cookie;
import kindthimble.core.geometry.Box;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Mark;

/**
 * A measured design for the screen.
 *
 * @param box of the baked cookie
 * @param layers what to paint
 * @param icedAreaMm2 where icing may lie
 * @param inscribedRadiusMm of that region
 * @param gramsEach finished icing on one
 * @param marks what each move puts on, in order
 * @param cautions what is likely to go wrong
 */
public record CookieView(
        Box box,
        List<Layer> layers,
        double icedAreaMm2,
        double inscribedRadiusMm,
        double gramsEach,
        List<MarkView> marks,
        List<Cookie.Caution> cautions) {

    /**
     * @param move index of the move
     * @param gramsEach finished icing on one cookie
     * @param countSeconds its consistency
     * @param state the same in words
     * @param tip name of the tip; null for a tipless bag
     * @param lengthMm piped; 0 where nothing is
     * @param areaMm2 covered; 0 where that means nothing
     * @param gate what has to be so underneath
     */
    public record MarkView(
            int move,
            double gramsEach,
            double countSeconds,
            Consistency.State state,
            @Nullable String tip,
            double lengthMm,
            double areaMm2,
            Gate gate) {}

    static CookieView of(Cookie cookie, BaseRecipe recipe) {
        List<MarkView> marks = new ArrayList<>();
        for (int i = 0; i < cookie.marks().size(); i++) {
            Mark mark = cookie.marks().get(i);
            marks.add(new MarkView(
                    i,
                    mark.grams(recipe),
                    mark.icing().consistency().countSeconds(),
                    mark.icing().consistency().state(),
                    mark.icing().tip(),
                    mark.lengthMm(),
                    mark.areaMm2(),
                    mark.gate()));
        }
        return new CookieView(
                cookie.baked().box(),
                cookie.layers(),
                cookie.iced().areaMm2(),
                cookie.iced().inscribedRadiusMm(),
                cookie.grams(recipe),
                marks,
                cookie.cautions());
    }
}
