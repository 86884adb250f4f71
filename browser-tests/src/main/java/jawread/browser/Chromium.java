package jawread.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;

/** Debian's Chromium, headless, with nothing going out in the background. What it complains of on the console is kept. */
public final class Chromium implements AutoCloseable {
    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final Browser browser = playwright
            .chromium()
            .launch(new LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
    private final List<String> complaints = new CopyOnWriteArrayList<>();

    /** A workshop PC's screen, an arm's length away. */
    public static NewContextOptions desk() {
        return new NewContextOptions().setViewportSize(1280, 800).setColorScheme(ColorScheme.LIGHT);
    }

    /** A phone held upright, worked by fingers. */
    public static NewContextOptions phone() {
        return new NewContextOptions()
                .setViewportSize(390, 844)
                .setHasTouch(true)
                .setIsMobile(true)
                .setColorScheme(ColorScheme.LIGHT);
    }

    /** A screen of its own: its own cookie, its own store. */
    public Page screen(NewContextOptions options) {
        return tab(browser.newContext(options));
    }

    public Page tab(BrowserContext context) {
        Page page = context.newPage();
        page.setDefaultTimeout(30_000);
        page.onConsoleMessage(message -> {
            if (List.of("error", "warning").contains(message.type())) {
                complaints.add(message.text());
            }
        });
        page.onPageError(complaints::add);
        return page;
    }

    /** Errors and warnings of all pages so far. */
    public List<String> complaints() {
        return List.copyOf(complaints);
    }

    /** Closes all screens, and forgets what they complained of. */
    public void closeScreens() {
        browser.contexts().forEach(BrowserContext::close);
        complaints.clear();
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
