package kindthimble.core.shop;

import java.util.List;
import kindthimble.core.icing.KitchenWords;

/**
 * The numbers that a shop starts with, each with its unit and where it comes from. Sources: (k) kitchen practice, rounded, to be
 * corrected by what the shop measures; (m) a maker's printed directions, rounded; (d) worked out from the others. See
 * docs/craft.md for the formulas that they feed.
 */
public final class HouseDefaults {
    private HouseDefaults() {}

    /** Bake-spread, percent of every length (k). */
    public static final double SPREAD_PERCENT = 2;

    /** Edge margin, mm (k); 3 mm where candies or sugar are pressed in. */
    public static final double MARGIN_MM = 1.5;

    /** Count of a piping icing, s (k). */
    public static final double PIPING_SECONDS = 50;

    /** Count of a flood, s (k): the thin end of "15 to 20", so that water is planned for the most it may take. */
    public static final double FLOOD_SECONDS = 15;

    /** Wet thickness of a flooded coat of t seconds, mm: {@code COAT_MM + COAT_MM_PER_SECOND t}, 2 <= t <= 30 (k). */
    public static final double COAT_MM = 1.05;

    public static final double COAT_MM_PER_SECOND = 0.065;

    /** Least and most count for which that thickness holds, s. */
    public static final double LEAST_FLOOD_SECONDS = 2;

    public static final double MOST_FLOOD_SECONDS = 30;

    /** Fullness of a coat: 0.9 lean, 1 even, 1.15 generous (k). */
    public static final double FULLNESS = 1;

    /** Draw of a piped line: 1 along the surface, 0.85 laid from above (k). */
    public static final double DRAW = 1;

    /** Share of a wet mark that stands above the level it is dropped into (k). */
    public static final double WET_MARK_ABOVE_SHARE = 0.5;

    /** How much wider than the opening a line in wet icing ends (k). */
    public static final double WET_LINE_SPREAD = 1.3;

    /** Coats that are not flooded: a dipped one by its thickness, a spread one, one under a texture sheet, mm (k). */
    public static final double DIP_MM = 1.2;

    public static final double SPATULA_MM = 3.0;
    public static final double PRESSED_MM = 4.5;

    /** Count of a glaze for dipping, s; of a medium icing for beads and soft borders, s (k). */
    public static final double GLAZE_SECONDS = 3;

    public static final double MEDIUM_SECONDS = 36;

    /** One bead every so many diameters along a border, and what the tails add (k). */
    public static final double BEAD_STEP = 0.85;

    public static final double BEAD_TAILS = 0.10;

    /** Thickness of icing spread through a stencil, mm (k). */
    public static final double STENCIL_MM = 0.3;

    /** Icing dabbed on for texture, mm (k). */
    public static final double DABBED_MM = 0.5;

    /** A transfer's own coat, mm; the glue under one, g; under a cookie on a cookie, g (k). */
    public static final double TRANSFER_MM = 1.8;

    public static final double GLUE_GRAMS = 0.3;
    public static final double COOKIE_GLUE_GRAMS = 3;

    /** Spares of transfers: at least so many, and a share, more when they are fragile (k). */
    public static final int LEAST_TRANSFER_SPARES = 2;

    public static final double TRANSFER_SPARE_SHARE = 0.15;
    public static final double FRAGILE_SPARE_SHARE = 0.30;

    /** A transfer with a smaller inscribed radius breaks easily, mm (k). */
    public static final double FRAGILE_RADIUS_MM = 1.5;

    /** Nothing finer than this can be flooded or told apart, mm (k). */
    public static final double FINEST_PART_MM = 1.2;

    /** Wet marks on each other this near the edge run over, mm; and the margin where candies are pressed in, mm (k). */
    public static final double NEAR_EDGE_MM = 3;

    public static final double PRESSED_MARGIN_MM = 3;

    /** Share of a marbled dip that is its second colour (k). */
    public static final double MARBLED_SHARE_PERCENT = 20;

    /** Dark on light bleeds from this difference in L* on (k). */
    public static final double BLEEDS_FROM_DELTA_L = 45;

    /** A middling density of stiff icing, mg/mm3, to tell the volume of what is weighed by the piece (d). */
    public static final double PIECE_MG_PER_MM3 = 1.3;

    /** A section narrower than this craters easily, mm (k). */
    public static final double SMALL_AREA_MM = 9;

    /** Icing this thick in the mean runs over the edge, mm (k). */
    public static final double THICKEST_MM = 3.2;

    /** One move taking more than this share of a design's hand time is worth a thought (k). */
    public static final double LARGE_SHARE_OF_HANDS = 0.4;

