package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Region;
import kindthimble.core.words.Refused;

/**
 * The sections of a cookie by name. An undivided cookie is one section, {@value #WHOLE}. Words that name sections: {@code a2} is one
 * section, {@code a} all of division a, {@code a-odd} and {@code a-even} every other one; several stand with blanks between.
 */
public final class Sections {
    public static final String WHOLE = "all";
    private static final int MOST = 300;

    private final Region whole;
    private final Box baked;
    private final Map<String, Region> leaves = new LinkedHashMap<>();
    private final Map<String, List<String>> children = new LinkedHashMap<>();

    /** What has been worked out of them and serves again, as long as they live. */
    private final Map<Object, Object> known = new HashMap<>();

    /** An undivided cookie, all of it iced. */
    public Sections(Region whole) {
        this(whole, whole.box());
    }

    /**
     * An undivided cookie.
     *
     * @param whole what of it is iced
     * @param baked how large it is with its edge
     */
    public Sections(Region whole, Box baked) {
        this.whole = whole;
        this.baked = baked;
        leaves.put(WHOLE, whole);
    }

    /**
     * Divides some of them: their parts are numbered through.
     *
     * @throws Refused when its key is taken, or what it divides is not one section
     */
    public void divide(Division division) {
        String key = division.key();
        if (!key.matches("[a-z]")) {
            throw new Refused("key", "Call the sections by one small letter, such as a.");
        }
        if (children.containsKey(key)) {
            throw new Refused("key", "Another division is called " + key + " already: take the next letter.");
        }
        Set<String> of = divided(division.of());
        Map<String, Region> before = new LinkedHashMap<>(leaves);
        List<String> all = new ArrayList<>();
        Map<String, List<String>> named = new LinkedHashMap<>();
        Map<String, Region> after = new LinkedHashMap<>();
        before.forEach((name, leaf) -> {
            if (!of.contains(name)) {
                after.put(name, leaf);
                return;
            }
            List<String> own = new ArrayList<>();
            for (Region part : division.sections(leaf, baked)) {
                String called = key + (all.size() + 1);
                all.add(called);
                own.add(called);
                if (!part.isEmpty()) {
                    after.put(called, part);
                }
            }
            named.put(name, own);
        });
        if (after.size() > MOST) {
            throw new Refused("pieces", "That makes more than " + MOST + " sections. Take fewer.");
        }
        known.clear();
        leaves.clear();
        leaves.putAll(after);
        children.put(key, all);
        children.putAll(named);
    }

    /** The undivided sections that a division divides. */
    private Set<String> divided(String words) {
        if (words == null || words.isBlank()) {
            if (!leaves.containsKey(WHOLE)) {
                throw new Refused(
                        "of", "The cookie is divided already: say which sections. There are " + names() + ".");
            }
            return Set.of(WHOLE);
        }
        try {
            return named(words);
        } catch (Refused refused) {
            throw new Refused("of", "There is no undivided section " + words.strip() + ". There are " + names() + ".");
        }
    }

    /** The cookie, undivided. */
    public Region whole() {
        return whole;
    }

    public boolean isDivided() {
        return leaves.size() > 1;
    }

    /** The undivided sections, in order. */
    public Map<String, Region> leaves() {
        return leaves;
    }

    public Region region(String leaf) {
        return leaves.get(leaf);
    }

    /** The region of several sections, or the whole cookie. */
    public Region region(Collection<String> names) {
        return once(
                new Joined(Set.copyOf(names)),
                () -> together(names.stream().map(leaves::get).toList()));
    }

    private record Joined(Set<String> names) {}

    /**
     * Works something out of these sections, once: asked again with the same question, the answer is there already.
     *
     * @param question a record that names all that the answer follows from, beside the sections
     */
    @SuppressWarnings("unchecked") // a question is asked for one type of answer only
    <T> T once(Record question, Supplier<T> answer) {
        Object there = known.get(question);
        if (there == null) {
            there = answer.get();
            known.put(question, there);
        }
        return (T) there;
    }

    /** Several undivided sections as one region. */
    Region together(List<Region> several) {
        if (several.size() == 1) {
            return several.get(0);
        }
        return several.size() == leaves.size() ? whole : Region.union(several);
    }

    /**
     * The undivided sections that words name.
     *
     * @param words as above; null or blank for all
     * @throws Refused when there is none of that name
     */
    public Set<String> named(String words) {
        if (words == null || words.isBlank()) {
            return new LinkedHashSet<>(leaves.keySet());
        }
        return new LinkedHashSet<>(once(new Words(words), () -> read(words)));
    }

    private record Words(String words) {}

    private Set<String> read(String words) {
        Set<String> named = new LinkedHashSet<>();
        for (String word : words.strip().split("[\\s,]+")) {
            Set<String> found = new LinkedHashSet<>();
            collect(word, found);
            if (found.isEmpty()) {
                throw new Refused("on", "There is no section " + word + ". There are " + names() + ".");
            }
            named.addAll(found);
        }
        return named;
    }

    private void collect(String word, Set<String> found) {
        int dash = word.indexOf('-');
        if (dash > 0) {
            List<String> all = children.getOrDefault(word.substring(0, dash), List.of());
            int from = word.endsWith("-odd") ? 0 : word.endsWith("-even") ? 1 : all.size();
            for (int i = from; i < all.size(); i += 2) {
                collect(all.get(i), found);
            }
        } else if (leaves.containsKey(word)) {
            found.add(word);
        } else {
            children.getOrDefault(word, List.of()).forEach(child -> collect(child, found));
        }
    }

    private String names() {
        return String.join(", ", leaves.keySet());
    }

    /** What lies on a section, and does not only reach its edge. */
    public Extent inner(String leaf) {
        return once(new Inner(leaf), () -> {
            Region inside = leaves.get(leaf).inset(HAIR_MM);
            return Extent.of(inside.isEmpty() ? leaves.get(leaf) : inside);
        });
    }

    private record Inner(String leaf) {}

    private static final double HAIR_MM = 0.3;
}
