package kindthimble.core.habit;

import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * Every figure that a kitchen could measure or decide for itself, one line each: by a name for good, in its group, with its word, its unit,
 * the least and the most that it may be, what the house says, how much one measurement of it differs from the next (standard
 * deviation as a share of the mean; 0 for what is decided), and what it does. The house's figures are kitchen practice, rounded; those
 * with another source say so. See docs/craft.md for the formulas that they feed.
 *
 * <p>One more figure is one more line. A name must not change: it is stored.
 */
public enum Habit {
    // spotless:off
    SPREAD_PERCENT(Chapter.COOKIE, "bake-spread", Unit.PERCENT, -10, 25, 2, 0.3, "How much longer every length of a cookie gets in the oven."),
    MARGIN_MM(Chapter.COOKIE, "edge margin", Unit.MM, 0, 20, 1.5, 0.2, "How far inside the cookie's edge the icing stays."),
    PRESSED_MARGIN_MM(Chapter.COOKIE, "edge margin with candies", Unit.MM, 0, 20, 3, 0, "What is pressed into wet icing pushes it outward; with less margin than this a design is warned."),
    NEAR_EDGE_MM(Chapter.COOKIE, "near the edge", Unit.MM, 0, 20, 3, 0, "Wet marks that lie on each other this near the edge push icing over it."),
    DOUGH_MM(Chapter.COOKIE, "thickness of a cookie", Unit.MM, 2, 30, 5, 0.1, "How high a cookie stands that is glued on another."),
    FLOOD_COUNT_SECONDS(Chapter.ICING, "flood count", Unit.SECONDS, 2, 30, 15, 0.1, "The flood that orders take unless they say otherwise."),
    PIPING_SECONDS(Chapter.ICING, "piping count", Unit.SECONDS, 30, 80, 50, 0.1, "For outlines, raised lines, writing and glue."),
    MEDIUM_SECONDS(Chapter.ICING, "medium count", Unit.SECONDS, 30, 80, 36, 0.1, "For beads, transfers and the spatula."),
    GLAZE_SECONDS(Chapter.ICING, "glaze count", Unit.SECONDS, 2, 12, 3, 0.1, "For dipping."),
    COAT_MM(Chapter.ICING, "a coat of 0 s is thick", Unit.MM, 0.2, 3, 1.05, 0.15, "A flooded coat of t seconds is this thick, and the next figure more for each second."),
    COAT_MM_PER_SECOND(Chapter.ICING, "and for each second of the count", Unit.MM_PER_SECOND, 0, 0.2, 0.065, 0.15, "How much thicker a coat is for each second of its count."),
    FULLNESS(Chapter.ICING, "fullness of a flood", Unit.TIMES, 0.5, 1.5, 1, 0.1, "0.9 is lean, 1 even, 1.15 generous."),
    WALLED_COATS(Chapter.ICING, "coats inside a wall", Unit.TIMES, 0.5, 2, 1, 0.12, "So many times as full as the figures say: how the hand ices. A trial cookie says it for its order."),
    ONE_ICING_COATS(Chapter.ICING, "coats outlined with their own icing", Unit.TIMES, 0.5, 2, 1, 0.12, "So many times as full as the figures say: how the hand ices. A trial cookie says it for its order."),
    NO_OUTLINE_COATS(Chapter.ICING, "coats without an outline", Unit.TIMES, 0.5, 2, 1, 0.12, "So many times as full as the figures say: how the hand ices. A trial cookie says it for its order."),
    DIPPED_COATS(Chapter.ICING, "coats of an order that is dipped", Unit.TIMES, 0.5, 2, 1, 0.12, "So many times as full as the figures say: how the hand ices. A trial cookie says it for its order."),
    DRAW(Chapter.ICING, "draw of a line", Unit.TIMES, 0.5, 1.2, 1, 0.1, "1 for a line laid along the surface, 0.85 for one let down from above and stretched."),
    WET_MARK_ABOVE_SHARE(Chapter.ICING, "share of a wet mark that stays above", Unit.TIMES, 0.1, 1, 0.5, 0.2, "The rest of what is dropped into wet icing takes the place of the coat."),
    WET_LINE_SPREAD(Chapter.ICING, "a wet line spreads", Unit.TIMES, 1, 3, 1.3, 0.15, "How much wider than the tip's opening a line in wet icing ends."),
    DIP_MM(Chapter.ICING, "a dipped coat is thick", Unit.MM, 0.2, 5, 1.2, 0.15, "Once it has drained."),
    SPATULA_MM(Chapter.ICING, "a spread coat is thick", Unit.MM, 1, 8, 3, 0.15, "Spread smooth with a spatula."),
    PRESSED_MM(Chapter.ICING, "a pressed coat is thick", Unit.MM, 1, 8, 4.5, 0.15, "Spread to go under a texture sheet."),
    MARBLED_SHARE_PERCENT(Chapter.ICING, "second colour of a marbled dip", Unit.PERCENT, 1, 50, 20, 0.2, "Its share of the bowl."),
    SMALL_DOT_MM(Chapter.ICING, "a small dot", Unit.MM, 0.5, 60, 2, 0.15, "How wide it ends."),
    MEDIUM_DOT_MM(Chapter.ICING, "a medium dot", Unit.MM, 0.5, 60, 4, 0.15, "How wide it ends."),
    LARGE_DOT_MM(Chapter.ICING, "a large dot", Unit.MM, 0.5, 60, 7, 0.15, "How wide it ends."),
    BEAD_STEP(Chapter.ICING, "a bead border has a bead every", Unit.TIMES, 0.3, 2, 0.85, 0.1, "In widths of a bead."),
    BEAD_TAILS(Chapter.ICING, "the tails of beads add", Unit.TIMES, 0, 1, 0.1, 0.3, "Share of a bead that its tail takes more."),
    STENCIL_MM(Chapter.ICING, "icing through a stencil is thick", Unit.MM, 0.05, 3, 0.3, 0.2, "As thick as the stencil."),
    DABBED_MM(Chapter.ICING, "icing dabbed on is thick", Unit.MM, 0.05, 5, 0.5, 0.3, "In the mean, for a rough texture."),
    TRANSFER_MM(Chapter.ICING, "a transfer is thick", Unit.MM, 0.3, 8, 1.8, 0.15, "Its own coat on the film."),
    GLUE_GRAMS(Chapter.ICING, "glue under a transfer", Unit.GRAMS, 0.01, 10, 0.3, 0.3, "Under each that is glued on."),
    COOKIE_GLUE_GRAMS(Chapter.ICING, "glue under a cookie", Unit.GRAMS, 0.1, 50, 3, 0.3, "Under each cookie that is glued on another."),
    LEAF_GRAMS(Chapter.ICING, "a leaf weighs", Unit.GRAMS, 0.01, 50, 0.07, 0.15, "Of 9 mm, until you have weighed some: pipe ten, weigh them together, and divide by ten."),
    ROSETTE_GRAMS(Chapter.ICING, "a rosette weighs", Unit.GRAMS, 0.01, 50, 0.248, 0.15, "Of 9 mm, until you have weighed some: pipe ten, weigh them together, and divide by ten."),
    STAR_GRAMS(Chapter.ICING, "a star weighs", Unit.GRAMS, 0.01, 50, 0.198, 0.15, "Of 9 mm, until you have weighed some: pipe ten, weigh them together, and divide by ten."),
    FLOWER_GRAMS(Chapter.ICING, "a flower weighs", Unit.GRAMS, 0.01, 50, 0.156, 0.15, "Of 9 mm, until you have weighed some: pipe ten, weigh them together, and divide by ten."),
    PETAL_GRAMS(Chapter.ICING, "a petal weighs", Unit.GRAMS, 0.01, 50, 0.118, 0.15, "Of 9 mm, until you have weighed some: pipe ten, weigh them together, and divide by ten."),
    RUFFLE_GRAMS_PER_CM(Chapter.ICING, "a cm of ruffle weighs", Unit.GRAMS, 0.01, 50, 0.233, 0.15, "Pipe ten centimetres, weigh them, and divide by ten."),
    BRUSHED_GRAMS_PER_CM(Chapter.ICING, "a cm of brush embroidery weighs", Unit.GRAMS, 0.01, 50, 0.034, 0.15, "Pipe ten centimetres, weigh them, and divide by ten."),
    MARKER_MM(Chapter.ICING, "a marker's line is wide", Unit.MM, 0.1, 5, 0.7, 0.1, "As it is drawn in the picture."),
    SPRINKLE_GRAMS(Chapter.ICING, "a sprinkle weighs", Unit.GRAMS, 0.0001, 1, 0.004, 0.2, "Weigh a hundred."),
    STREWN_SUGAR_GRAMS_PER_CM2(Chapter.ICING, "sugar strewn on a coat", Unit.GRAMS_PER_CM2, 0.001, 5, 0.08, 0.3, "What sticks."),
    STREWN_SUGAR_GRAMS_PER_CM(Chapter.ICING, "sugar on a line", Unit.GRAMS_PER_CM, 0.001, 5, 0.04, 0.3, "What sticks to a piped line that is dipped in sugar."),
    DUST_GRAMS_PER_CM2(Chapter.ICING, "dust on a coat", Unit.GRAMS_PER_CM2, 0.0001, 1, 0.003, 0.3, "Brushed on dry, or in paint."),
    THINNER_ML_PER_CM2(Chapter.ICING, "thinner in paint", Unit.ML_PER_CM2, 0.0001, 1, 0.01, 0.3, "What dust is painted with."),
    AIRBRUSH_ML_PER_CM2(Chapter.ICING, "airbrush colour on a coat", Unit.ML_PER_CM2, 0.0001, 1, 0.015, 0.3, "A veil of it."),
    FILM_TIMES_AREA(Chapter.ICING, "film for a transfer", Unit.TIMES, 1, 10, 2, 0.1, "In times its own area, gaps with it."),
    SMALL_AREA_MM(Chapter.ICING, "a small area is narrower than", Unit.MM, 1, 40, 9, 0, "It craters easily: a squiggle under the flood, or a fan, helps."),
    NARROW_PART_MM(Chapter.ICING, "a narrow part is narrower than", Unit.MM, 0.5, 20, 4, 0, "Of a section that is wide elsewhere: an arm or a neck so narrow craters easily."),
    FINEST_PART_MM(Chapter.ICING, "too fine to flood under", Unit.MM, 0.2, 10, 1.2, 0, "Nothing finer can be flooded, or iced on film."),
    FRAGILE_RADIUS_MM(Chapter.ICING, "a transfer breaks easily under a radius of", Unit.MM, 0.2, 20, 1.5, 0, "Of the largest circle in it."),
    THICKEST_MM(Chapter.ICING, "icing runs over the edge from", Unit.MM, 1, 10, 3.2, 0, "Of wet icing, in the mean over a coat."),
    OUTLINE_SECONDS_PER_CM(Chapter.HANDS, "an outline", Unit.SECONDS_PER_CM, 0, 600, 0.8, 0.25, "And a line laid into wet icing, and a squiggle."),
    FLOOD_SECONDS_PER_CM2(Chapter.HANDS, "a flood", Unit.SECONDS_PER_CM2, 0, 600, 0.5, 0.25, "Without needle and shake."),
    NEEDLE_SECONDS(Chapter.HANDS, "needle and shake of a flood", Unit.SECONDS, 0, 600, 8, 0.25, "Once for each coat."),
    PIECE_NEEDLE_SECONDS(Chapter.HANDS, "needle and shake of a piece on film", Unit.SECONDS, 0, 600, 4, 0.25, "Once for each piece."),
    DIP_SECONDS(Chapter.HANDS, "a dip", Unit.SECONDS, 0, 600, 12, 0.25, "Down, lifted, drained and set aside."),
    DOT_SECONDS(Chapter.HANDS, "a wet dot", Unit.SECONDS, 0, 600, 1, 0.25, "Each."),
    DRAG_SECONDS(Chapter.HANDS, "a needle through a dot or across the lines", Unit.SECONDS, 0, 600, 2, 0.25, "Each time."),
    BEAD_SECONDS(Chapter.HANDS, "a bead or a raised dot", Unit.SECONDS, 0, 600, 0.7, 0.25, "Each."),
    RAISED_SECONDS_PER_CM(Chapter.HANDS, "a raised line or a ruffle", Unit.SECONDS_PER_CM, 0, 600, 1, 0.25, "A steady hand on a dry coat."),
    WRITING_SECONDS_PER_CM(Chapter.HANDS, "writing", Unit.SECONDS_PER_CM, 0, 600, 1.6, 0.25, "By the length of its strokes."),
    PIECE_SECONDS(Chapter.HANDS, "a leaf, star, rosette or flower", Unit.SECONDS, 0, 600, 2.5, 0.25, "Each."),
    BRUSHED_SECONDS_PER_CM(Chapter.HANDS, "brush embroidery", Unit.SECONDS_PER_CM, 0, 600, 3, 0.25, "Piped and brushed inward."),
    DAB_SECONDS_PER_CM2(Chapter.HANDS, "dabbed texture", Unit.SECONDS_PER_CM2, 0, 600, 1.5, 0.25, "With a sponge or a brush."),
    TRANSFER_SECONDS(Chapter.HANDS, "to set a transfer or a cookie on", Unit.SECONDS, 0, 600, 8, 0.25, "Each; one that stands up takes twice as long."),
    STENCIL_SECONDS(Chapter.HANDS, "a stencil", Unit.SECONDS, 0, 600, 45, 0.25, "Laid, scraped and lifted."),
    MARKER_SECONDS_PER_CM(Chapter.HANDS, "a marker", Unit.SECONDS_PER_CM, 0, 600, 0.8, 0.25, "By the length of its lines."),
    PAINT_SECONDS_PER_CM2(Chapter.HANDS, "paint or dust", Unit.SECONDS_PER_CM2, 0, 600, 2, 0.25, "With a brush."),
    AIRBRUSH_SECONDS(Chapter.HANDS, "airbrush", Unit.SECONDS, 0, 600, 10, 0.25, "On one cookie."),
    STREWN_SECONDS(Chapter.HANDS, "a handful of sprinkles, pearls or sugar", Unit.SECONDS, 0, 600, 5, 0.25, "Strewn on one cookie, or a line turned in the sugar bowl."),
    CANDY_SECONDS(Chapter.HANDS, "a candy", Unit.SECONDS, 0, 600, 1, 0.25, "Each that is pressed in."),
    BAG_SECONDS(Chapter.HANDS, "to pick up a bag", Unit.SECONDS, 0, 600, 4, 0.25, "On each cookie, where several icings must be wet together."),
    BAG_SECONDS_BY_THE_TRAY(Chapter.HANDS, "to pick up a bag for a tray", Unit.SECONDS, 0, 600, 1, 0.25, "A cookie's share of it, where a tray is gone through with one bag."),
    BATCH_MINUTES(Chapter.HANDS, "a batch of base", Unit.MINUTES, 0, 120, 12, 0.25, "Weighed, beaten and covered."),
    TINT_MINUTES(Chapter.HANDS, "to tint a bowl", Unit.MINUTES, 0, 120, 4, 0.25, "Brought to its colour with gel."),
    LET_DOWN_MINUTES(Chapter.HANDS, "to let a bowl down", Unit.MINUTES, 0, 120, 2, 0.25, "Weighed out of a darker bowl and white."),
    JAR_MINUTES(Chapter.HANDS, "to stir left-over icing in", Unit.MINUTES, 0, 120, 1, 0.25, "Each jar."),
    DIVIDE_MINUTES(Chapter.HANDS, "to divide a white bowl off", Unit.MINUTES, 0, 120, 1, 0.25, "Weighed, and left as white as its base."),
    FLAVOUR_MINUTES(Chapter.HANDS, "to stir a flavour in", Unit.MINUTES, 0, 120, 1.5, 0.25, "Weighed and sifted; each flavoured bowl."),
    THIN_MINUTES(Chapter.HANDS, "to thin to a consistency", Unit.MINUTES, 0, 120, 3, 0.25, "Each consistency of a bowl."),
    BAG_MINUTES(Chapter.HANDS, "to fill a bag", Unit.MINUTES, 0, 120, 1.5, 0.25, "Or a bottle."),
    THICKER_BY_SECONDS(Chapter.ICING, "a wet mark stays up", Unit.SECONDS, 1, 60, 10, 0, "So much thicker than its flood."),
    HOLDS_FROM_SECONDS(Chapter.ICING, "icing holds its edge", Unit.SECONDS, 2, 30, 6, 0, "From this count on a flood does not need an outline to stay on the cookie."),
    FULLNESS_UNDER_STENCIL(Chapter.ICING, "fullness under a stencil", Unit.TIMES, 0.5, 1.5, 1.15, 0, "So that the stencil lies flat."),
    LARGE_SHARE_OF_HANDS(Chapter.HANDS, "one move is worth a thought over", Unit.TIMES, 0.1, 1, 0.4, 0, "Share of a cookie's hands that one move takes."),
    PRINT_DRY_MINUTES(Chapter.DRYING, "paint and print dry", Unit.MINUTES, 1, 10080, 10, 0.3, "Airbrush, stencil, paint or marker: before what goes on it, or a coat beside it."),
    TOUCHING_MINUTES(Chapter.DRYING, "between raised parts that touch", Unit.MINUTES, 1, 10080, 12, 0.3, "So that a line stays to be seen between them."),
    DOTS_SET_MINUTES(Chapter.DRYING, "small raised dots bear a brush", Unit.MINUTES, 1, 10080, 20, 0.3, "For paint, dust or gilding."),
    LINES_HOLD_MINUTES(Chapter.DRYING, "raised lines hold a flood", Unit.MINUTES, 1, 10080, 30, 0.3, "A second flood that runs against them."),
    LINES_SET_MINUTES(Chapter.DRYING, "raised parts are set", Unit.MINUTES, 1, 10080, 60, 0.3, "For what is laid on them, and for paint or dust."),
    LINES_DRY_MINUTES(Chapter.DRYING, "raised parts bear a marker", Unit.MINUTES, 1, 10080, 120, 0.3, "A fine one."),
    SKINNED_MINUTES(Chapter.DRYING, "skinned", Unit.MINUTES, 1, 10080, 25, 0.3, "So that the section beside it can be flooded and the crease shows."),
    HALF_DRY_MINUTES(Chapter.DRYING, "half dry", Unit.MINUTES, 1, 10080, 35, 0.3, "Set on top, not yet inside: for detail within the hour."),
    FIRM_MINUTES(Chapter.DRYING, "firm", Unit.MINUTES, 1, 10080, 100, 0.3, "Carries a bead without denting."),
    SURFACE_DRY_MINUTES(Chapter.DRYING, "dry on top", Unit.MINUTES, 1, 10080, 300, 0.3, "Nothing that presses leaves a dent."),
    LIFTS_OFF_MINUTES(Chapter.DRYING, "a transfer lifts off", Unit.MINUTES, 1, 10080, 480, 0.3, "Off its film; one that stands up takes as long again when it is put together."),
    DRY_THROUGH_MINUTES(Chapter.DRYING, "dry through", Unit.MINUTES, 1, 10080, 600, 0.3, "Dry to the cookie: overnight."),
    TEXTURE_SHEET_MINUTES(Chapter.DRYING, "a texture sheet comes off", Unit.MINUTES, 1, 10080, 1440, 0.3, "Dry enough to peel it off, and dry through with that."),
    ROOM_CELSIUS(Chapter.DRYING, "the room is warm", Unit.CELSIUS, 5, 45, 21, 0.05, "All drying goes by the water that air so warm can hold."),
    ROOM_HUMIDITY(Chapter.DRYING, "and humid", Unit.PERCENT, 5, 95, 45, 0.1, "All drying goes by how dry the air is. From 80 % on icing does not dry."),
    FAN_TIMES(Chapter.DRYING, "under the fan drying takes", Unit.TIMES, 0.1, 1, 0.6, 0.2, "Of the time in still air."),
    DEHYDRATOR_TIMES(Chapter.DRYING, "in the dehydrator drying takes", Unit.TIMES, 0.05, 1, 0.35, 0.2, "At 35 C, of the time in still air at 21 C and 45 %, whatever the room."),
    WET_WINDOW_SECONDS(Chapter.DRYING, "a coat skins after", Unit.SECONDS, 30, 7200, 600, 0.3, "What sinks in must be on it before."),
    BEST_WET_SECONDS(Chapter.DRYING, "a coat takes in best for", Unit.SECONDS, 20, 3600, 120, 0.3, "What sinks in begins before its coat is so old, with a fifth in hand."),
    SHARE_OF_WET_WINDOW(Chapter.DRYING, "share of that for the hands", Unit.TIMES, 0.1, 1, 0.6, 0, "The rest is for what goes wrong."),
    BLEEDS_FROM_DELTA_L(Chapter.DRYING, "dark bleeds into light from", Unit.LIGHTNESS, 5, 100, 45, 0, "Difference of lightness, 0 for black to 100 for white, from which dark icing on a light coat is warned of."),
    MOST_GEL_PERCENT(Chapter.COLOUR, "most gel in a bowl", Unit.PERCENT, 0.1, 10, 3, 0, "More than this by weight tastes bitter, bleeds and may not set."),
    FEWER_GELS_WORTH(Chapter.COLOUR, "fewer gels are worth", Unit.DELTA_E, 0, 5, 0.5, 0, "A recipe of fewer gels is shown up to this much farther from the colour wanted."),
    NEAR_TWINS_DELTA_E(Chapter.COLOUR, "near twins", Unit.DELTA_E, 0, 30, 5, 0, "Two bowls of less difference are offered to be joined."),
    TINY_BOWL_GRAMS(Chapter.COLOUR, "a tiny bowl", Unit.GRAMS, 0, 500, 25, 0, "A bowl of fewer grams is offered to be joined to the nearest colour."),
    SAME_DELTA_E(Chapter.COLOUR, "the same colour", Unit.DELTA_E, 0, 10, 1, 0, "Colours of orders that are mixed together share a bowl under this difference."),
    JAR_FITS_DELTA_E(Chapter.COLOUR, "a jar fits a bowl", Unit.DELTA_E, 0, 20, 2, 0, "Left-over icing is offered for a bowl up to this difference."),
    LET_DOWN_DELTA_E(Chapter.COLOUR, "a let-down fits", Unit.DELTA_E, 0, 20, 2, 0, "A light bowl is offered to come out of a darker one up to this difference, or nearer than its own recipe."),
    HARD_DELTA_E(Chapter.COLOUR, "hard to tell apart", Unit.DELTA_E, 0, 30, 7, 0, "Two sections side by side, from a step away."),
    BAG_FILL_GRAMS(Chapter.MIXER, "most in one bag", Unit.GRAMS, 20, 1000, 120, 0, "What it keeps included."),
    LARGE_BAG_FILL_GRAMS(Chapter.MIXER, "most in a large bag", Unit.GRAMS, 0, 2000, 250, 0, "0 when the shop has no large bags."),
    COUPLERS(Chapter.MIXER, "couplers", Unit.PIECES, 0, 100, 4, 0, "A bag with one serves several tips."),
    BOTTLES(Chapter.MIXER, "bottles for flooding", Unit.PIECES, 0, 100, 0, 0, "Squeeze bottles, in the place of tipless bags."),
    BOTTLE_FILL_GRAMS(Chapter.MIXER, "most in a bottle", Unit.GRAMS, 20, 1000, 80, 0, "One of 60 ml holds 80 g."),
    CUT_MM(Chapter.MIXER, "a tipless bag is cut to", Unit.MM, 0.5, 10, 2, 0, "For flooding."),
    TIPPED_BAG_KEEPS_GRAMS(Chapter.MIXER, "a bag with a tip keeps", Unit.GRAMS, 0, 19, 8, 0.25, "What does not come out."),
    TIPLESS_BAG_KEEPS_GRAMS(Chapter.MIXER, "a tipless bag keeps", Unit.GRAMS, 0, 19, 6, 0.25, "What does not come out."),
    BOWL_KEEPS_GRAMS(Chapter.MIXER, "a bowl keeps", Unit.GRAMS, 0, 100, 5, 0.25, "What stays on bowl and spatula."),
    DIP_BOWL_KEEPS_GRAMS(Chapter.MIXER, "a dip bowl keeps", Unit.GRAMS, 0, 1000, 80, 0.25, "What it must hold beyond what the cookies take."),
    SCRAPER_KEEPS_GRAMS(Chapter.MIXER, "a stencil's scraper keeps", Unit.GRAMS, 0, 50, 4, 0.25, "At each load; a spatula keeps as much."),
    SCRAPER_LOAD_GRAMS(Chapter.MIXER, "a load of the scraper", Unit.GRAMS, 1, 500, 40, 0.25, "What it takes up at once."),
    MIXER_KEEPS_GRAMS(Chapter.MIXER, "bowl and paddle keep", Unit.GRAMS, 0, 200, 15, 0.25, "At each batch."),
    MIXER_LEAST_GRAMS(Chapter.MIXER, "least in the mixer", Unit.GRAMS, 0, 20000, 300, 0, "It beats no less than this well."),
    MIXER_MOST_GRAMS(Chapter.MIXER, "most in the mixer", Unit.GRAMS, 250, 50000, 1400, 0, "It holds no more."),
    MANY_BATCHES(Chapter.MIXER, "many batches are more than", Unit.PIECES, 1, 100, 6, 0, "More of them are warned of."),
    SCALE_STEP_GRAMS(Chapter.MIXER, "the scale reads steps of", Unit.GRAMS, 0.01, 50, 1, 0, "What is weighed out is rounded up to these."),
    FINE_SCALE_STEP_GRAMS(Chapter.MIXER, "and fine steps of", Unit.GRAMS, 0.01, 50, 0.1, 0, "Below the next figure."),
    FINE_SCALE_BELOW_GRAMS(Chapter.MIXER, "below", Unit.GRAMS, 0, 500, 20, 0, "From here on the scale reads its coarse steps."),
    BREAKAGE_PERCENT(Chapter.ALLOWANCE, "breakage spares", Unit.PERCENT, 0, 100, 5, 0, "Cookies iced beyond the order, at least one a design."),
    COOKIE_VARIATION_PERCENT(Chapter.ALLOWANCE, "cookie to cookie varies by", Unit.PERCENT, 0, 100, 12, 0.3, "Coefficient of variation of the icing on a cookie."),
    DAY_VARIATION_PERCENT(Chapter.ALLOWANCE, "the hand on the day varies by", Unit.PERCENT, 0, 100, 8, 0.3, "Coefficient of variation from one day to another."),
    RISK_SET_APART(Chapter.ALLOWANCE, "a colour set apart runs short", Unit.TIMES, 1e-05, 0.5, 0.001, 0, "Accepted chance: 0.001 is one in 1,000."),
    LEAST_TRANSFER_SPARES(Chapter.ALLOWANCE, "spare transfers, at least", Unit.PIECES, 0, 100, 2, 0, "Some break when they are lifted off the film."),
    TRANSFER_SPARE_SHARE(Chapter.ALLOWANCE, "spare transfers, share", Unit.TIMES, 0, 2, 0.15, 0, "Of all that an order takes."),
    FRAGILE_SPARE_SHARE(Chapter.ALLOWANCE, "spares of fragile ones, share", Unit.TIMES, 0, 2, 0.3, 0, "Of all that an order takes."),
    COOKIES_PER_BOX(Chapter.MONEY, "cookies in a box", Unit.PIECES, 0, 200, 6, 0, "Packed together; 0 for no boxes."),
    BOXES_IN_A_PACK(Chapter.MONEY, "boxes in a pack", Unit.PIECES, 1, 1000, 25, 0, "As they are bought."),
    BAGS_IN_A_PACK(Chapter.MONEY, "bags in a pack", Unit.PIECES, 1, 5000, 100, 0, "As they are bought."),
    MARKER_METRES(Chapter.MONEY, "a marker draws", Unit.METRES, 1, 2000, 60, 0.3, "Until it is empty."),
    FILM_SHEET_CM2(Chapter.MONEY, "a sheet of film", Unit.SQUARE_CM, 10, 10000, 526.3, 0, "Of a sheet of A4 what lies inside its margins, 19 by 27.7 cm."),
    ROLLED_MM(Chapter.CLOCK, "dough is rolled", Unit.MM, 2, 30, 6, 0.05, "How thick, by guide strips or rings, unless an order says otherwise."),
    DOUGH_GRAMS_PER_ML(Chapter.CLOCK, "a ml of dough weighs", Unit.GRAMS, 0.5, 2, 1.2, 0.03, "Raw."),
    DOUGH_LOST_PERCENT(Chapter.CLOCK, "of the dough is lost", Unit.PERCENT, 0, 50, 5, 0.3, "The last scraps."),
    BAKING_LOSS_PERCENT(Chapter.CLOCK, "a cookie loses in the oven", Unit.PERCENT, 0, 40, 9, 0.15, "Of its weight."),
    BARE_SPARES(Chapter.CLOCK, "bare spares", Unit.PIECES, 0, 100, 1, 0, "Of each design baked beside those that are iced, unless an order says otherwise."),
    ROLLED_WIDTH_MM(Chapter.CLOCK, "a rolled sheet is wide", Unit.MM, 100, 1500, 300, 0, "On which the cutters are laid out."),
    ROLLED_LENGTH_MM(Chapter.CLOCK, "and so long", Unit.MM, 100, 1500, 400, 0, "At most; the last one is as long as the dough reaches."),
    CUT_GAP_MM(Chapter.CLOCK, "between cutters", Unit.MM, 0, 50, 3, 0, "So that the dough does not tear."),
    DOUGH_MINUTES(Chapter.CLOCK, "to make the dough", Unit.MINUTES, 1, 240, 20, 0.25, "Of one order."),
    DOUGH_CHILL_MINUTES(Chapter.CLOCK, "the dough rests in the cold", Unit.MINUTES, 0, 2880, 60, 0.2, "Before it is rolled."),
    CUT_SECONDS(Chapter.CLOCK, "to roll and cut a cookie", Unit.SECONDS, 1, 600, 25, 0.25, "Each."),
    CUT_CHILL_MINUTES(Chapter.CLOCK, "cut pieces rest in the cold", Unit.MINUTES, 0, 2880, 20, 0.2, "Before they go into the oven."),
    BAKING_TRAY_WIDTH_MM(Chapter.CLOCK, "a baking tray is wide", Unit.MM, 100, 1000, 300, 0, "What of it can be baked on."),
    BAKING_TRAY_LENGTH_MM(Chapter.CLOCK, "and long", Unit.MM, 100, 1000, 400, 0, "What of it can be baked on."),
    BAKING_GAP_MM(Chapter.CLOCK, "between cookies on it", Unit.MM, 0, 100, 20, 0, "So that the air goes round each."),
    OVEN_TRAYS(Chapter.CLOCK, "trays in the oven at once", Unit.PIECES, 1, 20, 2, 0, "A load."),
    SMALL_COOKIE_MM(Chapter.CLOCK, "a small cookie is under", Unit.MM, 5, 300, 50, 0, "The longer side of its box, baked."),
    LARGE_COOKIE_MM(Chapter.CLOCK, "a large cookie is over", Unit.MM, 10, 300, 110, 0, "The longer side of its box, baked."),
    OVEN_SMALL_MINUTES(Chapter.CLOCK, "a load of small ones bakes", Unit.MINUTES, 1, 240, 9, 0.15, "At 175 C."),
    OVEN_LARGE_MINUTES(Chapter.CLOCK, "a load of large ones bakes", Unit.MINUTES, 1, 240, 13, 0.15, "At 175 C."),
    LOAD_MINUTES(Chapter.CLOCK, "to load the oven", Unit.MINUTES, 0.5, 60, 3, 0.25, "Hands for each load."),
    OVEN_MINUTES(Chapter.CLOCK, "a load bakes", Unit.MINUTES, 1, 240, 11, 0.15, "At 175 C."),
    COOL_MINUTES(Chapter.CLOCK, "cookies cool", Unit.MINUTES, 0, 1440, 60, 0.2, "Before they are iced or packed."),
    TRAY_COOKIES(Chapter.CLOCK, "cookies on a tray", Unit.PIECES, 1, 100, 12, 0, "Iced in one go, and dried together; a tenth more before another tray is begun."),
    SET_OUT_SECONDS(Chapter.CLOCK, "to set a tray out", Unit.SECONDS, 0, 3600, 60, 0.25, "Each time before it is iced."),
    PACK_SECONDS(Chapter.CLOCK, "to pack a cookie", Unit.SECONDS, 1, 600, 40, 0.25, "Bagged and sealed."),
    LABEL_MINUTES(Chapter.CLOCK, "to label an order", Unit.MINUTES, 0.5, 240, 1, 0.25, "When all is packed."),
    TRAY_PLACES(Chapter.CLOCK, "places for trays", Unit.PIECES, 1, 500, 8, 0, "An iced tray keeps its place until it is packed."),
    DEHYDRATOR_TRAYS(Chapter.CLOCK, "trays in the dehydrator", Unit.PIECES, 1, 100, 4, 0, "At once."),
    BARE_DAYS(Chapter.CLOCK, "bare cookies keep", Unit.DAYS, 1, 90, 5, 0, "Closed, from baking until they are iced."),
    ICED_DAYS(Chapter.CLOCK, "iced cookies keep", Unit.DAYS, 1, 90, 10, 0, "From baking until the hand-over."),
    FRESH_WHITE_DAYS(Chapter.CLOCK, "icing of fresh egg white keeps", Unit.DAYS, 0.5, 30, 2, 0, "From mixing on."),
    POWDER_DAYS(Chapter.CLOCK, "icing of dried white keeps", Unit.DAYS, 0.5, 60, 7, 0, "From mixing on."),
    DEEP_REST_HOURS(Chapter.CLOCK, "a deep colour rests", Unit.HOURS, 0, 72, 8, 0.3, "Before its first use, where the days allow it: it darkens meanwhile."),
    BUFFER_MINUTES(Chapter.CLOCK, "in hand before the hand-over", Unit.MINUTES, 0, 10080, 120, 0, "Everything is ready so long before.");
    // spotless:on