    /** Grams of a piped piece (k): pipe ten and weigh them. */
    public static final double LEAF_GRAMS = 0.5;

    public static final double ROSETTE_GRAMS = 1.2;
    public static final double STAR_GRAMS = 0.4;
    public static final double FLOWER_GRAMS = 1.5;
    public static final double PETAL_GRAMS = 0.3;

    /** Grams of a centimetre of border (k): pipe ten centimetres and weigh them. */
    public static final double RUFFLE_GRAMS_PER_CM = 0.45;

    public static final double BRUSHED_GRAMS_PER_CM = 0.2;

    /** Hands: seconds a cm, a cm2 or a piece (k). */
    public static final double OUTLINE_SECONDS_PER_CM = 0.8;

    public static final double FLOOD_SECONDS_PER_CM2 = 0.5;

    /** Needle and shake: of a flood, and of a piece on film. */
    public static final double NEEDLE_SECONDS = 8;

    public static final double PIECE_NEEDLE_SECONDS = 4;

    /** Down, lifted, drained and set aside. */
    public static final double DIP_SECONDS = 12;

    public static final double DOT_SECONDS = 1;
    public static final double BEAD_SECONDS = 0.7;
    public static final double RAISED_SECONDS_PER_CM = 1;
    public static final double WRITING_SECONDS_PER_CM = 1.6;
    public static final double PIECE_SECONDS = 2.5;
    public static final double BRUSHED_SECONDS_PER_CM = 3;
    public static final double DAB_SECONDS_PER_CM2 = 1.5;
    public static final double TRANSFER_SECONDS = 8;
    public static final double DRAG_SECONDS = 2;
    public static final double STENCIL_SECONDS = 45;
    public static final double MARKER_SECONDS_PER_CM = 0.8;
    public static final double PAINT_SECONDS_PER_CM2 = 2;
    public static final double AIRBRUSH_SECONDS = 10;

    /** To pick up and put down a bag: on each cookie where several must be wet together, else for a tray at a time. */
    public static final double BAG_SECONDS = 4;

    public static final double BAG_SECONDS_BY_THE_TRAY = 1;

    /** What dressing takes (k): a sprinkle, sugar strewn on a cm2 or on a cm of line, dust, thinner and airbrush colour on a cm2. */
    public static final double SPRINKLE_GRAMS = 0.004;

    public static final double STREWN_SUGAR_GRAMS_PER_CM2 = 0.08;
    public static final double STREWN_SUGAR_GRAMS_PER_CM = 0.04;
    public static final double DUST_GRAMS_PER_CM2 = 0.003;
    public static final double THINNER_ML_PER_CM2 = 0.01;
    public static final double AIRBRUSH_ML_PER_CM2 = 0.015;

    /** A piece on film takes so much of it, gaps with it, as many times its own area (k). */
    public static final double FILM_TIMES_AREA = 2;

    /** A marker draws so many metres (k). */
    public static final double MARKER_METRES = 60;

    /** A coat has a skin after so long, s; and the share of that which the hands may use (k). */
    public static final double WET_WINDOW_SECONDS = 600;

    public static final double SHARE_OF_WET_WINDOW = 0.6;

    /** Width of a marker's line, mm (k). */
    public static final double MARKER_MM = 0.7;

    /** Tip for outlines and for fine raised lines (k). */
    public static final String OUTLINE_TIP = "2";

    public static final String LINE_TIP = "1";

    /** Cookies iced beyond the order, percent, at least one a design (k). */
    public static final double BREAKAGE_PERCENT = 5;

    /** What bags, bowl and mixer keep, and what they hold, g (k). */
    public static final double BAG_FILL_GRAMS = 120;

    public static final double LARGE_BAG_FILL_GRAMS = 250;

    /** Cookies packed in one box (k). */
    public static final int COOKIES_PER_BOX = 6;

    /** Squeeze bottles that a shop floods out of, and what one of 60 ml holds, g (k). */
    public static final int BOTTLES = 0;

    public static final double BOTTLE_FILL_GRAMS = 80;

    /** Tips of one size that a shop owns (k). */
    public static final int TIPS_OF_A_SIZE = 2;

    /** Width that a tipless bag is cut to for flooding, mm (k). */
    public static final double CUT_MM = 2;

    /** Couplers that a shop owns: a bag with one serves several tips (k). */
    public static final int COUPLERS = 4;

    public static final double TIPPED_BAG_KEEPS_GRAMS = 8;
    public static final double TIPLESS_BAG_KEEPS_GRAMS = 6;
    public static final double BOWL_KEEPS_GRAMS = 5;
    public static final double MIXER_KEEPS_GRAMS = 15;

