package kindthimble.devices;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;

/**
 * Stands in for the application while it is waited for: answers every address with a sentence that says so, and with the status for <i>not just now</i>
 * (503 of RFC 9110). A page that is open hears it and keeps what is typed; one that is opened anew looks again by itself.
 */
public final class AwayPage {
    private static final int NOT_NOW = 503;
    private static final int LOOK_AGAIN_SECONDS = 3;

    private static final String SENTENCE =
            "Kind Thimble has ended by itself and is being started again. What you type is kept on this device, and sent as soon as it answers.";

    private final HttpServer server;

    /**
     * @param port on loopback; 0 for any that is free
     */
    AwayPage(int port) throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.createContext("/", AwayPage::answer);
        server.start();
    }

    int port() {
        return server.getAddress().getPort();
    }

    void end() {
        server.stop(0);
    }

    private static void answer(HttpExchange asked) throws IOException {
        boolean isCall = asked.getRequestURI().getPath().startsWith("/api/");
        String text = isCall
                ? "{\"status\":%d,\"title\":\"Service Unavailable\",\"detail\":\"%s\",\"field\":\"\"}"
                        .formatted(NOT_NOW, SENTENCE)
                : """
                <!doctype html><html lang="en"><meta charset="utf-8"><meta http-equiv="refresh" content="%d">
                <title>Kind Thimble is coming back</title>
                <body style="font: 18px sans-serif; max-width: 32em; margin: 4em auto; padding: 0 1em"><p>%s</p>""".formatted(LOOK_AGAIN_SECONDS, SENTENCE);
        byte[] body = text.getBytes(StandardCharsets.UTF_8);
        asked.getResponseHeaders()
                .set("Content-Type", isCall ? "application/problem+json" : "text/html; charset=utf-8");
        asked.getResponseHeaders().set("Retry-After", Integer.toString(LOOK_AGAIN_SECONDS));
        asked.getResponseHeaders().set("Cache-Control", "no-store");
        asked.sendResponseHeaders(NOT_NOW, asked.getRequestMethod().equals("HEAD") ? -1 : body.length);
        if (!asked.getRequestMethod().equals("HEAD")) {
            asked.getResponseBody().write(body);
        }
        asked.close();
    }

    /** {@code AwayPage --port 8040}: until it is ended. */
    public static void main(String[] arguments) throws IOException {
        int port = 0;
        for (int i = 0; i + 1 < arguments.length; i++) {
            if (arguments[i].equals("--port")) {
                port = Integer.parseInt(arguments[i + 1]);
            }
        }
        new AwayPage(port);
    }
}
