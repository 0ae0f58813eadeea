package kindthimble.app.print;

import java.util.List;
import kindthimble.core.design.Cookie;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Layer;
import kindthimble.core.words.Refused;

/**
 * Templates at true size: what the cutter cuts (dashed), the cookie as it is baked, its sections with their passes, and where raised and placed marks
 * lie. Each page has a bar of 50 mm to check the printer by.
 */
final class TemplateSheet {
    private static final double LEFT = 12;
    private static final double TOP = 16;
    private static final double FOOT = 24;
    private static final double GAP = 8;
    private static final double BAR_MM = 50;
    private static final double FINE = 0.2;
    private static final double EDGE = 0.35;

    private final Paper paper;
    private final double right;
    private final double bottom;

    private TemplateSheet(Paper paper) {
        this.paper = paper;
        right = paper.widthMm() - LEFT;
        bottom = paper.heightMm() - FOOT;
    }

    /**
     * @param cookie what is drawn
     * @param cut what the cutter cuts, before it is baked
     * @param copies how many on the pages
     * @param mirrored whether left and right are changed over, to be traced from behind
     * @throws Refused when it is larger than the paper
     */
    static byte[] of(Prints.Printed order, Cookie cookie, Region cut, int copies, boolean mirrored, ShopSettings shop) {
        Written w = new Written(shop);
        String name = cookie.design().name();
        try (Paper paper = new Paper("Template: " + name, w.paper(), name + "  -  " + order.foot(w), LEFT)) {
            TemplateSheet sheet = new TemplateSheet(paper);
            sheet.head(name + (mirrored ? ", mirrored" : ""));
            sheet.lay(copies, box(cookie.baked(), cut), (x, y) -> sheet.cookie(cookie, cut, x, y, mirrored), name);
            return paper.bytes();
        }
    }

    /** The pieces of a design that are made on film, as many as are needed, with room to cut a sleeve between them. */
    static byte[] transfers(Prints.Printed order, Cookie cookie, int cookies, ShopSettings shop) {
        Written w = new Written(shop);
        String name = cookie.design().name();
        List<Integer> onFilm = cookie.small().entrySet().stream()
                .filter(one -> one.getValue().onFilm())
                .map(java.util.Map.Entry::getKey)
                .toList();
        if (onFilm.isEmpty()) {
            throw new Refused("design", "This design has no pieces that are made on film.");
        }
        try (Paper paper = new Paper("Transfers: " + name, w.paper(), name + "  -  " + order.foot(w), LEFT)) {
            TemplateSheet sheet = new TemplateSheet(paper);
            sheet.head(name + ": to lie under the film");
            for (int move : onFilm) {
                Cookie piece = cookie.small().get(move);
                int each = Math.max(
                        1, cookie.standing().getOrDefault(move, List.of()).size());
                sheet.lay(
                        Math.min(400, each * cookies),
                        piece.baked().box(),
                        (x, y) -> sheet.cookie(piece, null, x, y, false),
                        name);
            }
            return paper.bytes();
        }
    }

    /** Lines every 5 mm, stronger every 10, to lie under a cookie that is iced by the straight edge. */
    static byte[] grid(ShopSettings shop) {
        Written w = new Written(shop);
        try (Paper paper = new Paper("Grid", w.paper(), "5 mm", LEFT)) {
            TemplateSheet sheet = new TemplateSheet(paper);
            sheet.head("To lie under a cookie: 5 mm");
            for (int i = 0; LEFT + 5 * i <= sheet.right; i++) {
                sheet.straight(LEFT + 5 * i, TOP + 4, LEFT + 5 * i, sheet.bottom, i % 2 == 0 ? EDGE : FINE / 2);
            }
            for (int i = 0; TOP + 4 + 5 * i <= sheet.bottom; i++) {
                sheet.straight(LEFT, TOP + 4 + 5 * i, sheet.right, TOP + 4 + 5 * i, i % 2 == 0 ? EDGE : FINE / 2);
            }
            return paper.bytes();
        }
    }

    private static Box box(Region baked, Region cut) {
        Box a = baked.box();
        Box b = cut.box();
        double x = Math.min(a.x(), b.x());
        double y = Math.min(a.y(), b.y());
        return new Box(
                x,
                y,
                Math.max(a.x() + a.widthMm(), b.x() + b.widthMm()) - x,
                Math.max(a.y() + a.heightMm(), b.y() + b.heightMm()) - y);
    }

    private double y = TOP;

    private void head(String title) {
        paper.writeWithin(LEFT, TOP - 4, 13, true, title, right - LEFT);
        double at = paper.heightMm() - 15;
        straight(LEFT, at, LEFT + BAR_MM, at, 0.6);
        straight(LEFT, at - 2, LEFT, at + 2, 0.6);
        straight(LEFT + BAR_MM, at - 2, LEFT + BAR_MM, at + 2, 0.6);
        paper.write(
                LEFT + BAR_MM + 3,
                at + 1,
                9,
                false,
                "This bar is 50 mm long: print at 100 %, without fitting to the page.");
        y = TOP;
    }

    private void straight(double x1, double y1, double x2, double y2, double mm) {
        paper.draw("M" + x1 + " " + y1 + "L" + x2 + " " + y2, 0, 0, 1, false, null, Paper.Drawn.line(mm));
    }

    private interface Laid {
        /** Draws with the 0 0 of what is drawn at a place. */
        void at(double x, double y);
    }

    private void lay(int copies, Box box, Laid laid, String name) {
        if (box.widthMm() > right - LEFT || box.heightMm() > bottom - TOP) {
            throw new Refused(
                    "design", "This is larger than the paper. Print it on larger paper, or make the cutter smaller.");
        }
        double x = LEFT;
        for (int i = 0; i < copies; i++) {
            if (x + box.widthMm() > right) {
                x = LEFT;
                y += box.heightMm() + GAP;
            }
            if (y + box.heightMm() > bottom) {
                paper.stage();
                head(name);
                x = LEFT;
            }
            laid.at(x - box.x(), y - box.y());
            x += box.widthMm() + GAP;
        }
        y += box.heightMm() + GAP;
    }

    private void cookie(Cookie cookie, Region cut, double x, double y, boolean mirrored) {
        // Mirrored, what lay left of the middle lies right of it.
        Box box = cookie.baked().box();
        double atX = mirrored ? x + 2 * (box.x() + box.widthMm() / 2) : x;
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
                    || layer.role() == Layer.Role.DRESSING;
            if (isMark && layer.move() >= 0) {
                paper.draw(layer.path(), atX, y, 1, mirrored, layer.at(), Paper.Drawn.line(FINE));
            }
        }
        cookie.sections().stream().filter(section -> section.pass() > 0).forEach(section -> {
            Spot spot = section.at();
            paper.write(
                    atX + (mirrored ? -spot.x() : spot.x()) - 1,
                    y + spot.y() + 1,
                    7,
                    false,
                    Integer.toString(section.pass()));
        });
    }
}
