package kindthimble.core.habit;

import static kindthimble.core.habit.KitchenSeen.*;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;
import kindthimble.core.design.Seeing;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.TraysDry;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Marbling;
import kindthimble.core.mark.Supply;
import kindthimble.core.pour.CommonBowls;
import kindthimble.core.pour.Jar;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Shopping;
import kindthimble.core.tint.TintRecipe;
import kindthimble.core.work.Task;
import kindthimble.core.work.WorkList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every figure of the kitchen, raised, does what it says: there is more, or less, of what it is there for. */
class EveryHabitTest {
    /**
     * What a figure does when it is raised.
     *
     * @param more whether there is more of what is seen then, or less
     * @param from where it is raised from
     * @param to and to
     */
    private record Effect(boolean more, double from, double to, Seen seen) {}

    private static final Map<Habit, Effect> EFFECTS = new EnumMap<>(Habit.class);

    private static void effect(Habit habit, boolean more, double from, double to, Seen seen) {
        assertNull(EFFECTS.put(habit, new Effect(more, from, to, seen)), () -> habit + " stands twice");
    }

    /** Raised from what the house says by a twentieth of its way to the most. */
    private static void more(Seen seen, Habit... habits) {
        for (Habit habit : habits) {
            effect(habit, true, habit.house().mean(), raised(habit), seen);
        }
    }

    private static void less(Seen seen, Habit... habits) {
        for (Habit habit : habits) {
            effect(habit, false, habit.house().mean(), raised(habit), seen);
        }
    }

    private static double raised(Habit habit) {
        double near =
                habit.house().mean() + (habit.range().most() - habit.house().mean()) / 20;
        return habit.isWhole() ? Math.ceil(near) : near;
    }

