package kindthimble.app.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.order.PaletteColour;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.design.Cookie;
import kindthimble.core.geometry.Box;
import kindthimble.core.mark.Layer;

/** A design as a clean SVG drawing at true size: a group for each pass and in it one for each move, named; colours by the order's names. */
final class DesignFiles {
    private DesignFiles() {}

    static String svg(Cookie cookie, List<PaletteColour> palette) {
        Map<String, PaletteColour> colours = new HashMap<>();
        palette.forEach(colour -> colours.put(colour.key(), colour));
        Box box = cookie.baked().box();
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fmm\" height=\"%.2fmm\" viewBox=\"%.2f %.2f %.2f %.2f\">%n",
                box.widthMm(),
                box.heightMm(),
                box.x(),
                box.y(),
                box.widthMm(),
                box.heightMm()));
        svg.append("<title>").append(escaped(cookie.design().name())).append("</title>\n");
        Map<Integer, List<Layer>> passes = new TreeMap<>();
        for (Layer layer : cookie.layers()) {
            if (layer.role() == Layer.Role.DOUGH) {
                svg.append("<path id=\"cookie\" fill=\"#DDB98A\" fill-rule=\"evenodd\" d=\"")
                        .append(layer.path())
                        .append("\"><title>cookie</title></path>\n");
            } else {
                passes.computeIfAbsent(layer.pass(), pass -> new ArrayList<>()).add(layer);
            }
        }
        passes.forEach((pass, layers) -> {
            svg.append("<g id=\"pass-")
                    .append(pass)
                    .append("\"><title>pass ")
                    .append(pass)
                    .append("</title>\n");
            layers.forEach(layer -> svg.append(layer(layer, cookie, colours.get(layer.colour()))));
            svg.append("</g>\n");
        });
        return svg.append("</svg>\n").toString();
    }

    private static String layer(Layer layer, Cookie cookie, PaletteColour colour) {
        String move = layer.move() < 0
                ? ""
                : Catalogue.word(cookie.design().moves().get(layer.move()).getClass());
        String hex = layer.shown(colour == null ? "#8A8A8A" : colour.hex());
        String paint = layer.strokeMm() == null
                ? "fill=\"" + hex + "\" fill-rule=\"evenodd\""
                : String.format(
                        Locale.ROOT,
                        "fill=\"none\" stroke=\"%s\" stroke-width=\"%.2f\" stroke-linecap=\"round\" stroke-linejoin=\"round\"",
                        hex,
                        layer.strokeMm());
        String at = layer.at() == null
                ? ""
                : String.format(
                        Locale.ROOT,
                        " transform=\"translate(%.2f %.2f) rotate(%.2f)%s\"",
                        layer.at().x(),
                        layer.at().y(),
                        layer.at().turnDegrees(),
                        layer.at().flipped() ? " scale(-1 1)" : "");
        String name = (colour == null ? "" : colour.name() + ", ") + move;
        return "<path " + paint + at + " d=\"" + layer.path() + "\"><title>" + escaped(name) + "</title></path>\n";
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
