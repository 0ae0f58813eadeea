package kindthimble.core.drawing;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import kindthimble.core.colour.Lab;

/** Words for colours of a drawing that an order does not have yet: of some thirty the one that looks most like it. */
public final class ColourWords {
    private static final Map<String, Lab> WORDS = new LinkedHashMap<>();

    static {
        String[] words = {
            "White", "#FFFFFF", "Cream", "#FFF3D6", "Butter", "#FBE48A", "Lemon", "#F6D732", "Marigold", "#F7A823",
            "Tangerine", "#F2762E", "Coral", "#F08070", "Poppy", "#D5473F", "Brick", "#9B3A2E", "Wine", "#6E1F35",
            "Blush", "#F8D3D0", "Rose", "#E58CA6", "Fuchsia", "#C9307C", "Lilac", "#C9B2DE", "Violet", "#8556A8",
            "Plum", "#54305F", "Navy", "#223B70", "Royal blue", "#2F5EC4", "Sky", "#8FC7EA", "Lagoon", "#1E93A6",
            "Mint", "#A9DCC3", "Leaf", "#4E9F4B", "Pine", "#1F5C43", "Moss", "#7C8A3B", "Lime", "#B9D24A",
            "Sand", "#E2CDA8", "Tan", "#C79A63", "Toffee", "#A2672F", "Cocoa", "#5C3A26", "Coal", "#26262B",
            "Slate", "#5B6470", "Mist", "#B9BFC6", "Skin", "#F1C6A6"
        };
        for (int i = 0; i < words.length; i += 2) {
            WORDS.put(words[i], Lab.ofHex(words[i + 1]));
        }
    }

    private ColourWords() {}

    /**
     * A word for a colour.
     *
     * @param taken words that others have
     */
    public static String of(String hex, Set<String> taken) {
        Lab lab = Lab.ofHex(hex);
        String nearest = WORDS.entrySet().stream()
                .min(Comparator.comparingDouble(one -> one.getValue().differenceTo(lab)))
                .orElseThrow()
                .getKey();
        String word = nearest;
        for (int i = 2; taken.contains(word); i++) {
            word = nearest + " " + i;
        }
        return word;
    }
}
