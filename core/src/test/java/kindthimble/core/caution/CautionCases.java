package kindthimble.core.caution;

import java.util.stream.Stream;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.cutter.OwnForm;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Design;
import kindthimble.core.move.Blend;
import kindthimble.core.move.Division;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Edge;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Line;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Paint;
import kindthimble.core.move.RaisedLines;
import kindthimble.core.move.Seam;
import kindthimble.core.move.SecondFlood;
import kindthimble.core.move.Sprinkle;
import kindthimble.core.move.Stencil;
import kindthimble.core.move.Stripe;
import kindthimble.core.move.Transfer;
import kindthimble.core.move.Wait;
import kindthimble.core.move.Writing;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Moves;

/** Designs that have a fault, each beside the nearest one that has not: one for every warning. */
final class CautionCases {
    private CautionCases() {}

    static final Flood WHITE = Moves.flood("white");
    static final Division HALVES = new Division.Bands("a", null, 2, null);

    /**
     * @param says part of its sentence
     * @param press its press; null where none mends it
     * @param faulty a design that has it
     * @param faultless the nearest that has not
     */
    record Case(String says, String press, Design faulty, Design faultless) {
        @Override
        public String toString() {
            return says;
        }
    }

    static Design on(CutterShape shape, double mm, Move... moves) {
        return Moves.design(shape, mm, null, moves);
    }

    static Design card(Move... moves) {
        return on(new BasicForm.Square(), 70, moves);
    }

    static Design wide(Move... moves) {
        return Moves.design(new BasicForm.Square(), 70, 4.0, moves);
    }

    static Line line(String colour, Wait waits) {
        return new Line(colour, null, null, null, waits, null, null);
    }

    static Stencil stencil(Wait waits) {
        return new Stencil("rose", 30, null, waits, null);
    }

    static Flood flood(String colour, String on, Seam seam) {
        return Moves.flood(colour, on, seam);
    }

    static Flood full(double fullness) {
        return new Flood("white", null, fullness, null, null, null);
    }

    static RaisedLines along(String path) {
        return new RaisedLines("rose", 1, null, null, path, null, null, null, null, null);
    }

    static Marker marker(Marker.When when) {
        return new Marker("navy", null, null, null, null, null, null, null, when, null);
    }

    static Sprinkle strewn(Sprinkle.What what) {
        return new Sprinkle("rose", what, 5, null, null);
    }

    static Dot dots(int pieces, Double mm) {
        return new Dot("rose", pieces, null, mm, null, null, null, null, null);
    }

    /** A square of 40 mm with an arm of so much, 24 long; drawn so that 40 units are 40 mm. */
    static OwnForm armed(double wide) {
        double half = wide / 2;
        return new OwnForm.Drawn("M0 0H40V%sH64V%sH40V40H0Z".formatted(20 - half, 20 + half));
    }

    static Dot counted(double seconds) {
        return new Dot("rose", 3, null, 4.0, null, seconds, null, null, null);
    }

    static Dot at(double x) {
        return new Dot("rose", 1, null, 6.0, Where.at(new Place(x, 0, null)), null, null, null, null);
    }

    static Flood loose(double seconds) {
        return new Flood("white", seconds, null, null, null, null);
    }

    /** A T of two bars so wide, in a square of 60 mm: where they meet a circle fits that is wider than they are. */
    static OwnForm limbed(double wide) {
        double left = 30 - wide / 2;
        double right = 30 + wide / 2;
        return new OwnForm.Drawn("M0 0H60V%1$sH%3$sV60H%2$sV%1$sH0Z".formatted(wide, left, right));
    }

