package kindthimble.app.drawing;

import java.util.List;
import kindthimble.app.order.PaletteColour;
import kindthimble.core.design.Design;
import kindthimble.core.words.Refused;

/**
 * A design as a file of its own, to be kept or given away (docs/design-format.md).
 *
 * @param kind {@value #KIND}
 * @param design the design document
 * @param palette the colours that its keys stand for
 */
record DesignFile(String kind, Design design, List<PaletteColour> palette) {
    static final String KIND = "kind-thimble-design";

    DesignFile {
        palette = palette == null ? List.of() : List.copyOf(palette);
    }

    /** The colour that a key stands for. */
    PaletteColour colour(String key) {
        return palette.stream()
                .filter(colour -> key.equals(colour.key()))
                .findFirst()
                .orElseThrow(() ->
                        new Refused("palette", "This file does not say what colour \"" + key + "\" is. Save it anew."));
    }
}