    /** Where a figure belongs. */
    public enum Chapter {
        COOKIE,
        ICING,
        HANDS,
        DRYING,
        COLOUR,
        MIXER,
        ALLOWANCE,
        MONEY,
        CLOCK
    }

    private final Chapter chapter;
    private final Range range;
    private final Measured house;
    private final String says;

    Habit(
            Chapter chapter,
            String word,
            Unit unit,
            double least,
            double most,
            double house,
            double spread,
            String says) {
        this.chapter = chapter;
        this.range = new Range(word, unit, least, most);
        this.house = new Measured(house, spread, Measured.Source.HOUSE);
        this.says = says;
    }

    public Chapter chapter() {
        return chapter;
    }

    /** Its word, its unit, and what it may be. */
    public Range range() {
        return range;
    }

    /** What the house says. */
    public Measured house() {
        return house;
    }

    /** What it does, in a sentence. */
    public String says() {
        return says;
    }

    /** Whether it counts pieces. */
    public boolean isWhole() {
        return range.unit() == Unit.PIECES;
    }

    /**
     * @throws Refused when a figure is out of its range, or counts half a piece
     */
    void check(Measured measured) {
        String field = name() + ".mean";
        range.check(field, measured.mean());
        if (isWhole() && measured.mean() != Math.rint(measured.mean())) {
            throw new Refused(field, Range.capital(range.word()) + ": write a whole number.");
        }
        if (!(measured.spread() >= 0 && measured.spread() <= 2) || measured.source() == null) {
            throw new Refused(name(), Range.capital(range.word()) + ": its spread is a share from 0 to 2.");
        }
    }
}
