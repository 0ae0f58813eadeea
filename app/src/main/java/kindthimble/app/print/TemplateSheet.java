package kindthimble.app.print;

import java.util.List;
import java.util.Map;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.design.Cookie;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Layer;
import kindthimble.core.words.Refused;

/**
 * Templates at true size: what the cutter cuts (dashed), the cookie as it is baked, its sections with their passes, and where raised and placed marks
 * lie. Each page has a bar of 50 mm to check the printer by.
 */
final class TemplateSheet {
    private static final double GAP = 8;
    private static final double FINE = 0.2;
    private static final double EDGE = 0.35;
    private static final double NUMBER_POINTS = 6;

    /** More lie on no film. */
    private static final int MOST_PIECES = 400;

    /** How much of a cookie may differ from its mirror image for half a template to do. */
    private static final double LEAST_ALIKE = 0.98;

    private final Paper paper;
    private final TrueSize page;
    private final boolean mirrored;
    private final boolean half;
    private double y = TrueSize.TOP;

    private TemplateSheet(Paper paper, boolean mirrored, boolean half) {
        this.paper = paper;
        this.mirrored = mirrored;
        this.half = half;
        page = new TrueSize(paper);
    }

    /**
     * How a template is wanted.
     *
     * @param copies how many on the pages
     * @param mirrored whether left and right are changed over, to be traced from behind
     * @param half whether only the left half is drawn, to be cut out of folded paper
     */
    record How(int copies, boolean mirrored, boolean half) {}

    /**
     * @param cookie what is drawn
     * @param cut what the cutter cuts, before it is baked
     * @throws Refused when it is larger than the paper, or has no two like halves
     */
    static byte[] of(Prints.Printed order, Cookie cookie, Region cut, How how, ShopSettings shop) {
        if (how.half && !isMirrored(cookie.baked())) {
            throw new Refused(
                    "half",
                    "The halves of this cookie are not alike, so that half a template does not do. Print it whole.");
        }
        Written w = new Written(shop);
        String name = cookie.design().name();
        try (Paper paper = new Paper("Template: " + name, w.paper(), name + "  -  " + order.foot(w), TrueSize.LEFT)) {
            TemplateSheet sheet = new TemplateSheet(paper, how.mirrored, how.half);
            String title = name + (how.mirrored ? ", mirrored" : "") + (how.half ? ", half of it, to be folded" : "");
            sheet.page.head(title);
            Box box = cookie.baked().box().with(cut.box());
            Box drawn = how.half ? new Box(box.x(), box.y(), middle(cookie) - box.x() + FINE, box.heightMm()) : box;
            sheet.lay(how.copies, drawn, (x, y) -> sheet.cookie(cookie, cut, x, y), title);
            sheet.legend(cookie);
            return paper.bytes();
        }
    }

    private static boolean isMirrored(Region baked) {
        double middle = baked.middle().x();
        Region mirror = baked.moved(-middle, 0).mirrored().moved(middle, 0);
        return baked.intersection(mirror).areaMm2() > LEAST_ALIKE * baked.areaMm2();
    }

    private static double middle(Cookie cookie) {
        return cookie.baked().middle().x();
    }

    /**
     * The pieces of a design that are made on film, with room to cut a sleeve between them.
     *
     * @param made by move, how many are made, spares with them
     */
    static byte[] transfers(Prints.Printed order, Cookie cookie, Map<Integer, Integer> made, ShopSettings shop) {
        Written w = new Written(shop);
        String name = cookie.design().name();
        List<Integer> onFilm = cookie.small().entrySet().stream()
                .filter(one -> one.getValue().onFilm())
                .map(Map.Entry::getKey)
                .toList();
        if (onFilm.isEmpty()) {
            throw new Refused("design", "This design has no pieces that are made on film.");
        }
        try (Paper paper = new Paper("Transfers: " + name, w.paper(), name + "  -  " + order.foot(w), TrueSize.LEFT)) {
            TemplateSheet sheet = new TemplateSheet(paper, false, false);
            String title = "%s: %s to lie under the film".formatted(name, pieces(onFilm, made));
            sheet.page.head(title);
            for (int move : onFilm) {
                Cookie piece = cookie.small().get(move);
                int pieces = made.getOrDefault(move, 1);
                sheet.lay(
                        Math.min(MOST_PIECES, pieces),
                        piece.baked().box(),
                        (x, y) -> sheet.cookie(piece, null, x, y),
                        title);
            }
            return paper.bytes();
        }
    }

    private static String pieces(List<Integer> moves, Map<Integer, Integer> made) {
        int all = moves.stream().mapToInt(move -> made.getOrDefault(move, 1)).sum();
        return all == 1 ? "1 piece" : "%,d pieces".formatted(all);
    }

    private interface Laid {
        /** Draws with the 0 0 of what is drawn at a place. */
        void at(double x, double y);
    }

