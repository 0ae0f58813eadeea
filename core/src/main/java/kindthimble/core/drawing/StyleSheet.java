package kindthimble.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kindthimble.core.geometry.Deadline;

/**
 * The style sheets of a drawing, as far as drawings use them: rules by name, class, id and attribute, inside each other; of rules that begin
 * with @ those for any screen, and none that depend on what a hand does. Of two rules the more specific one counts, and of equals the later one (CSS Cascade 4).
 */
final class StyleSheet {
    private static final int MOST_RULES = 5_000;
    private static final int MOST_INSIDE = 4;

    /** Rules for a screen, or for anything; what needs more than that (a print, a dark room) is passed over. */
    private static final Pattern SHOWN =
            Pattern.compile("@media\\s+(only\\s+)?(all|screen)|@supports\\b.*|@layer\\b.*", Pattern.DOTALL);

    private static final Pattern PART =
            Pattern.compile("([.#]?)([\\w-]+)|\\*|\\[\\s*([\\w:-]+)\\s*(?:=\\s*[\"']?([^\"'\\]]*)[\"']?\\s*)?]");

    private final List<Rule> rules = new ArrayList<>();

    private record Part(char kind, String name, String value) {
        boolean matches(SvgNode node) {
            return switch (kind) {
                case '.' -> hasClass(node.get("class"), name);
                case '#' -> name.equals(node.get("id"));
                case '[' -> node.get(name) != null && (value == null || value.equals(node.get(name)));
                case '*' -> true;
                default -> name.equals(node.name);
            };
        }

        private static boolean hasClass(String classes, String name) {
            return classes != null
                    && Arrays.asList(classes.strip().split("\\s+")).contains(name);
        }
    }

    /** All sheets of a drawing. */
    void addAll(SvgNode node) {
        if (node.name.equals("style")) {
            add(node.text.toString());
        }
        node.children.forEach(this::addAll);
    }

    /** What one element has to be, and how it lies to the one before: '>' right inside, ' ' somewhere inside. */
    private record Step(char combinator, List<Part> parts) {
        boolean matches(SvgNode node) {
            return parts.stream().allMatch(part -> part.matches(node));
        }
    }

    private record Rule(List<Step> steps, int weight, int order, Map<String, String> declared) {
        boolean matches(SvgNode node) {
            return matches(node, steps.size() - 1);
        }

        private boolean matches(SvgNode node, int last) {
            Deadline.check();
            if (!steps.get(last).matches(node)) {
                return false;
            }
            if (last == 0) {
                return true;
            }
            boolean direct = steps.get(last).combinator == '>';
            for (SvgNode outer = node.parent; outer != null; outer = outer.parent) {
                if (matches(outer, last - 1)) {
                    return true;
                }
                if (direct) {
                    return false;
                }
            }
            return false;
        }
    }

    void add(String text) {
        add(text, 0);
    }

    private void add(String text, int inside) {
        String css = withoutComments(text).replace("<!--", " ").replace("-->", " ");
        int at = 0;
        while (at < css.length()) {
            Deadline.check();
            int open = css.indexOf('{', at);
            if (open < 0) {
                return;
            }
            String selectors = css.substring(at, open).strip();
            int semicolon = selectors.startsWith("@") ? css.indexOf(';', at) : -1;
            if (semicolon >= 0 && semicolon < open) {
                at = semicolon + 1;
                continue;
            }
            int close = closing(css, open);
            if (inside < MOST_INSIDE && SHOWN.matcher(selectors).matches()) {
                add(css.substring(open + 1, close), inside + 1);
            } else if (!selectors.startsWith("@")) {
                Map<String, String> declared = declarations(css.substring(open + 1, close));
                for (String selector : selectors.split(",")) {
                    rule(selector.strip(), declared);
                }
            }
            at = close + 1;
        }
    }

    /** What follows a comment that is never closed belongs to it. */
    private static String withoutComments(String text) {
        StringBuilder rest = new StringBuilder();
        int at = 0;
        for (int open = text.indexOf("/*"); open >= 0; open = text.indexOf("/*", at)) {
            rest.append(text, at, open).append(' ');
            int close = text.indexOf("*/", open + 2);
            if (close < 0) {
                return rest.toString();
            }
            at = close + 2;
        }
        return rest.append(text, at, text.length()).toString();
    }

    private static int closing(String css, int open) {
        int depth = 0;
        for (int i = open; i < css.length(); i++) {
            if (css.charAt(i) == '{') {
                depth++;
            } else if (css.charAt(i) == '}' && --depth == 0) {
                return i;
            }
        }
        return css.length() - 1 < open + 1 ? open + 1 : css.length() - 1;
    }

    private void rule(String selector, Map<String, String> declared) {
        Deadline.check();
        if (selector.isEmpty() || selector.contains(":") || selector.contains("+") || selector.contains("~")) {
            return;
        }
        List<Step> steps = new ArrayList<>();
        int weight = 0;
        char combinator = ' ';
        for (String word : selector.replace(">", " > ").split("\\s+")) {
            if (word.equals(">")) {
                combinator = '>';
                continue;
            }
            List<Part> parts = new ArrayList<>();
            Matcher part = PART.matcher(word);
            int end = 0;
            while (part.find() && part.start() == end) {
                end = part.end();
                if (part.group(3) != null) {
                    parts.add(new Part('[', part.group(3), part.group(4)));
                    weight += 100;
                } else if (part.group(2) == null) {
                    parts.add(new Part('*', "", null));
                } else {
                    char kind = part.group(1).isEmpty() ? 'n' : part.group(1).charAt(0);
                    parts.add(new Part(kind, part.group(2), null));
                    weight += kind == '#' ? 10_000 : kind == '.' ? 100 : 1;
                }
            }
            if (end != word.length()) {
                return;
            }
            steps.add(new Step(combinator, parts));
            combinator = ' ';
        }
        if (!steps.isEmpty() && rules.size() < MOST_RULES) {
            rules.add(new Rule(steps, weight, rules.size(), declared));
        }
    }

    /** Declarations by property; those that are important are kept under their name with a mark before it. */
    static Map<String, String> declarations(String text) {
        Map<String, String> declared = new LinkedHashMap<>();
        for (String one : text.split(";")) {
            int colon = one.indexOf(':');
            if (colon > 0) {
                String property = one.substring(0, colon).strip().toLowerCase(Locale.ROOT);
                String value = one.substring(colon + 1).strip();
                int mark = value.toLowerCase(Locale.ROOT).lastIndexOf("!important");
                if (mark >= 0) {
                    declared.put("!" + property, value.substring(0, mark).strip());
                } else {
                    declared.put(property, value);
                }
            }
        }
        return declared;
    }

    /** All that is said of an element: by its attributes, by rules, by its own style. */
    Map<String, String> of(SvgNode node) {
        if (node.declared == null) {
            Deadline.check();
            Map<String, String> all = new HashMap<>(node.attributes);
            List<Map<String, String>> said = new ArrayList<>();
            rules.stream()
                    .filter(rule -> rule.matches(node))
                    .sorted(Comparator.comparingInt(Rule::weight).thenComparingInt(Rule::order))
                    .forEach(rule -> said.add(rule.declared));
            if (node.get("style") != null) {
                said.add(declarations(node.get("style")));
            }
            said.forEach(all::putAll);
            said.forEach(one -> one.forEach((property, value) -> {
                if (property.startsWith("!")) {
                    all.put(property.substring(1), value);
                }
            }));
            node.declared = all;
        }
        return node.declared;
    }
}