    static Stream<Case> all() {
        return Stream.of(
                new Case(
                        "Most of it is less than 9 mm wide",
                        "Add a squiggle",
                        Moves.design(limbed(8.7), 60, 0.0, WHITE),
                        Moves.design(limbed(9.3), 60, 0.0, WHITE)),
                new Case(
                        "do not meet wet",
                        "Let them flow",
                        card(HALVES, WHITE, new Blend(4, null, null)),
                        card(HALVES, flood("white", null, Seam.FLOW), new Blend(4, null, null))),
                new Case(
                        "no skin yet: they run together",
                        "Wait 25 min",
                        card(HALVES, WHITE, new Edge(Seam.CREASE, 24.0, null)),
                        card(HALVES, WHITE, new Edge(Seam.CREASE, 25.0, null))),
                new Case(
                        "it stays up and does not sink in",
                        "Take 15 s",
                        card(WHITE, counted(27)),
                        card(WHITE, counted(24))),
                new Case("it craters and runs out", "Take 15 s", card(WHITE, counted(6)), card(WHITE, counted(9))),
                new Case(
                        "where no outline holds it",
                        "Outline it first",
                        card(loose(2)),
                        card(Moves.outline("white"), loose(2))),
                new Case(
                        "too lean to lie flat",
                        "Flood it generously",
                        card(WHITE, stencil(null)),
                        card(full(1.15), stencil(null))),
                new Case("hangs over the edge", "Draw it in", card(WHITE, at(34)), card(WHITE, at(25))),
                new Case(
                        "reaches over the edge: only what lies inside",
                        null,
                        card(WHITE, along("M-20 0H60")),
                        card(WHITE, along("M-20 0H20"))),
                new Case(
                        "comes before the flood that it holds",
                        "Move it up",
                        card(WHITE, Moves.outline("white")),
                        card(Moves.outline("white"), WHITE)),
                new Case(
                        "this one covers nothing",
                        "Take it out",
                        card(HALVES, flood("white", "a1 a2", null), Moves.flood("rose")),
                        card(HALVES, flood("white", "a1", null), Moves.flood("rose"))),
                new Case(
                        "a second coat",
                        null,
                        card(HALVES, WHITE, flood("rose", "a1", null), flood("rose", "a1", null)),
                        card(HALVES, WHITE, flood("rose", "a1", null))),
                new Case(
                        "it may crater. Pipe a squiggle",
                        "Add a squiggle",
                        Moves.card(60, new Division.Horizon("a", null, 14, null, null), WHITE),
                        Moves.card(60, new Division.Horizon("a", null, 16, null, null), WHITE)),
                new Case(
                        "so fine can't be flooded",
                        null,
                        Moves.card(40, new Division.Bands("a", null, 34, null), WHITE),
                        Moves.card(44, new Division.Bands("a", null, 34, null), WHITE)),
                new Case(
                        "though the rest does not",
                        "Add a squiggle",
                        Moves.design(armed(3), 64, 0.0, WHITE),
                        Moves.design(armed(5), 64, 0.0, WHITE)),
                new Case(
                        "sticks to icing that is not dry",
                        "Wait until the surface is dry",
                        card(WHITE, stencil(Wait.HALF_DRY)),
                        card(WHITE, stencil(Wait.SURFACE_DRY))),
                new Case(
                        "needs a dry coat under it",
                        "Put it behind its flood",
                        card(stencil(null), WHITE),
                        card(WHITE, stencil(null))),
                new Case(
                        "dry through: put a flood",
                        "Put it behind its flood",
                        card(new Paint("rose", null, null, null, null)),
                        card(WHITE, new Paint("rose", null, null, null, null))),
                new Case(
                        "need a wet coat to sink into",
                        "Put it behind its flood",
                        card(dots(3, 4.0), WHITE),
                        card(WHITE, dots(3, 4.0))),
                new Case(
                        "find the coat dry",
                        "Move them to their flood",
                        card(WHITE, along("M-20 0H20"), dotAt(0, 2)),
                        card(WHITE, dotAt(0, 2), along("M-20 0H20"))),
                new Case(
                        "wet at different times",
                        "One for each pass",
                        card(HALVES, WHITE, dots(4, 4.0)),
                        card(HALVES, flood("white", null, Seam.FLOW), dots(4, 4.0))),
                new Case(
                        "these sections crease",
                        "Let them flow",
                        card(HALVES, WHITE, stencil(null)),
                        card(HALVES, flood("white", null, Seam.FLOW), stencil(null))),
                new Case(
                        "something raised lies there",
                        "Airbrush instead",
                        card(HALVES, flood("white", null, Seam.FLOW), raisedOn("a1"), stencilOn("a1")),
                        card(HALVES, flood("white", null, Seam.FLOW), raisedOn("a2"), stencilOn("a1"))),
                new Case(
                        "On sugar they do not hold",
                        "Press them in first",
                        wide(WHITE, strewn(Sprinkle.What.SUGAR), strewn(Sprinkle.What.PEARLS)),
                        wide(WHITE, strewn(Sprinkle.What.PEARLS), strewn(Sprinkle.What.SUGAR))),
                new Case(
                        "pushes icing outward",
                        "Leave 3 mm at the edge",
                        card(WHITE, strewn(Sprinkle.What.CANDIES)),
                        Moves.design(new BasicForm.Square(), 70, 3.0, WHITE, strewn(Sprinkle.What.CANDIES))),
                new Case(
                        "dents and tears",
                        "Wait until the surface is dry",
                        card(WHITE, marker(Marker.When.HALF_DRY)),
                        card(WHITE, marker(Marker.When.SURFACE_DRY))),
                new Case(
                        "bleeds into a coat",
                        "Wait until it is dry through",
                        card(WHITE, line("navy", Wait.FIRM)),
                        card(WHITE, line("rose", Wait.FIRM))),
                new Case(
                        "Light on dark",
                        "Wait until it is dry through",
                        card(Moves.flood("navy"), line("white", Wait.HALF_DRY)),
                        card(Moves.flood("navy"), line("white", Wait.AT_ONCE))),
                new Case(
                        "it may bleed. Dry the first one through",
                        "Dry the first one through",
                        card(HALVES, flood("navy", "a1", null), flood("white", "a2", null)),
                        card(HALVES, flood("navy", "a1", Seam.FLOW), flood("white", "a2", null))),
                new Case(
                        "it may bleed",
                        "Dry the first one through",
                        card(HALVES, flood("white", "a1", null), flood("navy", "a2", null), crease(614)),
                        card(HALVES, flood("white", "a1", null), flood("navy", "a2", null), crease(615))),
                new Case("can't be iced on film", "mm wide", card(WHITE, bar(3.5)), card(WHITE, bar(3.9))),
                new Case("it breaks easily", "mm wide", card(WHITE, bar(8.9)), card(WHITE, bar(9.3))),
                new Case("it closes up", "mm high", card(WHITE, writing("Kite", 3)), card(WHITE, writing("Kite", 12))),
                new Case(
                        "writing reaches over the edge",
                        "mm high",
                        card(WHITE, writing("Kite club", 30)),
                        card(WHITE, writing("Kite", 12))),
                new Case(
                        "it stays wet enough for about 360 s",
                        null,
                        on(new BasicForm.Square(), 150, WHITE, dots(200, 2.0), stripes(200)),
                        on(new BasicForm.Square(), 70, WHITE, dots(40, 2.0))),
                new Case(
                        "likely to run over the edge",
                        "Fullness",
                        card(new Flood("white", 30.0, 1.4, null, null, null)),
                        card(new Flood("white", 15.0, 1.4, null, null, null))),
                new Case(
                        "lie on each other within 3 mm",
                        "Leave 3 mm at the edge",
                        card(WHITE, edgeDots("rose", 8), edgeDots("navy", 8)),
                        card(WHITE, edgeDots("rose", 8))),
                new Case(
                        "it may crater. Pipe a squiggle under it",
                        "Put a squiggle under it",
                        card(WHITE, second(8)),
                        card(WHITE, second(9.2))),
                new Case(
                        "it may crater. Pipe a squiggle first",
                        "Add a squiggle",
                        Moves.card(60, new Division.Horizon("a", null, 9, null, null), counted("white", 20)),
                        Moves.card(60, new Division.Horizon("a", null, 11, null, null), counted("white", 20))),
                new Case(
                        "Press the cookie where it goes",
                        null,
                        card(WHITE, placed(Where.of(Laid.PLACES))),
                        card(WHITE, placed(Where.at(new Place(0, 0, null))))),
                new Case(
                        "Draw its line on the cookie",
                        null,
                        card(WHITE, placed(Where.along(""))),
                        card(WHITE, placed(Where.along("M-5 0L5 0")))),
                new Case(
                        "it fits on none",
                        null,
                        Moves.design(new BasicForm.Square(), 300, 3.0, WHITE),
                        Moves.design(new BasicForm.Square(), 290, 3.0, WHITE)),
                new Case(
                        "% of the hands",
                        "Dip it instead",
                        card(Moves.outline("white"), WHITE, marker(Marker.When.SURFACE_DRY)),
                        card(Moves.outline("white"), WHITE, writing("Kite", 12))));
    }