    private void lay(int copies, Box box, Laid laid, String title) {
        if (box.widthMm() > page.right - TrueSize.LEFT || box.heightMm() > page.bottom - TrueSize.TOP) {
            throw new Refused(
                    "design", "This is larger than the paper. Print it on larger paper, or make the cutter smaller.");
        }
        double x = TrueSize.LEFT;
        for (int i = 0; i < copies; i++) {
            if (x + box.widthMm() > page.right) {
                x = TrueSize.LEFT;
                y += box.heightMm() + GAP;
            }
            if (y + box.heightMm() > page.bottom) {
                paper.stage();
                page.head(title);
                y = TrueSize.TOP;
                x = TrueSize.LEFT;
            }
            laid.at(x - box.x(), y - box.y());
            x += box.widthMm() + GAP;
        }
        y += box.heightMm() + GAP;
    }

    private void cookie(Cookie cookie, Region cut, double x, double y) {
        if (half) {
            Box box = cookie.baked().box();
            double fold = x + middle(cookie);
            // What the cutter cuts may reach out farther than the baked cookie.
            paper.within(
                    x + box.x() - GAP / 2,
                    y + box.y() - GAP / 2,
                    fold,
                    y + box.y() + box.heightMm() + GAP / 2,
                    () -> shapes(cookie, cut, x, y));
            paper.draw("M0 0L0 " + box.heightMm(), fold, y + box.y(), 1, false, null, Paper.Drawn.dashed(EDGE));
        } else {
            shapes(cookie, cut, x, y);
        }
        numbers(cookie, x, y);
    }

    /** Mirrored, what lay left of the middle lies right of it. */
    private double across(Cookie cookie, double x) {
        return mirrored ? x + 2 * middle(cookie) : x;
    }

    private void shapes(Cookie cookie, Region cut, double x, double y) {
        double atX = across(cookie, x);
        if (cut != null) {
            paper.draw(cut.pathData(), atX, y, 1, mirrored, null, Paper.Drawn.dashed(FINE));
        }
        paper.draw(cookie.baked().pathData(), atX, y, 1, mirrored, null, Paper.Drawn.line(EDGE));
        cookie.sections()
                .forEach(section ->
                        paper.draw(section.region().pathData(), atX, y, 1, mirrored, null, Paper.Drawn.line(FINE)));
        for (Layer layer : cookie.layers()) {
            boolean isMark = layer.role() == Layer.Role.RAISED
                    || layer.role() == Layer.Role.SUNK
                    || layer.role() == Layer.Role.PRINT
                    || layer.role() == Layer.Role.DRESSING
                    || layer.role() == Layer.Role.SPRAYED;
            if (isMark && layer.tone() == null && layer.move() >= 0) {
                paper.draw(layer.path(), atX, y, 1, mirrored, layer.at(), Paper.Drawn.line(FINE));
            }
        }
    }

    /** Passes in the sections, and the numbers of marks that stand by themselves: a letter for each move that has some. */
    private void numbers(Cookie cookie, double x, double y) {
        cookie.sections().stream()
                .filter(section -> section.pass() > 0)
                .forEach(section ->
                        number(cookie, x, y, section.at().x(), section.at().y(), Integer.toString(section.pass()), 7));
        int letter = 0;
        for (Map.Entry<Integer, List<Pose>> standing : lettered(cookie)) {
            int n = 1;
            for (Pose pose : standing.getValue()) {
                number(cookie, x, y, pose.x(), pose.y(), letter(letter) + n, NUMBER_POINTS);
                n++;
            }
            letter++;
        }
    }

    private void number(Cookie cookie, double x, double y, double markX, double markY, String written, double points) {
        if (half && (mirrored ? markX < middle(cookie) : markX > middle(cookie))) {
            return;
        }
        double wide = paper.widthMm(points, false, written);
        paper.write(
                across(cookie, x) + (mirrored ? -markX : markX) - wide / 2,
                y + markY + points / 8,
                points,
                false,
                written);
    }

    private static String letter(int i) {
        return Character.toString('a' + i % 26);
    }

    /** Moves whose marks stand by themselves, in their order. */
    private static List<Map.Entry<Integer, List<Pose>>> lettered(Cookie cookie) {
        return cookie.standing().entrySet().stream()
                .filter(one -> !one.getValue().isEmpty())
                .sorted(Map.Entry.comparingByKey())
                .toList();
    }

    /** What the letters stand for. */
    private void legend(Cookie cookie) {
        List<Map.Entry<Integer, List<Pose>>> lettered = lettered(cookie);
        for (int i = 0; i < lettered.size(); i++) {
            if (y > page.bottom) {
                return;
            }
            int move = lettered.get(i).getKey();
            paper.write(
                    TrueSize.LEFT,
                    y,
                    8,
                    false,
                    "%1$s1 to %1$s%2$d: %3$s"
                            .formatted(
                                    letter(i),
                                    lettered.get(i).getValue().size(),
                                    Catalogue.word(
                                            cookie.design().moves().get(move).getClass())));
            y += 4;
        }
    }
}
