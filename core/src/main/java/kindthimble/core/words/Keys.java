package kindthimble.core.words;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Set;

/** Keys by which things are named for good, made from what they are called at first. */
public final class Keys {
    private Keys() {}

    /**
     * A new key.
     *
     * @param name what it is called
     * @param stem for names without a plain letter
     * @param taken keys that there are; the new one is added
     * @return lower-case letters, digits and hyphens
     */
    public static String of(String name, String stem, Set<String> taken) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String first = plain.isEmpty() ? stem : plain;
        String key = first;
        for (int i = 2; !taken.add(key); i++) {
            key = first + "-" + i;
        }
        return key;
    }
}
