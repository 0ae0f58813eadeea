package kindthimble.app.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import kindthimble.app.order.PaletteColour;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.design.Cookie;
import kindthimble.core.geometry.Box;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.passes.Passes;

/** What to do with one design, pass by pass: the cookie as it looks then, and what goes on, with what, and after how long. */
final class InstructionSheet {
    private static final double LEFT = 14;
    private static final double PICTURE = 46;
    private static final double LINE = 5.2;

    private final Paper paper;
    private final Cookie cookie;
    private final Map<String, PaletteColour> palette;
    private final Kitchen kitchen;
    private final Written w;
    private double y = 20;

    private InstructionSheet(
            Paper paper, Cookie cookie, Map<String, PaletteColour> palette, Kitchen kitchen, Written w) {
        this.paper = paper;
        this.cookie = cookie;
        this.palette = palette;
        this.kitchen = kitchen;
        this.w = w;
    }

    static byte[] of(
            Prints.Printed order, Cookie cookie, int count, Map<String, PaletteColour> palette, Kitchen kitchen) {
        Written w = new Written(kitchen.shop());
        String name = cookie.design().name();
        try (Paper paper = new Paper(name, w.paper(), name + "  -  " + order.foot(w), LEFT)) {
            InstructionSheet sheet = new InstructionSheet(paper, cookie, palette, kitchen, w);
            paper.writeWithin(LEFT, sheet.y, 20, true, name, paper.widthMm() - 2 * LEFT - 50);
            paper.writeTo(
                    paper.widthMm() - LEFT,
                    sheet.y,
                    11,
                    false,
                    count + " cookies, " + w.grams(cookie.grams(kitchen.recipe())) + " of icing each");
            sheet.y += 8;
            for (int pass :
                    new TreeSet<>(cookie.marks().stream().map(OnCookie::pass).toList())) {
                sheet.pass(pass);
            }
            return paper.bytes();
        }
    }

    private void pass(int pass) {
        List<OnCookie> own =
                cookie.marks().stream().filter(on -> on.pass() == pass).toList();
        double height = Math.max(PICTURE + 4, 14 + LINE * own.size());
        if (y + height > paper.heightMm() - 16) {
            paper.stage();
            y = 18;
        }
        paper.line(LEFT, y - 3, paper.widthMm() - LEFT, y - 3);
        picture(pass);
        double x = LEFT + PICTURE + 8;
        double at = y + 4;
        paper.write(x, at, 13, true, pass > 0 ? "Pass " + pass : "Ahead, on film");
        String wait = waits(pass);
        if (!wait.isEmpty()) {
            paper.writeWithin(x + 24, at, 10, false, wait, paper.widthMm() - LEFT - x - 24);
        }
        for (OnCookie on : own) {
            at += LINE;
            PaletteColour colour = palette.get(on.mark().colour());
            if (colour != null) {
                paper.swatch(x, at - 3.2, 3.6, 3.6, colour.hex());
            }
            paper.writeWithin(x + 6, at, 10.5, false, said(on, colour), paper.widthMm() - LEFT - x - 6);
        }
        y += height;
    }

    private String waits(int number) {
        for (Passes.Pass pass : cookie.passes()) {
            if (pass.number() == number && pass.gateMinutes() > 0) {
                String gate = pass.gate().name().toLowerCase(Locale.ROOT).replace('_', ' ');
                int minutes = pass.gateMinutes();
                String time =
                        minutes < 90 ? minutes + " min" : w.number(minutes / 60.0, minutes % 60 == 0 ? 0 : 1) + " h";
                return "when what is below is " + gate + ", about " + time;
            }
        }
        return "";
    }

    private String said(OnCookie on, PaletteColour colour) {
        List<String> parts = new ArrayList<>();
        String move = Catalogue.word(cookie.design().moves().get(on.move()).getClass());
        parts.add(colour == null ? move : colour.name() + " " + move);
        Icing icing = on.mark().icing();
        if (icing != null) {
            parts.add(w.number(icing.consistency().countSeconds(), 0) + " s");
            parts.add(
                    icing.tip() == null
                            ? "tipless"
                            : icing.tip().startsWith("cut") ? "bag " + icing.tip() : "tip " + icing.tip());
            parts.add(w.grams(on.mark().grams(kitchen.recipe())) + " each");
        }
        String sections = cookie.design().moves().get(on.move()).on();
        if (sections != null && !sections.isBlank()) {
            parts.add("on " + sections);
        }
        return String.join(", ", parts);
    }

    /** The cookie as it looks after a pass. */
    private void picture(int pass) {
        Box box = cookie.baked().box();
        double scale = Math.min(PICTURE / box.widthMm(), (PICTURE - 2) / box.heightMm());
        double x = LEFT + PICTURE / 2 - scale * (box.x() + box.widthMm() / 2);
        double top = y - scale * box.y();
        for (Layer layer : cookie.layers()) {
            if (layer.role() == Layer.Role.DOUGH) {
                paper.draw(
                        layer.path(),
                        x,
                        top,
                        scale,
                        false,
                        null,
                        new Paper.Drawn("#DDB98A", "#B98D56", 0.3, false, false));
            } else if (layer.pass() <= pass) {
                PaletteColour colour = palette.get(layer.colour());
                String hex = layer.shown(colour == null ? "#8A8A8A" : colour.hex());
                boolean isNew = layer.pass() == pass && layer.tone() == null;
                Paper.Drawn how = layer.strokeMm() == null
                        ? new Paper.Drawn(hex, isNew ? "#000000" : "#777777", isNew ? 0.3 : 0.12, false, false)
                        : new Paper.Drawn(null, hex, layer.strokeMm() * scale, false, false);
                paper.draw(layer.path(), x, top, scale, false, layer.at(), how);
            }
        }
    }
}
