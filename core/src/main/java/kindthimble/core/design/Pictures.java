package kindthimble.core.design;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Plain;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Region;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Layer;
import kindthimble.core.move.Blend;
import kindthimble.core.move.Coating;
import kindthimble.core.move.Dip;
import kindthimble.core.move.Division;
import kindthimble.core.move.Drag;
import kindthimble.core.move.Edge;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.move.Paint;
import kindthimble.core.move.Seam;
import kindthimble.core.move.Squiggle;
import kindthimble.core.move.Stripe;
import kindthimble.core.move.Strokes;

/** What each kind of move and of cutter looks like: small cookies, measured and drawn as any other. */
public final class Pictures {
    /** Keys of the two colours that they are drawn with: what a move puts on, and what is there before. */
    public static final String MARK = "mark";

    public static final String GROUND = "ground";

    /** How wide a cutter is drawn. */
    public static final double CUTTER_MM = 80;

    /** A cutter that would be taller is drawn so tall. */
    private static final double TALLEST_MM = 112;

    private static final double COOKIE_MM = 44;

    /** That a needle is drawn through. */
    private static final int RINGS = 4;

    /** So many times as long as wide. */
    private static final double TALL = 1.25;

    private Pictures() {}

    /** By the word of each kind of move, what there is to paint. */
    public static Map<String, List<Layer>> ofMoves() {
        Measuring measuring = new Measuring(Kitchen.house());
        Map<String, List<Layer>> pictures = new LinkedHashMap<>();
        for (Class<?> kind : Catalogue.recordsOf(Move.class)) {
            Move move = (Move) Plain.of(kind, MARK);
            Design shown = new Design(
                    Design.FORMAT,
                    Catalogue.word(kind),
                    new Cutter(new BasicForm.Square(), Across.WIDTH, COOKIE_MM),
                    null,
                    null,
                    moves(move));
            pictures.put(Catalogue.word(kind), measuring.measure(shown).layers());
        }
        return pictures;
    }

    /** By the word of each kind of cutter, its outline as SVG path data, its middle on the origin. */
    public static Map<String, String> ofCutters() {
        Map<String, String> outlines = new LinkedHashMap<>();
        for (Class<?> kind : Catalogue.recordsOf(CutterShape.class)) {
            CutterShape shape = (CutterShape) Plain.of(kind, MARK);
            Region wide = new Cutter(shape, Across.WIDTH, CUTTER_MM).baked(0);
            boolean isTall = wide.box().heightMm() > TALLEST_MM;
            outlines.put(
                    Catalogue.word(kind),
                    (isTall ? new Cutter(shape, Across.HEIGHT, TALLEST_MM).baked(0) : wide).pathData());
        }
        return outlines;
    }

    /** Words of the kinds of cutter that are longer than they are wide: the size of such a one is how long it is. */
    public static List<String> ofTallCutters() {
        List<String> tall = new ArrayList<>();
        for (Class<?> kind : Catalogue.recordsOf(CutterShape.class)) {
            CutterShape shape = (CutterShape) Plain.of(kind, MARK);
            if (new Cutter(shape, Across.WIDTH, CUTTER_MM).baked(0).box().heightMm() > TALL * CUTTER_MM) {
                tall.add(Catalogue.word(kind));
            }
        }
        return tall;
    }

    private static List<Move> moves(Move move) {
        List<Move> moves = new ArrayList<>();
        if (move instanceof Division) {
            moves.add(move);
            moves.add(flood(MARK, "a-odd", null));
            moves.add(flood(GROUND, "a-even", null));
        } else if (move instanceof Flood) {
            // One section of two: a flood is what stays inside its lines.
            moves.add(new Division.Bands("a", null, 2, null));
            moves.add(flood(MARK, "a1", null));
        } else if (move instanceof Dip) {
            moves.add(Catalogue.with(move, "second", GROUND));
        } else if (move instanceof Drag) {
            moves.add(flood(GROUND, null, null));
            moves.add(
                    new Stripe(MARK, null, null, RINGS, Strokes.Form.RINGS, null, null, null, null, null, null, null));
            moves.add(move);
        } else if (move instanceof Coating || move instanceof Outline || move instanceof Squiggle) {
            moves.add(move);
        } else if (move instanceof Edge || move instanceof Blend) {
            moves.add(new Division.Bands("a", null, 2, null));
            moves.add(flood(MARK, "a1", Seam.FLOW));
            moves.add(flood(GROUND, "a2", Seam.FLOW));
            moves.add(move);
        } else {
            moves.add(flood(GROUND, null, null));
            moves.add(move instanceof Paint ? Catalogue.with(move, "stripes", 4) : move);
        }
        return moves;
    }

    private static Flood flood(String colour, String on, Seam seam) {
        return new Flood(colour, null, null, null, on, seam);
    }
}
