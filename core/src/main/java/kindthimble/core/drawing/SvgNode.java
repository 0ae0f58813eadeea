package kindthimble.core.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** An element of an SVG file: its local name, its attributes, what stands in it. */
final class SvgNode {
    final String name;
    final SvgNode parent;
    final Map<String, String> attributes = new HashMap<>();
    final List<SvgNode> children = new ArrayList<>();
    final StringBuilder text = new StringBuilder();

    /** What style sheets and its own style say of it; unknown while null. */
    Map<String, String> declared;

    SvgNode(String name, SvgNode parent) {
        this.name = name;
        this.parent = parent;
    }

    /** An attribute; null when there is none. */
    String get(String attribute) {
        return attributes.get(attribute);
    }

    /** What it refers to inside its own file; null when it refers to nothing, or elsewhere. */
    String reference() {
        String href = get("href");
        return href != null && href.strip().startsWith("#") ? href.strip().substring(1) : null;
    }

    /** Whether another one is this one, or lies inside it. */
    boolean holds(SvgNode other) {
        for (SvgNode at = other; at != null; at = at.parent) {
            if (at == this) {
                return true;
            }
        }
        return false;
    }
}
