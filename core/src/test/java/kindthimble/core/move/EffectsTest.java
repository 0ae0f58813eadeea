package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.CoatVolume;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.DetailSchool;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.lettering.Letters;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.passes.Passes;
import kindthimble.core.pour.Allowance;
import kindthimble.core.pour.CookieSet;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Pouring;
import kindthimble.core.pour.Tally;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

/** What single parameters and rules do, by closed forms: on a card of 60 mm without margin wherever that is enough. */
class EffectsTest {
    private static final ShopSettings SHOP = ShopSettings.house();
    private static final BaseRecipe BASE = HouseRecipes.MERINGUE_POWDER;
    private static final Measuring MEASURING = new Measuring(Kitchens.of(SHOP, 15, Palette.UNKNOWN));
    private static final Flood WHITE = Moves.flood("white");

    private static Cookie card(Move... moves) {
        return MEASURING.measure(Moves.card(60, moves));
    }

    private static Mark last(Move... moves) {
        Cookie cookie = card(moves);
        return cookie.marks().get(cookie.marks().size() - 1).mark();
    }

    @Test
    void fullnessAndDrawScaleWhatGoesOn() {
        double even = last(WHITE).volumeMm3();
        assertEquals(1.15 * even, last(Catalogue.with(WHITE, "fullness", 1.15)).volumeMm3(), 1e-6);
        Outline outline = Moves.outline("white");
        Cookie cookie = card(outline, Catalogue.with(WHITE, "fullness", 0.9));
        double bead = cookie.marks().get(0).mark().volumeMm3();
        assertEquals(4 * (60 - 1.2) * Math.PI * 1.2 * 1.2 / 4, bead, 0.5, "half a bead inside the edge of 60 mm");
        assertEquals(
                0.9 * even - bead, cookie.marks().get(1).mark().volumeMm3(), 1e-6, "the outline stands in the flood");
        assertEquals(
                0.85 * bead,
                card(Catalogue.with(outline, "draw", 0.85), WHITE)
                        .marks()
                        .get(0)
                        .mark()
                        .volumeMm3(),
                1e-6);
    }

    /** Of a transfer's pieces the body is a coat of 1.8 mm, its second colour a line round the edge or half a ball in the middle. */
    @Test
    void transfersByPiecesAndSecondColour() {
        Transfer one = Moves.transfer("poppy", SmallForm.DISC, 20, 1);
        Region piece = SmallForm.region(SmallForm.DISC, null, 20);
        double body = CoatVolume.mm3(piece, 1.8);
        assertEquals(body, ahead(one, 0).volumeMm3(), 1e-6);
        assertEquals(3 * body, ahead(Catalogue.with(one, "pieces", 3), 0).volumeMm3(), 1e-6);
        Transfer two = Catalogue.with(one, "second", "navy");
        double across = 0.22 * 20;
        assertEquals(Math.PI * Math.pow(across, 3) / 12, ahead(two, 1).volumeMm3(), 1e-6, "half a ball");
        Transfer edged = Catalogue.with(two, "secondGoes", Transfer.SecondGoes.EDGE);
        double opening = 0.8;
        assertEquals(
                Math.PI * (20 - opening) * Math.PI * opening * opening / 4,
                ahead(edged, 1).volumeMm3(),
                0.05,
                "a line");
        assertEquals(2 * 0.3, glueGrams(Catalogue.with(one, "pieces", 2)), 1e-9);
        assertEquals(0, glueGrams(Catalogue.with(one, "setOn", Transfer.SetOn.DROPPED)), 1e-9);
        double placing = placed(one).handSeconds(Habits.HOUSE);
        assertEquals(8, placing, 1e-9);
        Transfer standing = Catalogue.with(one, "standing", Transfer.Standing.STANDING);
        assertEquals(8, ahead(standing, 1).handSeconds(Habits.HOUSE), 1e-9, "put together first");
        assertEquals(placing, placed(standing).handSeconds(Habits.HOUSE), 1e-9, "and set on like any other");
    }

    private static Mark ahead(Transfer transfer, int nth) {
        return card(WHITE, transfer).marks().stream()
                .map(OnCookie::mark)
                .filter(mark -> mark.ahead() != null)
                .toList()
                .get(nth);
    }

    private static Mark placed(Transfer transfer) {
        return last(WHITE, transfer);
    }

    private static double glueGrams(Transfer transfer) {
        return placed(transfer).grams(BASE);
    }

