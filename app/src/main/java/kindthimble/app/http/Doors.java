package kindthimble.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who may come in. A page from elsewhere, opened in the decorator's browser, can send requests here too: so only the names that this
 * application is meant to answer to get an answer, and a change that a browser sends has to come from one of its own pages, as JSON. A program on
 * this computer that is no browser is answered as any.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Doors extends OncePerRequestFilter {
    /** Larger than any order, design or palette file. */
    static final long LARGEST_BODY = 1_000_000;

    /** All that a shop has, of many years. */
    private static final long LARGEST_ARCHIVE = 60_000_000;

    /** A drawing of hers; larger ones are refused when they are read, with a sentence of their own. */
    private static final long LARGEST_DRAWING = 25_000_000;

    private static final Set<String> LOOKING = Set.of("GET", "HEAD", "OPTIONS");

    private final List<String> hosts;
    private final Set<String> sharedHosts;

    /**
     * @param sharedNames by which devices reach it over the home network, by TLS; none where it is not shared
     * @throws IllegalStateException when the open door would be reached from other machines
     */
    Doors(
            @Value("${server.address}") InetAddress listens,
            @Value("${server.address}") String address,
            @Value("${kind-thimble.share.names:}") Set<String> sharedNames) {
        if (!listens.isLoopbackAddress()) {
            throw new IllegalStateException(
                    address
                            + " can be reached from elsewhere, and whoever comes in by this door may change everything: it stays on 127.0.0.1. Share it with bin/start --share.");
        }
        hosts = List.of("127.0.0.1", "localhost", "[::1]", address.toLowerCase(Locale.ROOT));
        sharedHosts = sharedNames.stream()
                .map(name -> name.contains(":") ? "[" + name + "]" : name)
                .map(name -> name.toLowerCase(Locale.ROOT))
                .collect(Collectors.toUnmodifiableSet());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        if (host == null || !answersTo(request, withoutPort(host))) {
            PlainProblem.write(
                    response, HttpStatus.MISDIRECTED_REQUEST, "This application does not answer to that name.");
        } else if (!LOOKING.contains(request.getMethod()) && !isFromOwnPage(request, host)) {
            PlainProblem.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "Changes come from the application's own pages, or from a program that is no browser.");
        } else if (request.getContentLengthLong() > largest(request)) {
            PlainProblem.write(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    isFile(request)
                            ? "This file is larger than 25 MB. Save it smaller."
                            : "That is more than an order can hold: 1 MB.");
        } else if (request.getHeader("Transfer-Encoding") != null) {
            PlainProblem.write(
                    response, HttpStatus.LENGTH_REQUIRED, "Say how long the request is, and send it in one piece.");
        } else if (hasBody(request) && !isJson(request) && !isArchive(request) && !isFile(request)) {
            PlainProblem.write(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Send this as application/json.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** Over the home network by the names of its certificate, at the kitchen's computer by those of loopback. */
    private boolean answersTo(HttpServletRequest request, String name) {
        return request.isSecure() ? sharedHosts.contains(name) : hosts.contains(name);
    }

    /** A browser says where a change comes from, by one header or the other; what says neither is a program of her own. */
    private static boolean isFromOwnPage(HttpServletRequest request, String host) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader("Origin");
        return (site == null || site.equals("same-origin"))
                && (origin == null || origin.equals(request.getScheme() + "://" + host));
    }

    /** Only all that a shop has comes in as an archive. */
    private static boolean isArchive(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/api/everything/")
                && "application/zip".equals(request.getContentType());
    }

    private static long largest(HttpServletRequest request) {
        return isArchive(request)
                ? LARGEST_ARCHIVE
                : isFile(request) || isDrawn(request) ? LARGEST_DRAWING : LARGEST_BODY;
    }

    /** Drawings, pictures and tables of notes are taken as they are. */
    private static boolean isFile(HttpServletRequest request) {
        String type =
                request.getContentType() == null ? "" : request.getContentType().toLowerCase(Locale.ROOT);
        return request.getRequestURI().equals("/api/notebook/table") && type.startsWith("text/csv")
                || request.getRequestURI().startsWith("/api/cookies/svg-") && type.startsWith("image/svg+xml")
                || request.getRequestURI().startsWith("/api/pictures/") && type.startsWith("image/");
    }

    /** A design of a drawing is sent with that. */
    private static boolean isDrawn(HttpServletRequest request) {
        return request.getRequestURI().matches("/api/orders/\\d+/drawn-designs(/\\d+)?");
    }

    private static boolean hasBody(HttpServletRequest request) {
        return !LOOKING.contains(request.getMethod()) && request.getContentLengthLong() > 0;
    }

    private static boolean isJson(HttpServletRequest request) {
        try {
            return request.getContentType() != null
                    && MediaType.APPLICATION_JSON.isCompatibleWith(MediaType.parseMediaType(request.getContentType()));
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    private static String withoutPort(String host) {
        return host.replaceFirst(":\\d*$", "").toLowerCase(Locale.ROOT);
    }
}
