package kindthimble.app.print;

import java.util.function.Consumer;
import kindthimble.app.drawing.LiesOn;
import kindthimble.core.kitchen.ShopSettings;

/** Sheets to lie under a cookie, or to draw on. */
final class LyingSheet {
    private static final double STEP_MM = 5;
    private static final double FINE = 0.1;
    private static final double STRONG = 0.35;
    private static final int WAYS = 12;
    private static final double CLEAR_MM = 8;

    private LyingSheet() {}

    private static byte[] sheet(String title, String head, ShopSettings shop, Consumer<Laid> drawn) {
        Written w = new Written(shop);
        try (Paper paper = new Paper(title, w.paper(), title, TrueSize.LEFT)) {
            TrueSize page = new TrueSize(paper);
            page.head(head);
            drawn.accept(new Laid(paper, page));
            return paper.bytes();
        }
    }

    private record Laid(Paper paper, TrueSize page) {}

    /** Lines every 5 mm, stronger every 10. */
    static byte[] grid(ShopSettings shop) {
        return sheet("Grid", "To lie under a cookie: 5 mm", shop, laid -> {
            TrueSize page = laid.page;
            double top = TrueSize.TOP + 4;
            for (int i = 0; TrueSize.LEFT + STEP_MM * i <= page.right; i++) {
                double x = TrueSize.LEFT + STEP_MM * i;
                page.straight(x, top, x, page.bottom, i % 2 == 0 ? STRONG : FINE);
            }
            for (int i = 0; top + STEP_MM * i <= page.bottom; i++) {
                double y = top + STEP_MM * i;
                page.straight(TrueSize.LEFT, y, page.right, y, i % 2 == 0 ? STRONG : FINE);
            }
        });
    }

    /** Straight lines through one middle every 15 degrees, and rings every 10 mm: for what is iced by the straight edge, or all round. */
    static byte[] straightEdges(ShopSettings shop) {
        return sheet("Straight edges", "To lie under a cookie: straight edges every 15 degrees", shop, laid -> {
            TrueSize page = laid.page;
            double x = (TrueSize.LEFT + page.right) / 2;
            double y = (TrueSize.TOP + 4 + page.bottom) / 2;
            double reach = Math.min(page.right - x, page.bottom - y);
            for (int way = 0; way < WAYS; way++) {
                double turn = Math.PI * way / WAYS;
                double dx = Math.cos(turn);
                double dy = Math.sin(turn);
                double mm = way % 3 == 0 ? STRONG : FINE;
                page.straight(x + CLEAR_MM * dx, y + CLEAR_MM * dy, x + reach * dx, y + reach * dy, mm);
                page.straight(x - CLEAR_MM * dx, y - CLEAR_MM * dy, x - reach * dx, y - reach * dy, mm);
            }
            for (double r = 10; r <= reach; r += 10) {
                laid.paper.draw(circle(r), x, y, 1, false, null, Paper.Drawn.line(FINE));
            }
            page.straight(x - 2, y, x + 2, y, FINE);
            page.straight(x, y - 2, x, y + 2, FINE);
        });
    }

    private static String circle(double r) {
        StringBuilder path = new StringBuilder();
        int sides = 180;
        for (int i = 0; i < sides; i++) {
            double turn = 2 * Math.PI * i / sides;
            path.append(i == 0 ? 'M' : 'L')
                    .append(r * Math.cos(turn))
                    .append(' ')
                    .append(r * Math.sin(turn));
        }
        return path.append('Z').toString();
    }

    /** A frame to draw in: a photo of it is straightened by its corners, and measured by its sides. */
    static byte[] frame(ShopSettings shop) {
        return sheet("Frame", "Draw inside the frame, and photograph all of it", shop, laid -> {
            double mm = LiesOn.FRAME_LINE_MM;
            double w = LiesOn.FRAME_WIDTH_MM - mm;
            double h = LiesOn.FRAME_HEIGHT_MM - mm;
            double x = (laid.paper.widthMm() - w) / 2;
            laid.paper.draw(
                    "M0 0H%1$sV%2$sH0Z".formatted(w, h),
                    x,
                    TrueSize.TOP + 4,
                    1,
                    false,
                    null,
                    Paper.Drawn.line(mm).mitred());
        });
    }
}
