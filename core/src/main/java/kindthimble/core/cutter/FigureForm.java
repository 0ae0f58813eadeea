package kindthimble.core.cutter;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Pen;
import kindthimble.core.words.Unit;

/** Forms that are pictures of things. */
public sealed interface FigureForm extends CutterShape {

    /** Usual proportions, in percent. */
    double KITE_WIDTH = 69;

    double KITE_SPREADER = 36;
    double SOCK_END = 45;
    double SPOOL_WAIST = 62;

    @Word(value = "heart", says = "two lobes and a point")
    record Heart() implements FigureForm {
        @Override
        public Pen drawn() {
            return new Pen()
                    .moveTo(50, 24)
                    .curveTo(46, 9, 35, 2, 24, 2)
                    .curveTo(8, 2, 0, 14, 0, 28)
                    .curveTo(0, 54, 34, 70, 50, 94)
                    .curveTo(66, 70, 100, 54, 100, 28)
                    .curveTo(100, 14, 92, 2, 76, 2)
                    .curveTo(65, 2, 54, 9, 50, 24);
        }
    }

    /**
     * @param widthPercent width in percent of the height
     * @param spreaderPercent how far down the two side corners lie, in percent of the height
     */
    @Word(value = "diamond kite", says = "a kite on two spars")
    record DiamondKite(
            @Amount(word = "width of height", unit = Unit.PERCENT, least = 20, most = 200, usual = KITE_WIDTH)
            Double widthPercent,

            @Amount(word = "side corners down", unit = Unit.PERCENT, least = 10, most = 90, usual = KITE_SPREADER)
            Double spreaderPercent)
            implements FigureForm {
        @Override
        public Pen drawn() {
            double width = widthPercent;
            double down = spreaderPercent;
            return new Pen()
                    .moveTo(width / 2, 0)
                    .lineTo(width, down)
                    .lineTo(width / 2, 100)
                    .lineTo(0, down);
        }
    }

    @Word(value = "egg", says = "an oval, fuller below")
    record Egg() implements FigureForm {
        @Override
        public Pen drawn() {
            return Pen.following("M50 0C76 0 100 42 100 76C100 106 78 128 50 128C22 128 0 106 0 76C0 42 24 0 50 0Z");
        }
    }

    @Word(value = "drop", says = "a point above, round below")
    record Drop() implements FigureForm {
        @Override
        public Pen drawn() {
            return Pen.following("M50 0C60 34 96 58 96 92C96 118 76 136 50 136C24 136 4 118 4 92C4 58 40 34 50 0Z");
        }
    }

    @Word(value = "shield", says = "flat above, a point below")
    record Shield() implements FigureForm {
        @Override
        public Pen drawn() {
            return Pen.following("M0 6C18 8 38 6 50 0C62 6 82 8 100 6V56C100 86 78 106 50 120C22 106 0 86 0 56Z");
        }
    }

    @Word(value = "cloud", says = "soft bumps over a flat base")
    record Cloud() implements FigureForm {
        @Override
        public Pen drawn() {
            return Pen.following(
                    "M18 78C2 78 -4 54 12 46C8 26 34 16 44 28C50 4 86 2 92 26C106 14 128 26 122 46C140 52 136 78 118 78Z");
        }
    }

    @Word(value = "banner", says = "a ribbon with swallow tails")
    record Banner() implements FigureForm {
        @Override
        public Pen drawn() {
            return Pen.following("M0 0H140L124 22L140 44H0L16 22Z");
        }
    }

    @Word(value = "leaf", says = "two curves and two points")
    record Leaf() implements FigureForm {
        @Override
        public Pen drawn() {
            return Pen.following("M0 100C-6 50 34 2 100 0C104 60 62 106 0 100Z");
        }
    }

    @Word(value = "bell jar", says = "a dome with a knob, on a foot")
    record BellJar() implements FigureForm {
        @Override
        public Pen drawn() {
            return Pen.following("M44 14A8 8 0 1 1 56 14C78 18 90 36 90 60V118H100V132H0V118H10V60C10 36 22 18 44 14Z");
        }
    }

    @Word(value = "glove", says = "a mitten with a cuff")
    record Glove() implements FigureForm {
        @Override
        public Pen drawn() {
            return Pen.following(
                    "M24 128V98C10 80 6 50 14 26C22 2 62 0 72 26C76 38 76 48 75 58C82 44 96 40 102 50C108 62 88 84 74 98V128Z");
        }
    }

    @Word(value = "bow", says = "two loops and a knot")
    record Bow() implements FigureForm {
        @Override
        public Pen drawn() {
            return Pen.following(
                    "M42 24C30 4 8 -4 2 6C-2 20 -2 44 2 58C8 68 30 60 42 40C46 44 54 44 58 40C70 60 92 68 98 58C102 44 102 20 98 6C92 -4 70 4 58 24C54 20 46 20 42 24Z");
        }
    }

    /**
     * @param endPercent height of the narrow end, in percent of the wide one
     */
    @Word(value = "wind sock", says = "a sleeve that narrows")
    record WindSock(
            @Amount(word = "narrow end", unit = Unit.PERCENT, least = 20, most = 100, usual = SOCK_END)
            Double endPercent)
            implements FigureForm {
        @Override
        public Pen drawn() {
            double end = 70 * endPercent / 100;
            return new Pen()
                    .moveTo(100, 0)
                    .lineTo(100, 70)
                    .lineTo(0, 35 + end / 2)
                    .lineTo(0, 35 - end / 2);
        }
    }

    /**
     * @param waistPercent width between the flanges, in percent of theirs
     */
    @Word(value = "spool", says = "a reel with two flanges")
    record Spool(
            @Amount(word = "waist", unit = Unit.PERCENT, least = 30, most = 90, usual = SPOOL_WAIST)
            Double waistPercent)
            implements FigureForm {
        @Override
        public Pen drawn() {
            double in = 50 - waistPercent / 2;
            return new Pen()
                    .moveTo(0, 0)
                    .lineTo(100, 0)
                    .lineTo(100, 20)
                    .lineTo(100 - in, 20)
                    .lineTo(100 - in, 95)
                    .lineTo(100, 95)
                    .lineTo(100, 115)
                    .lineTo(0, 115)
                    .lineTo(0, 95)
                    .lineTo(in, 95)
                    .lineTo(in, 20)
                    .lineTo(0, 20);
        }
    }
}