    @Test
    void raisedDetailWaitsByTheShopsSchool() {
        assertEquals(Gate.DRY_THROUGH, last(WHITE, Moves.line("coal")).gate());
        Measuring halfDry =
                new Measuring(Kitchens.of(Catalogue.with(SHOP, "detail", DetailSchool.HALF_DRY), 15, Palette.UNKNOWN));
        Cookie cookie = halfDry.measure(Moves.card(60, WHITE, Moves.line("coal")));
        assertEquals(Gate.HALF_DRY, cookie.marks().get(1).mark().gate());
        assertEquals(Gate.BARE_COOKIE, last(Moves.line("coal")).gate(), "on a bare cookie for nothing");
        assertEquals(
                Gate.FIRM,
                last(WHITE, Catalogue.with(Moves.line("coal"), "waits", Wait.FIRM))
                        .gate());
    }

    /** Gate times of craft.md 8, and that what has been waited for once is not waited for again. */
    @Test
    void waitsComeOnce() {
        assertEquals(25, Gate.SKINNED.minutes(Habits.HOUSE));
        assertEquals(35, Gate.HALF_DRY.minutes(Habits.HOUSE));
        assertEquals(100, Gate.FIRM.minutes(Habits.HOUSE));
        assertEquals(300, Gate.SURFACE_DRY.minutes(Habits.HOUSE));
        assertEquals(600, Gate.DRY_THROUGH.minutes(Habits.HOUSE));
        assertEquals(1440, Gate.TEXTURE_SHEET.minutes(Habits.HOUSE));
        Cookie cookie = card(
                WHITE,
                new Airbrush("sky", null),
                Catalogue.with(Moves.line("coal"), "waits", Wait.DRY_THROUGH),
                new Paint("gold", Paint.What.DUST, null, null, null));
        assertEquals(
                List.of(0, 308, 307, 60),
                cookie.passes().stream().map(Passes.Pass::waitMinutes).toList(),
                "flood; airbrush on a dry surface; a line when dry through, 5 h later (2.025 mm of it); dust on it an hour after that");
    }

    /** A dot over two coats goes by the thicker one: 1.05 + 0.065 x 30 mm, half of it. */
    @Test
    void wetDotsGoByTheThickestCoatUnderThem() {
        Division halves = new Division.Bands("a", null, 2, null);
        Cookie cookie = card(
                halves,
                new Flood("white", 10.0, null, null, "a1", Seam.FLOW),
                new Flood("white", 30.0, null, null, "a2", Seam.FLOW),
                Moves.dots("coal", 4, 5));
        Mark dots = cookie.marks().get(cookie.marks().size() - 1).mark();
        assertEquals(4 * Math.PI / 4 * 25 * (1.05 + 0.065 * 30) / 2, dots.volumeMm3(), 1e-6);
    }

    @Test
    void dragsTakeTwoSecondsEach() {
        Stripe stripe =
                new Stripe("coal", null, null, 3, Strokes.Form.STRAIGHT, null, null, null, null, null, null, null);
        double plain = last(WHITE, stripe).handSeconds(Habits.HOUSE);
        assertEquals(3 * 60 / 10.0 * 0.8, plain, 1e-6, "three lines of 60 mm");
        assertEquals(
                plain + 4 * 2, last(WHITE, Catalogue.with(stripe, "drags", 4)).handSeconds(Habits.HOUSE), 1e-6);
    }

    /** A crease waits for its neighbour's skin; a bead between two wet sections does not. */
    @Test
    void wallsNeedNoSecondPass() {
        Division halves = new Division.Bands("a", null, 2, null);
        assertEquals(2, passes(halves, Seam.CREASE));
        assertEquals(1, passes(halves, Seam.WALL));
        assertEquals(1, passes(halves, Seam.FLOW));
        // Where they meet flat there is no rim: 1.05 + 0.065 x 15 = 2.025 mm over all, less that of the outer edge.
        double whole = card(WHITE).marks().get(0).mark().volumeMm3();
        assertEquals(whole, volume(halves, Seam.FLOW), 1e-6);
        assertEquals(
                whole,
                volume(halves, Seam.WALL),
                1e-6,
                "wet together, they stand equally high on both sides of the bead");
        assertTrue(volume(halves, Seam.CREASE) < whole - 2 * 60 * 2.025 * 2.025 * (1 - Math.PI / 4) * 0.9);
    }

    private static int passes(Division halves, Seam seam) {
        return card(halves, Moves.flood("white", "a1", seam), Moves.flood("white", "a2", seam))
                .passes()
                .size();
    }

    private static double volume(Division halves, Seam seam) {
        return card(halves, Moves.flood("white", "a1", seam), Moves.flood("white", "a2", seam)).marks().stream()
                .mapToDouble(on -> on.mark().volumeMm3())
                .sum();
    }

