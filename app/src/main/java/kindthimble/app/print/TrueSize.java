package kindthimble.app.print;

/** Pages at true size, each with a bar of 50 mm to check the printer by. */
final class TrueSize {
    static final double LEFT = 12;
    static final double TOP = 16;
    private static final double FOOT = 24;
    private static final double BAR_MM = 50;

    final double right;
    final double bottom;
    private final Paper paper;

    TrueSize(Paper paper) {
        this.paper = paper;
        right = paper.widthMm() - LEFT;
        bottom = paper.heightMm() - FOOT;
    }

    void head(String title) {
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
    }

    void straight(double x1, double y1, double x2, double y2, double mm) {
        paper.draw("M" + x1 + " " + y1 + "L" + x2 + " " + y2, 0, 0, 1, false, null, Paper.Drawn.line(mm));
    }
}