    static {
        more(on(LINED, cookie -> cookie.baked().areaMm2()), Habit.SPREAD_PERCENT);
        less(volume(LINED), Habit.MARGIN_MM);
        effect(Habit.PRESSED_MARGIN_MM, true, 0, 3, warnings(SUNK));
        effect(Habit.NEAR_EDGE_MM, true, 3, 20, warnings(SUNK));
        more(
                ofMarks(
                        ON_FILM,
                        mark -> mark.slices(0).stream()
                                .mapToDouble(slice -> slice.baseMm() + slice.heightMm())
                                .max()
                                .orElse(0)),
                Habit.DOUGH_MM);

        more(counts(LINED), Habit.FLOOD_COUNT_SECONDS, Habit.PIPING_SECONDS);
        more(counts(PIECES), Habit.MEDIUM_SECONDS);
        more(counts(DIPPED), Habit.GLAZE_SECONDS);
        more(volume(LINED), Habit.COAT_MM, Habit.COAT_MM_PER_SECOND, Habit.FULLNESS, Habit.DRAW);
        more(
                volume(SUNK),
                Habit.WET_MARK_ABOVE_SHARE,
                Habit.WET_LINE_SPREAD,
                Habit.SMALL_DOT_MM,
                Habit.MEDIUM_DOT_MM,
                Habit.LARGE_DOT_MM);
        for (Filling filling : Filling.values()) {
            more(filled(filling), filling.coats());
        }
        more(volume(DIPPED), Habit.DIP_MM);
        more(volume(SPREAD), Habit.SPATULA_MM);
        more(volume(PRESSED), Habit.PRESSED_MM);
        more(ofMarks(DIPPED, mark -> mark instanceof Marbling ? mark.volumeMm3() : 0), Habit.MARBLED_SHARE_PERCENT);
        less(volume(PIECES), Habit.BEAD_STEP);
        more(
                volume(PIECES),
                Habit.BEAD_TAILS,
                Habit.DABBED_MM,
                Habit.LEAF_GRAMS,
                Habit.ROSETTE_GRAMS,
                Habit.STAR_GRAMS,
                Habit.FLOWER_GRAMS,
                Habit.PETAL_GRAMS);
        more(volume(DRESSED), Habit.STENCIL_MM, Habit.RUFFLE_GRAMS_PER_CM, Habit.BRUSHED_GRAMS_PER_CM);
        more(volume(ON_FILM), Habit.TRANSFER_MM, Habit.GLUE_GRAMS, Habit.COOKIE_GLUE_GRAMS);
        // A wider line along the edge runs further inside.
        less(supply(DRESSED, Supply.Sort.MARKER), Habit.MARKER_MM);
        more(supply(SUNK, Supply.Sort.SPRINKLES), Habit.SPRINKLE_GRAMS);
        more(supply(SUNK, Supply.Sort.SUGAR), Habit.STREWN_SUGAR_GRAMS_PER_CM2);
        more(supply(PIECES, Supply.Sort.SUGAR), Habit.STREWN_SUGAR_GRAMS_PER_CM);
        more(supply(DRESSED, Supply.Sort.DUST), Habit.DUST_GRAMS_PER_CM2);
        more(supply(DRESSED, Supply.Sort.THINNER), Habit.THINNER_ML_PER_CM2);
        more(supply(DRESSED, Supply.Sort.AIRBRUSH), Habit.AIRBRUSH_ML_PER_CM2);
        more(supply(ON_FILM, Supply.Sort.FILM), Habit.FILM_TIMES_AREA);
        effect(Habit.SMALL_AREA_MM, true, 9, 40, warnings(BANDS));
        effect(Habit.NARROW_PART_MM, true, 0.5, 4, warnings(INLAID));
        effect(Habit.FINEST_PART_MM, true, 1.2, 10, warnings(BANDS));
        effect(Habit.FRAGILE_RADIUS_MM, true, 0.2, 1.5, warnings(ON_FILM));
        effect(Habit.THICKEST_MM, false, 1, 3.2, warnings(LINED));
        effect(Habit.THICKER_BY_SECONDS, false, 10, 60, warnings(STIFF_DOT));
        effect(Habit.HOLDS_FROM_SECONDS, true, 6, 30, warnings(BANDS));
        effect(Habit.FULLNESS_UNDER_STENCIL, true, 0.5, 1.15, warnings(DRESSED));

        more(
                hands(LINED),
                Habit.OUTLINE_SECONDS_PER_CM,
                Habit.FLOOD_SECONDS_PER_CM2,
                Habit.NEEDLE_SECONDS,
                Habit.BAG_SECONDS_BY_THE_TRAY);
        more(hands(ON_FILM), Habit.PIECE_NEEDLE_SECONDS, Habit.TRANSFER_SECONDS);
        more(hands(DIPPED), Habit.DIP_SECONDS);
        more(
                hands(SUNK),
                Habit.DOT_SECONDS,
                Habit.DRAG_SECONDS,
                Habit.STREWN_SECONDS,
                Habit.CANDY_SECONDS,
                Habit.BAG_SECONDS);
        more(
                hands(PIECES),
                Habit.BEAD_SECONDS,
                Habit.RAISED_SECONDS_PER_CM,
                Habit.PIECE_SECONDS,
                Habit.DAB_SECONDS_PER_CM2);
        more(hands(BANDS), Habit.WRITING_SECONDS_PER_CM);
        more(
                hands(DRESSED),
                Habit.BRUSHED_SECONDS_PER_CM,
                Habit.STENCIL_SECONDS,
                Habit.MARKER_SECONDS_PER_CM,
                Habit.PAINT_SECONDS_PER_CM2,
                Habit.AIRBRUSH_SECONDS);
        effect(Habit.LARGE_SHARE_OF_HANDS, false, 0.1, 1, warnings(ON_FILM));
        more(mixing(MixingOrder.Doing.MIX), Habit.BATCH_MINUTES);
        more(mixing(MixingOrder.Doing.TINT), Habit.TINT_MINUTES);
        more(mixing(MixingOrder.Doing.LET_DOWN), Habit.LET_DOWN_MINUTES);
        more(mixing(MixingOrder.Doing.ADD_JAR), Habit.JAR_MINUTES);
        more(mixing(MixingOrder.Doing.DIVIDE), Habit.DIVIDE_MINUTES);
        more(mixing(MixingOrder.Doing.FLAVOUR), Habit.FLAVOUR_MINUTES);
        more(mixing(MixingOrder.Doing.THIN), Habit.THIN_MINUTES);
        more(mixing(MixingOrder.Doing.BAG), Habit.BAG_MINUTES);

        more(
                gates(DRESSED),
                Habit.PRINT_DRY_MINUTES,
                Habit.DOTS_SET_MINUTES,
                Habit.LINES_HOLD_MINUTES,
                Habit.LINES_SET_MINUTES,
                Habit.LINES_DRY_MINUTES,
                Habit.SURFACE_DRY_MINUTES);
        more(gates(PIECES), Habit.TOUCHING_MINUTES, Habit.FIRM_MINUTES);
        effect(Habit.HALF_DRY_MINUTES, true, 35, 10_080, gates(PIECES));
        more(gates(BANDS), Habit.SKINNED_MINUTES, Habit.DRY_THROUGH_MINUTES);
        more(gates(ON_FILM), Habit.LIFTS_OFF_MINUTES);
        more(gates(PRESSED), Habit.TEXTURE_SHEET_MINUTES);
        less(gates(BANDS), Habit.ROOM_CELSIUS);
        more(gates(BANDS), Habit.ROOM_HUMIDITY);
        more(TraysDry.UNDER_THE_FAN::times, Habit.FAN_TIMES);
        more(TraysDry.IN_THE_DEHYDRATOR::times, Habit.DEHYDRATOR_TIMES);
        effect(Habit.WET_WINDOW_SECONDS, false, 30, 600, warnings(SUNK));
        effect(Habit.BEST_WET_SECONDS, false, 20, 120, KitchenSeen::lateStrokes);
        effect(Habit.SHARE_OF_WET_WINDOW, false, 0.1, 0.6, warnings(SUNK));
        effect(Habit.BLEEDS_FROM_DELTA_L, false, 5, 45, warnings(BANDS));

        more(habits -> tinted(TintRecipe::gelGrams, habits), Habit.MOST_GEL_PERCENT);
        effect(
                Habit.FEWER_GELS_WORTH,
                false,
                0.5,
                5,
                habits -> tinted(recipe -> recipe.doses().size(), habits));
        effect(Habit.NEAR_TWINS_DELTA_E, true, 0, 5, KitchenSeen::joined);
        effect(Habit.TINY_BOWL_GRAMS, true, 25, 500, KitchenSeen::joined);
        effect(
                Habit.SAME_DELTA_E,
                false,
                0,
                1,
                habits -> CommonBowls.of(List.of(order("1", "#F6F6F0"), order("2", "#F4F4EF")), habits)
                        .bowls()
                        .size());
        effect(
                Habit.JAR_FITS_DELTA_E,
                true,
                0,
                2,
                habits -> Jar.bowlFor(Lab.ofHex("#F0F0E8"), null, PALETTE, Map.of(), habits).stream()
                        .count());
        effect(Habit.LET_DOWN_DELTA_E, true, 2, 20, KitchenSeen::letDowns);
        effect(
                Habit.HARD_DELTA_E,
                true,
                0,
                7,
                habits -> Seeing.of(measured(BANDS, habits), kitchen(habits)).alike().stream()
                        .mapToInt(pair -> pair.seen().size())
                        .sum());

        effect(Habit.BAG_FILL_GRAMS, false, 120, 1000, poured(400, Pour::bags));
        less(poured(400, Pour::bags), Habit.LARGE_BAG_FILL_GRAMS);
        effect(Habit.COUPLERS, false, 0, 4, poured(12, Pour::bags));
        effect(
                Habit.BOTTLES,
                true,
                0,
                20,
                portions(12, portion -> portion.vessel() == Icing.Vessel.BOTTLE ? portion.bags() : 0));
        effect(
                Habit.BOTTLE_FILL_GRAMS,
                false,
                20,
                80,
                portions(12, portion -> portion.vessel() == Icing.Vessel.BOTTLE ? portion.bags() : 0));
        more(portions(12, Pour.Portion::cutMm), Habit.CUT_MM);
        more(
                poured(12, pour -> pour.balance().bagsGrams()),
                Habit.TIPPED_BAG_KEEPS_GRAMS,
                Habit.TIPLESS_BAG_KEEPS_GRAMS,
                Habit.DIP_BOWL_KEEPS_GRAMS,
                Habit.SCRAPER_KEEPS_GRAMS);
        more(poured(12, pour -> pour.balance().bowlsGrams()), Habit.BOWL_KEEPS_GRAMS);
        less(poured(400, pour -> pour.balance().bagsGrams()), Habit.SCRAPER_LOAD_GRAMS);
        more(poured(12, pour -> pour.balance().mixerGrams()), Habit.MIXER_KEEPS_GRAMS);
        effect(
                Habit.MIXER_LEAST_GRAMS,
                true,
                300,
                20_000,
                poured(12, pour -> pour.balance().surplusGrams()));
        less(poured(12, pour -> pour.batches().size()), Habit.MIXER_MOST_GRAMS);
        effect(
                Habit.MANY_BATCHES,
                false,
                6,
                100,
                poured(400, pour -> pour.batchCaution().length()));
        more(poured(12, pour -> pour.balance().surplusGrams()), Habit.SCALE_STEP_GRAMS, Habit.FINE_SCALE_STEP_GRAMS);
        effect(
                Habit.FINE_SCALE_BELOW_GRAMS,
                false,
                0,
                20,
                poured(12, pour -> pour.balance().surplusGrams()));

        more(poured(12, Pour::spares), Habit.BREAKAGE_PERCENT);
        more(
                poured(12, pour -> pour.balance().spareGrams()),
                Habit.COOKIE_VARIATION_PERCENT,
                Habit.DAY_VARIATION_PERCENT);
        less(poured(12, pour -> pour.balance().spareGrams()), Habit.RISK_SET_APART);
        more(spares(1), Habit.LEAST_TRANSFER_SPARES);
        more(spares(100), Habit.TRANSFER_SPARE_SHARE, Habit.FRAGILE_SPARE_SHARE);

        less(bought("boxes", Shopping.ToBuy::needed), Habit.COOKIES_PER_BOX);
        less(bought("boxes", Shopping.ToBuy::packs), Habit.BOXES_IN_A_PACK);
        effect(Habit.BAGS_IN_A_PACK, false, 1, 100, bought("bags", Shopping.ToBuy::packs));
        less(bought("marker", Shopping.ToBuy::needed), Habit.MARKER_METRES);
        less(bought("film", Shopping.ToBuy::needed), Habit.FILM_SHEET_CM2);

        more(habits -> dough(habits).cutGrams(), Habit.ROLLED_MM, Habit.DOUGH_GRAMS_PER_ML);
        effect(Habit.DOUGH_LOST_PERCENT, true, 5, 50, habits -> dough(habits).grams());
        less(habits -> dough(habits).bakedGrams(), Habit.BAKING_LOSS_PERCENT);
        more(habits -> dough(habits).bare(), Habit.BARE_SPARES);
        more(habits -> rolled(habits).sheets().get(0).widthMm(), Habit.ROLLED_WIDTH_MM);
        more(habits -> rolled(habits).sheets().get(0).lengthMm(), Habit.ROLLED_LENGTH_MM);
        less(habits -> rolled(habits).share(), Habit.CUT_GAP_MM);
        more(worked(Task.Work.DOUGH), Habit.DOUGH_MINUTES);
        more(waited(Task.Why.CHILL), Habit.DOUGH_CHILL_MINUTES, Habit.CUT_CHILL_MINUTES);
        more(worked(Task.Work.CUT), Habit.CUT_SECONDS);
        effect(Habit.BAKING_TRAY_WIDTH_MM, false, 100, 300, tasks(Task.Work.BAKE));
        effect(Habit.BAKING_TRAY_LENGTH_MM, false, 100, 400, tasks(Task.Work.BAKE));
        effect(Habit.BAKING_GAP_MM, true, 0, 20, tasks(Task.Work.BAKE));
        less(tasks(Task.Work.BAKE), Habit.OVEN_TRAYS);
        // More of them count as small, or as no more than usual, and bake for less long.
        effect(Habit.SMALL_COOKIE_MM, false, 5, 50, KitchenSeen::baked);
        effect(Habit.LARGE_COOKIE_MM, false, 10, 110, KitchenSeen::baked);
        more(KitchenSeen::baked, Habit.OVEN_SMALL_MINUTES, Habit.OVEN_LARGE_MINUTES, Habit.OVEN_MINUTES);
        more(worked(Task.Work.BAKE), Habit.LOAD_MINUTES);
        more(waited(Task.Why.COOL), Habit.COOL_MINUTES);
        less(tasks(Task.Work.ICE), Habit.TRAY_COOKIES);
        more(worked(Task.Work.ICE), Habit.SET_OUT_SECONDS);
        more(worked(Task.Work.PACK), Habit.PACK_SECONDS);
        more(worked(Task.Work.LABEL), Habit.LABEL_MINUTES);
        more(TraysDry.IN_STILL_AIR::places, Habit.TRAY_PLACES);
        more(TraysDry.IN_THE_DEHYDRATOR::places, Habit.DEHYDRATOR_TRAYS);
        more(keeps(Task.Why.COOL, 1), Habit.BARE_DAYS);
        more(keeps(Task.Why.NEEDS, 1), Habit.FRESH_WHITE_DAYS);
        more(keeps(Task.Why.NEEDS, 2), Habit.POWDER_DAYS);
        more(waited(Task.Why.REST), Habit.DEEP_REST_HOURS);
        // What keeps longer may be baked earlier; what is wanted earlier is ready earlier.
        less(habits -> WorkList.bakedFrom(9_000_000, habits), Habit.ICED_DAYS);
        less(habits -> WorkList.readySeconds(90_000, habits), Habit.BUFFER_MINUTES);
    }

    @ParameterizedTest
    @EnumSource(Habit.class)
    void doesWhatItSays(Habit habit) {
        Effect effect = EFFECTS.get(habit);
        assertNotNull(effect, "say above what it does");
        // With bottles, so that it matters what one holds.
        Habits usual = Habits.HOUSE.with(Habit.BOTTLES, 20);
        double low = effect.seen.applyAsDouble(usual.with(habit, effect.from));
        double high = effect.seen.applyAsDouble(usual.with(habit, effect.to));
        assertTrue(
                effect.more ? high > low : high < low,
                () -> "from %s to %s: from %s to %s".formatted(effect.from, effect.to, low, high));
    }

    /** A day is a day: what a cookie may be old at its hand-over is what lies between. */
    @Test
    void isBakedSoManyDaysBeforeTheHandOver() {
        long handOver = 9_000_000;
        assertEquals(handOver - 3 * 86_400, WorkList.bakedFrom(handOver, Habits.HOUSE.with(Habit.ICED_DAYS, 3)));
        assertEquals(handOver - 90 * 60, WorkList.readySeconds(handOver, Habits.HOUSE.with(Habit.BUFFER_MINUTES, 90)));
    }
}
