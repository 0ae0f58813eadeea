package kindthimble.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Debian's Chromium, without a screen, on the running application. One serves all test classes; each has pages and sessions of its own. */
final class Browser implements BeforeAllCallback, AfterAllCallback {
    private static final double ASSERTED_MS = 12_000;

    private static com.microsoft.playwright.Browser chromium;

    private final RunningApp app;
    private final List<String> complaints = new ArrayList<>();
    private final List<BrowserContext> contexts = new ArrayList<>();

    Browser(RunningApp app) {
        this.app = app;
    }

    @Override
    public void beforeAll(ExtensionContext junit) {
        if (chromium == null) {
            // A machine that also builds may be slow; what never comes is no slower for that.
            PlaywrightAssertions.setDefaultAssertionTimeout(ASSERTED_MS);
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            chromium = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(executable())
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-dev-shm-usage",
                                    "--disable-quic",
                                    "--no-first-run",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync")));
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        }
    }

    /** The one that has nothing but a page takes half the time of the one that also has a whole browser around it. */
    private static Path executable() {
        Path shell = Path.of("/usr/bin/chromium-headless-shell");
        return Files.isExecutable(shell) ? shell : Path.of("/usr/bin/chromium");
    }

    /** Closes what the class has opened, as its pages would go on listening to an application that now serves another one. */
    @Override
    public void afterAll(ExtensionContext junit) {
        contexts.forEach(BrowserContext::close);
    }

    /** A page of its own (own session) at an address of the application. */
    Page open(String path, int width, int height) {
        return openAt(app.url() + path, width, height);
    }

    /** The same at a whole address, by TLS too: its certificate is one that nobody has signed. */
    Page openAt(String address, int width, int height) {
        BrowserContext context = chromium.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setIgnoreHTTPSErrors(true)
                .setLocale("en-GB")
                .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        contexts.add(context);
        context.setDefaultTimeout(15_000);
        Page page = context.newPage();
        page.onPageError(complaints::add);
        page.onConsoleMessage(message -> {
            // Refused input answers with a status that Chromium reports by itself.
            if (message.type().equals("error") && !message.text().contains("status of 4")) {
                complaints.add(message.text());
            }
        });
        page.navigate(address);
        return page;
    }

    Page open(String path) {
        return open(path, 1280, 800);
    }

    /** What pages complained of on their consoles, the content security policy with it. */
    List<String> complaints() {
        return complaints;
    }
}
