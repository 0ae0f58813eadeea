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
            "Kind Thimble has ended by itself and is being started again. What you type is kept on this device, and sent then. This page looks again by itself.";

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
                <meta name="viewport" content="width=device-width"><title>Kind Thimble is coming back</title>
                <style>body { font: 18px/1.5 sans-serif; margin: 0; padding: 4em 1em; background: #e3e6e4; color: #1b2440 }
                main { max-width: 30em; margin: auto; padding: 1em 1.5em; background: #fbfbf9; border: 2px solid #23407a; border-radius: 12px }</style>
                <main><h1>It is coming back</h1><p>%s</p></main>""".formatted(LOOK_AGAIN_SECONDS, SENTENCE);
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
