package kindthimble.app.cookie;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.core.caution.Care;
import kindthimble.core.caution.Caution;
import kindthimble.core.colour.Palette;
import kindthimble.core.colour.Roles;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.SideCut;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Spot;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.passes.Passes;

/**
 * A measured design for the screen.
 *
 * @param box of the baked cookie
 * @param layers what to paint
 * @param icedAreaMm2 where icing may lie
 * @param inscribedRadiusMm of that region
 * @param gramsEach finished icing on one
 * @param handSeconds hands on one
 * @param marks what the moves put on, in order
 * @param sections by name, with their outlines
 * @param standing where marks stand by themselves, by move
 * @param middle of the cookie: places count from it
 * @param passes it is iced in
 * @param side a level cut through its middle
 * @param sideY at which height of the picture that is
 * @param roles the part that each of its colours plays, most grams first
 * @param cautions what is likely to go wrong
 * @param cares what to take care of for whoever eats it, each a sentence
 * @param small small designs of their own that are set on it, by move, each about its own middle
 */
public record CookieView(
        Box box,
        List<Layer> layers,
        double icedAreaMm2,
        double inscribedRadiusMm,
        double gramsEach,
        double handSeconds,
        List<MarkView> marks,
        List<SectionView> sections,
        Map<Integer, List<Pose>> standing,
        Spot middle,
        List<PassView> passes,
        List<SideCut.CutPiece> side,
        double sideY,
        List<RoleView> roles,
        List<Caution> cautions,
        List<String> cares,
        Map<Integer, CookieView> small) {

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
     * @param stage what kind of work it is
     * @param handSeconds hands on one cookie
     * @param piecesAhead pieces made ahead for each cookie; 0 for all else
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
            Stage stage,
            double handSeconds,
            int piecesAhead) {}

    /**
     * @param number from 1; 0 and less for what is made ahead
     * @param stage what kind of work it is
     * @param gate what has to be so before it starts
     * @param gateMinutes how long that takes after what it waits for
     * @param waitMinutes how much of that is left when the pass before is done
     * @param after the move that it waits for; null for none
     * @param move the move that waits; null for none
     * @param bleeds whether that is so dark on what it lies on that it would bleed
     */
    public record PassView(
            int number,
            Stage stage,
            Gate gate,
            int gateMinutes,
            int waitMinutes,
            @Nullable Integer after,
            @Nullable Integer move,
            boolean bleeds) {
        static PassView of(Passes.Pass pass, Cookie cookie, Kitchen kitchen) {
            double darker = pass.move() == null
                    ? 0
                    : kitchen.palette()
                            .darkerBy(
                                    cookie.design().moves().get(pass.move()).colour(),
                                    cookie.design().moves().get(pass.after()).colour());
            return new PassView(
                    pass.number(),
                    pass.stage(),
                    pass.gate(),
                    pass.gateMinutes(),
                    pass.waitMinutes(),
                    pass.after(),
                    pass.move(),
                    pass.stage() == Stage.RAISED && darker > kitchen.mean(Habit.BLEEDS_FROM_DELTA_L));
        }
    }

    /**
     * @param name by which moves name it
     * @param pass in which it is coated, from 1; 0 for one that stays bare
     * @param at a point inside, for its flag
     * @param middle of its box, as marks in its middle stand
     * @param path its outline
     */
    public record SectionView(String name, int pass, Spot at, Spot middle, String path) {
        static SectionView of(Cookie.Section section) {
            return new SectionView(
                    section.name(),
                    section.pass(),
                    section.at(),
                    section.region().middle(),
                    section.region().pathData());
        }
    }

    private static Map<Integer, List<Pose>> standing(Cookie cookie) {
        Map<Integer, List<Pose>> standing = new TreeMap<>();
        cookie.standing()
                .forEach((move, poses) -> standing.put(
                        move,
                        poses.stream()
                                .map(pose -> new Pose(
                                        hundredths(pose.x()),
                                        hundredths(pose.y()),
                                        hundredths(pose.turnDegrees()),
                                        pose.flipped()))
                                .toList()));
        return standing;
    }

    private static double hundredths(double number) {
        return Math.rint(100 * number) / 100;
    }

    /**
     * @param colour key of a colour
     * @param role {@code main}, {@code second}, {@code accent}, {@code dark}, {@code white} …
     * @param gramsEach of it on one cookie; 0 for marker, paint and the like
     */
    public record RoleView(String colour, String role, double gramsEach) {}

    static CookieView of(Cookie cookie, Kitchen kitchen) {
        BaseRecipe recipe = kitchen.recipe();
        List<MarkView> marks =
                cookie.marks().stream().map(on -> mark(cookie, on, kitchen)).toList();
        Map<String, Double> grams = new LinkedHashMap<>();
        cookie.marks().stream()
                .filter(on -> on.mark().icing() != null)
                .forEach(on -> grams.merge(on.mark().icing().colour(), on.mark().grams(recipe), Double::sum));
        cookie.design().colours().forEach(colour -> grams.putIfAbsent(colour, 0.0));
        return new CookieView(
                cookie.baked().box(),
                cookie.layers(),
                cookie.iced().areaMm2(),
                cookie.iced().inscribedRadiusMm(),
                cookie.grams(recipe),
                cookie.handSeconds(),
                marks,
                cookie.sections().stream().map(SectionView::of).toList(),
                standing(cookie),
                cookie.iced().middle(),
                cookie.passes().stream()
                        .map(pass -> PassView.of(pass, cookie, kitchen))
                        .toList(),
                SideCut.through(cookie, cookie.iced().inside().y()),
                cookie.iced().inside().y(),
                roles(grams, kitchen.palette()),
                cookie.cautions(),
                Care.of(cookie.design().moves()).stream().map(Care::sentence).toList(),
                small(cookie, kitchen));
    }

    private static Map<Integer, CookieView> small(Cookie cookie, Kitchen kitchen) {
        Map<Integer, CookieView> small = new TreeMap<>();
        cookie.small().forEach((move, own) -> small.put(move, of(own, kitchen)));
        return small;
    }

    private static List<RoleView> roles(Map<String, Double> grams, Palette palette) {
        List<RoleView> roles = new ArrayList<>();
        Roles.of(grams, palette).forEach((colour, role) -> roles.add(new RoleView(colour, role, grams.get(colour))));
        return roles;
    }

    /** The same with the parts that its colours play where they look as in another palette. */
    CookieView playedIn(Palette palette) {
        Map<String, Double> grams = new LinkedHashMap<>();
        roles.forEach(role -> grams.put(role.colour(), role.gramsEach()));
        return new CookieView(
                box,
                layers,
                icedAreaMm2,
                inscribedRadiusMm,
                gramsEach,
                handSeconds,
                marks,
                sections,
                standing,
                middle,
                passes,
                side,
                sideY,
                roles(grams, palette),
                cautions,
                cares,
                small);
    }

    private static MarkView mark(Cookie cookie, OnCookie on, Kitchen kitchen) {
        Mark mark = on.mark();
        Icing icing = mark.icing();
        return new MarkView(
                on.move(),
                on.pass(),
                mark.colour() == null && icing == null
                        ? cookie.design().moves().get(on.move()).colour()
                        : mark.colour(),
                mark.grams(kitchen.recipe()),
                icing == null ? null : icing.consistency().countSeconds(),
                icing == null ? null : icing.consistency().state(),
                icing == null ? null : icing.tip(),
                mark.lengthMm(),
                mark.areaMm2(),
                mark.gate(),
                mark.stage(),
                mark.handSeconds(kitchen.habits()),
                mark.ahead() == null ? 0 : mark.ahead().pieces());
    }
}