    static Dot dotAt(double x, double y) {
        return new Dot("rose", 1, null, 4.0, Where.at(new Place(x, y, null)), null, null, null, null);
    }

    static Dot placed(Where where) {
        return new Dot("rose", 1, null, 4.0, where, null, null, null, null);
    }

    static Move at(Where where, Move move, Wait waits) {
        return Catalogue.with(Catalogue.with(move, "where", where), "waits", waits);
    }

    static Edge crease(double minutes) {
        return new Edge(Seam.CREASE, minutes, null);
    }

    static Flood counted(String colour, double seconds) {
        return new Flood(colour, seconds, null, null, null, null);
    }

    static Dot edgeDots(String colour, double mm) {
        return new Dot(colour, 9, null, mm, Where.of(Laid.EDGE), null, null, null, null);
    }

    static SecondFlood second(double mm) {
        return new SecondFlood("rose", SmallForm.DISC, "", "", mm, null, null, null, null, null);
    }

    static Line raisedOn(String on) {
        return new Line("rose", null, null, null, null, null, on);
    }

    static Stencil stencilOn(String on) {
        return new Stencil("rose", 30, null, null, on);
    }

    /** Three times as long as wide: the largest circle in it is a third of its length across. */
    static Transfer bar(double mm) {
        return new Transfer("rose", null, "M0 0H30V10H0Z", mm, 1, null, null, null, null, null, null, null, null, null);
    }

    static Writing writing(String text, double mm) {
        return Moves.writing("rose", text, mm);
    }

    static Stripe stripes(int drags) {
        return new Stripe("rose", null, null, 40, null, null, null, null, null, Math.min(40, drags), null, null);
    }
}