    /** A line bent by b lies on the parabola y = y0 + 4 b s (1 - s), s from 1.5 mm before the one edge to 1.5 mm after the other. */
    @Test
    void horizonBendsAsAParabola() {
        double above = 60 * 0.4 * 60;
        double bend = 0.25 * 60;
        double from = 1.5 / 63;
        double to = 61.5 / 63;
        double under = (to * to / 2 - to * to * to / 3) - (from * from / 2 - from * from * from / 3);
        Cookie cookie = card(new Division.Horizon("a", null, 40, null, 25.0), Moves.flood("white", "a1", Seam.FLOW));
        // The pen draws its curves in chords, a part in some thousand off.
        assertEquals(above + 4 * bend * under * 63, cookie.marks().get(0).mark().areaMm2(), 0.5);
        Cookie straight = card(new Division.Horizon("a", null, 40, null, null), Moves.flood("white", "a1", Seam.FLOW));
        assertEquals(above, straight.marks().get(0).mark().areaMm2(), 1e-6);
    }

    /** Dark on light bleeds from a difference of more than 45 in L* on. */
    @Test
    void bleedingHasAThreshold() {
        for (double apart : new double[] {44, 46}) {
            Palette palette = new Palette(Map.of("dark", new Lab(90 - apart, 0, 0), "light", new Lab(90, 0, 0)));
            Cookie cookie = new Measuring(Kitchens.of(SHOP, 15, palette))
                    .measure(Moves.card(
                            60, Moves.flood("light"), Catalogue.with(Moves.line("dark"), "waits", Wait.FIRM)));
            assertEquals(
                    apart > 45,
                    cookie.cautions().stream().anyMatch(c -> c.sentence().contains("bleeds into")),
                    apart + " apart");
        }
    }

    /** A space is 260 units of 1,000 to the em wide, whatever stands beside it. */
    @Test
    void spacesStandBetweenWords() {
        double together = Letters.WRITTEN.written("nn").region().box().widthMm();
        assertEquals(
                together + 260, Letters.WRITTEN.written("n n").region().box().widthMm(), 1e-3);
        assertEquals(
                together + 520, Letters.WRITTEN.written("n  n").region().box().widthMm(), 1e-3);
    }

    /** The spare of a colour goes to its bags by their grams; a spatula's bowl keeps what a scraper keeps. */
    @Test
    void spareGoesByGramsAndASpatulaKeepsItsOwn() {
        Cookie cookie = card(Moves.outline("poppy"), Moves.flood("poppy"));
        Pour pour = new Pouring(Kitchens.of(SHOP, BASE), new Allowance.Risk(0.02))
                .of(new Tally(BASE, 0).of(new CookieSet(List.of(new CookieSet.Line("a", cookie, 24)))));
        Pour.Bowl bowl = pour.bowls().get(0);
        assertEquals(2, bowl.portions().size());
        bowl.portions()
                .forEach(portion -> assertEquals(
                        bowl.spareGrams() * portion.cookiesGrams() / bowl.cookiesGrams(), portion.spareGrams(), 1e-9));
        Cookie spread = card(new Spatula("poppy", null, null, null, null));
        Pour coats = new Pouring(Kitchens.of(SHOP, BASE), new Allowance.Flat(0))
                .of(new Tally(BASE, 0).of(new CookieSet(List.of(new CookieSet.Line("a", spread, 24)))));
        Pour.Portion one = coats.bowls().get(0).portions().get(0);
        assertEquals(1, one.bags());
        assertEquals(SHOP.mean(Habit.SCRAPER_KEEPS_GRAMS), one.keptGrams(), 1e-9);
        assertFalse(one.coupler());
    }

    /** Two batches from 1,385 g on: the mixer holds 1,400, of which 15 stay in it. */
    @Test
    void noBatchIsMoreThanTheMixerHolds() {
        Cookie cookie = card(Moves.flood("poppy"));
        for (int cookies = 80; cookies < 600; cookies += 37) {
            Pour pour = new Pouring(Kitchens.of(SHOP, BASE), new Allowance.Flat(0))
                    .of(new Tally(BASE, 0).of(new CookieSet(List.of(new CookieSet.Line("a", cookie, cookies)))));
            assertEquals(
                    (int) Math.ceil(pour.baseGrams() / 1385), pour.batches().size());
            pour.batches().forEach(batch -> assertTrue(batch.madeGrams() <= 1400 + 4, "rounded up to whole grams"));
        }
    }
}
