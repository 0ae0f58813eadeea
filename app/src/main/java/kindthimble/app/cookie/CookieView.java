package kindthimble.app.cookie;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import kindthimble.core.design.Cookie;
import kindthimble.core.geometry.Box;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.Turn;

/**
 * A measured design for the screen.
 *
 * @param box of the baked cookie
 * @param layers what to paint
 * @param icedAreaMm2 where icing may lie
 * @param inscribedRadiusMm of that region
 * @param gramsEach finished icing on one
 * @param marks what the moves put on, in order
 * @param sections by name, with a point inside for a flag
 * @param passes it is iced in
 * @param side a level cut through its middle
 * @param cautions what is likely to go wrong
 */
public record CookieView(
        Box box,
        List<Layer> layers,
        double icedAreaMm2,
        double inscribedRadiusMm,
        double gramsEach,
        List<MarkView> marks,
        List<Cookie.Section> sections,
        List<Cookie.Pass> passes,
        List<SideSlice> side,
        List<Cookie.Caution> cautions) {

    /**
     * @param move index of the move
     * @param pass in which it goes on
     * @param colour key of its colour; null where it has none
     * @param gramsEach finished icing on one cookie; 0 for a mark without icing
     * @param countSeconds its consistency; null without icing
     * @param state the same in words; null without icing
     * @param tip name of the tip; null for a tipless bag
     * @param lengthMm piped; 0 where nothing is
     * @param areaMm2 covered; 0 where that means nothing
     * @param gate what has to be so underneath
     * @param turn what kind of work it is
     * @param handSeconds hands on one cookie
     */
    public record MarkView(
            int move,
            int pass,
            @Nullable String colour,
            double gramsEach,
            @Nullable Double countSeconds,
            @Nullable Consistency.State state,
            @Nullable String tip,
            double lengthMm,
            double areaMm2,
            Gate gate,
            Turn turn,
            double handSeconds) {}

    /**
     * @param colour key of its colour
     * @param pass in which it goes on
     * @param above whether it stands on a coat
     */
    public record SideSlice(double fromMm, double toMm, double heightMm, boolean above, String colour, int pass) {}

    static CookieView of(Cookie cookie, BaseRecipe recipe) {
        List<MarkView> marks = new ArrayList<>();
        List<SideSlice> side = new ArrayList<>();
        double cut = cookie.iced().inside().y();
        for (Cookie.OnCookie on : cookie.marks()) {
            Mark mark = on.mark();
            Icing icing = mark.icing();
            marks.add(new MarkView(
                    on.move(),
                    on.pass(),
                    cookie.design().moves().get(on.move()).colour(),
                    mark.grams(recipe),
                    icing == null ? null : icing.consistency().countSeconds(),
                    icing == null ? null : icing.consistency().state(),
                    icing == null ? null : icing.tip(),
                    mark.lengthMm(),
                    mark.areaMm2(),
                    mark.gate(),
                    mark.turn(),
                    mark.handSeconds()));
            mark.slices(cut)
                    .forEach(s -> side.add(new SideSlice(
                            s.fromMm(),
                            s.toMm(),
                            s.heightMm(),
                            s.above(),
                            icing == null ? null : icing.colour(),
                            on.pass())));
        }
        return new CookieView(
                cookie.baked().box(),
                cookie.layers(),
                cookie.iced().areaMm2(),
                cookie.iced().inscribedRadiusMm(),
                cookie.grams(recipe),
                marks,
                cookie.sections(),
                cookie.passes(),
                side,
                cookie.cautions());
    }
}