    /** What stays in a bowl for dipping; on the scraper of a stencil a load, and what a load is, g (k). */
    public static final double DIP_BOWL_KEEPS_GRAMS = 80;

    public static final double SCRAPER_KEEPS_GRAMS = 4;
    public static final double SCRAPER_LOAD_GRAMS = 40;
    public static final double MIXER_LEAST_GRAMS = 300;
    public static final double MIXER_MOST_GRAMS = 1400;

    /** A kitchen scale reads whole grams, and tenths below 20 g (k). */
    public static final double SCALE_STEP_GRAMS = 1;

    public static final double FINE_SCALE_STEP_GRAMS = 0.1;
    public static final double FINE_SCALE_BELOW_GRAMS = 20;

    /** Coefficients of variation of the icing on a cookie, percent: cookie to cookie, and the hand on the day (k). */
    public static final double COOKIE_VARIATION_PERCENT = 12;

    public static final double DAY_VARIATION_PERCENT = 8;

    /** Accepted chance that any colour of an order runs short (k): 1 in 50. */
    public static final double RISK_OF_RUNNING_SHORT = 0.02;

    /** Accepted chance that a colour which is set apart runs short (k): 1 in 1,000. */
    public static final double RISK_SET_APART = 0.001;

    /** Two bowls of less difference than this are near twins, and one of fewer grams is a tiny one (k). */
    public static final double NEAR_TWINS_DELTA_E = 5;

    public static final double TINY_BOWL_GRAMS = 25;

    /** A jar's colour fits a bowl up to this difference (k). */
    public static final double JAR_FITS_DELTA_E = 2;

    /** Hands in minutes for a batch, a bowl to tint, a consistency, a bag (k). */
    public static final double BATCH_MINUTES = 12;

    public static final double TINT_MINUTES = 4;
    public static final double LET_DOWN_MINUTES = 2;

    /** To stir left-over icing into a bowl. */
    public static final double JAR_MINUTES = 1;

    public static final double DIVIDE_MINUTES = 1;
    public static final double THIN_MINUTES = 3;
    public static final double BAG_MINUTES = 1.5;

    /** A level teaspoon of water, and of icing sugar, g (US customary measure 4.93 ml; 120 g to the cup of 236.6 ml). */
    public static final double TEASPOON_WATER_GRAMS = 4.93;

    public static final double TEASPOON_SUGAR_GRAMS = 2.5;

    /** The flat-percentage school's extra, percent (k). */
    public static final double FLAT_EXTRA_PERCENT = 12;

    /** A stiff base's own count, s (k). */
    public static final double STIFF_BASE_SECONDS = 80;

    /** b of the thinning curve, per g of water in 100 g of base (k). */
    public static final double THINNING_PER_GRAM = 0.23;

    /** Round-tip openings, mm (measured with a needle gauge). */
    public static final List<Tip> TIPS = List.of(
            new Tip("1", 0.8),
            new Tip("1.5", 1.0),
            new Tip("2", 1.2),
            new Tip("3", 1.6),
            new Tip("4", 2.0),
            new Tip("5", 2.4));

    /** What a new shop's settings are. */
    public static ShopSettings shop() {
        return new ShopSettings(
                SPREAD_PERCENT,
                MARGIN_MM,
                FLOOD_SECONDS,
                BREAKAGE_PERCENT,
                BAG_FILL_GRAMS,
                LARGE_BAG_FILL_GRAMS,
                COUPLERS,
                BOTTLES,
                TIPPED_BAG_KEEPS_GRAMS,
                TIPLESS_BAG_KEEPS_GRAMS,
                BOWL_KEEPS_GRAMS,
                DIP_BOWL_KEEPS_GRAMS,
                SCRAPER_KEEPS_GRAMS,
                MIXER_KEEPS_GRAMS,
                MIXER_LEAST_GRAMS,
                MIXER_MOST_GRAMS,
                COOKIE_VARIATION_PERCENT,
                DAY_VARIATION_PERCENT,
                DetailSchool.OVERNIGHT,
                Filling.WALL_AND_FLOOD,
                LEAF_GRAMS,
                ROSETTE_GRAMS,
                STAR_GRAMS,
                FLOWER_GRAMS,
                PETAL_GRAMS,
                RUFFLE_GRAMS_PER_CM,
                BRUSHED_GRAMS_PER_CM,
                HouseRecipes.MERINGUE_POWDER.key(),
                COOKIES_PER_BOX,
                Measures.GRAMS,
                KitchenWords.HOUSE,
                TIPS);
    }

    /** Wet thickness in mm of a coat flooded at a count in seconds, 2 to 30. */
    public static double coatThicknessMm(double countSeconds) {
        return COAT_MM + COAT_MM_PER_SECOND * countSeconds;
    }
}
