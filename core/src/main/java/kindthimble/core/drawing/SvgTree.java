package kindthimble.core.drawing;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import kindthimble.core.words.Refused;

/**
 * The elements of an SVG file, read by the JDK's StAX. Nothing outside the file is looked at: a document type is cut off beforehand, and of
 * its entities only plain texts are kept, as drawing programs write them for their name spaces.
 */
final class SvgTree {
    /** Larger than any drawing of a cookie, in letters. */
    static final int LARGEST = 12_000_000;

    private static final int MOST_NODES = 60_000;
    private static final int MOST_DEPTH = 120;
    private static final int MOST_ENTITIES = 40;

    private static final Pattern ENCODING =
            Pattern.compile("^<\\?xml[^>]{0,200}encoding\\s*=\\s*[\"']([A-Za-z0-9._-]+)");
    private static final Pattern ENTITY =
            Pattern.compile("<!ENTITY\\s+([A-Za-z_][\\w.-]*)\\s+(?:\"([^\"&<%]{0,300})\"|'([^'&<%]{0,300})')\\s*>");

    private static final XMLInputFactory FACTORY = factory();

    final SvgNode root;
    final Map<String, SvgNode> byId = new HashMap<>();
    private int nodes;

    private SvgTree(String text) {
        root = read(text);
    }

    /**
     * @param file an SVG file, plain or compressed with gzip
     * @throws Refused saying why it can't be read
     */
    static SvgTree of(byte[] file) {
        if (file.length > LARGEST) {
            throw tooLarge();
        }
        byte[] plain = isCompressed(file) ? inflated(file) : file;
        return new SvgTree(withoutDocumentType(decoded(plain)));
    }

    private static Refused tooLarge() {
        return new Refused(
                "",
                "This drawing is larger than %d MB. Save it with fewer points, and without pictures in it."
                        .formatted(LARGEST / 1_000_000));
    }

    private static boolean isCompressed(byte[] file) {
        return file.length > 2 && (file[0] & 0xff) == 0x1f && (file[1] & 0xff) == 0x8b;
    }

    private static byte[] inflated(byte[] file) {
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(file))) {
            byte[] plain = in.readNBytes(LARGEST + 1);
            if (plain.length > LARGEST) {
                throw tooLarge();
            }
            return plain;
        } catch (IOException e) {
            throw unreadable();
        }
    }

    private static String decoded(byte[] file) {
        if (file.length > 1 && (file[0] & 0xff) == 0xfe && (file[1] & 0xff) == 0xff
                || file.length > 1 && (file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xfe) {
            return new String(file, StandardCharsets.UTF_16);
        }
        Matcher named = ENCODING.matcher(new String(file, 0, Math.min(file.length, 300), StandardCharsets.ISO_8859_1)
                .replace("\u00ef\u00bb\u00bf", ""));
        Charset charset = StandardCharsets.UTF_8;
        if (named.find()) {
            try {
                charset = Charset.forName(named.group(1));
            } catch (IllegalArgumentException e) {
                throw unreadable();
            }
        }
        String text = new String(file, charset);
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    /** The document without its type, and with the plain texts that it gave names to in their places. */
    private static String withoutDocumentType(String text) {
        int start = text.indexOf("<!DOCTYPE");
        int rootAt = firstElement(text);
        if (start < 0 || rootAt >= 0 && rootAt < start) {
            return text;
        }
        int end = endOfDocumentType(text, start);
        String type = text.substring(start, end);
        StringBuilder rest =
                new StringBuilder(text.length()).append(text, 0, start).append(text, end, text.length());
        Map<String, String> named = new HashMap<>();
        Matcher entity = ENTITY.matcher(type);
        while (entity.find() && named.size() < MOST_ENTITIES) {
            named.putIfAbsent(entity.group(1), entity.group(2) == null ? entity.group(3) : entity.group(2));
        }
        String plain = rest.toString();
        for (Map.Entry<String, String> one : named.entrySet()) {
            plain = plain.replace("&" + one.getKey() + ";", one.getValue());
            if (plain.length() > LARGEST) {
                throw tooLarge();
            }
        }
        return plain;
    }

    private static int firstElement(String text) {
        for (int i = text.indexOf('<'); i >= 0 && i + 1 < text.length(); i = text.indexOf('<', i + 1)) {
            if (Character.isLetter(text.charAt(i + 1))) {
                return i;
            }
            if (text.startsWith("<!--", i)) {
                int end = text.indexOf("-->", i);
                if (end < 0) {
                    return -1;
                }
                i = end;
            }
        }
        return -1;
    }

    private static int endOfDocumentType(String text, int start) {
        int brackets = 0;
        char quote = 0;
        for (int i = start; i < text.length(); i++) {
            char c = text.charAt(i);
            if (quote != 0) {
                quote = c == quote ? 0 : quote;
            } else if (c == '"' || c == '\'') {
                quote = c;
            } else if (c == '[') {
                brackets++;
            } else if (c == ']') {
                brackets--;
            } else if (c == '>' && brackets == 0) {
                return i + 1;
            }
        }
        throw unreadable();
    }

    private static XMLInputFactory factory() {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, false);
        factory.setXMLResolver((publicId, systemId, base, space) -> {
            throw new XMLStreamException("nothing outside the file is read");
        });
        return factory;
    }

    private static Refused unreadable() {
        return new Refused(
                "", "This file is no SVG drawing that can be read. Save it from your drawing program as plain SVG.");
    }

    private SvgNode read(String text) {
        SvgNode first = null;
        SvgNode at = null;
        int depth = 0;
        try {
            XMLStreamReader xml;
            synchronized (FACTORY) {
                xml = FACTORY.createXMLStreamReader(new StringReader(text));
            }
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    if (++nodes > MOST_NODES) {
                        throw new Refused(
                                "",
                                "This drawing has more than %,d parts. Join or leave out some of them in your drawing program."
                                        .formatted(MOST_NODES));
                    }
                    if (++depth > MOST_DEPTH) {
                        throw new Refused(
                                "",
                                "The groups of this drawing lie in each other more than %d deep. Ungroup them in your drawing program."
                                        .formatted(MOST_DEPTH));
                    }
                    at = node(xml, at);
                    first = first == null ? at : first;
                } else if (event == XMLStreamConstants.END_ELEMENT) {
                    depth--;
                    at = at == null ? null : at.parent;
                } else if (at != null
                        && "style".equals(at.name)
                        && (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA)) {
                    at.text.append(xml.getText());
                }
            }
        } catch (XMLStreamException e) {
            throw unreadable();
        }
        if (first == null || !first.name.equals("svg")) {
            throw unreadable();
        }
        return first;
    }

    private SvgNode node(XMLStreamReader xml, SvgNode parent) {
        SvgNode node = new SvgNode(xml.getLocalName(), parent);
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            String name = xml.getAttributeLocalName(i);
            String prefix = xml.getAttributePrefix(i);
            boolean isForeign = prefix != null
                    && !prefix.isEmpty()
                    && !prefix.toLowerCase(Locale.ROOT).equals("xlink");
            // A plain href wins over an old one with a prefix; other prefixes belong to drawing programs.
            if (!isForeign && (prefix == null || prefix.isEmpty() || !node.attributes.containsKey(name))) {
                node.attributes.put(name, xml.getAttributeValue(i));
            }
        }
        if (parent != null) {
            parent.children.add(node);
        }
        String id = node.get("id");
        if (id != null) {
            byId.putIfAbsent(id, node);
        }
        return node;
    }
}
