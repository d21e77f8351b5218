package app.zumbido.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInfo;
import org.junit.jupiter.api.io.TempDir;

/**
 * What every journey needs: a browser, a page at 1280 x 800, a server, and an eye on the console. Journeys share one
 * server and put brands of their own on its shelf; those tagged {@code alone} get one for themselves, those tagged
 * {@code demo} get one with the invented brands.
 */
abstract class Journey {
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** Milliseconds that something may take to show. */
    private static final double PATIENCE = 20_000;

    private static Playwright playwright;
    private static Browser browser;
    private static RunningServer shared;

    private final List<String> complaints = new ArrayList<>();

    @TempDir
    Path folder;

    Page page;
    RunningServer server;
    BrowserContext context;
    private boolean alone;

    @BeforeAll
    static void openBrowser() {
        // A journey is no timed test: a machine that is busy with something else may take its time.
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        playwright = Playwright.create();
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(ARGUMENTS));
    }

    @AfterAll
    static void closeBrowser() {
        browser.close();
        playwright.close();
    }

    @BeforeEach
    void open(TestInfo test) throws IOException {
        boolean demo = test.getTags().contains("demo");
        if (demo) {
            DemoFolder.copyTo(folder.resolve("data"));
        }
        alone = demo || test.getTags().contains("alone");
        server = alone ? RunningServer.start(folder.resolve("data"), 0) : shared();
        context = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800));
        context.grantPermissions(List.of("clipboard-read", "clipboard-write"));
        page = context.newPage();
        page.onConsoleMessage(message -> {
            // A refused request is logged by the browser itself; that it is refused is part of some journeys.
            boolean refused = message.text().startsWith("Failed to load resource");
            if (List.of("error", "warning").contains(message.type()) && !refused) {
                complaints.add(message.text());
            }
        });
        page.onPageError(complaints::add);
        page.navigate(server.address());
    }

    private static RunningServer shared() throws IOException {
        if (shared == null) {
            RunningServer started = RunningServer.start(Scratch.folder("zumbido-e2e"), 0);
            Scratch.atTheEnd(started::close);
            shared = started;
        }
        return shared;
    }

    @AfterEach
    void close() {
        context.close();
        if (alone) {
            server.close();
        }
        assertThat(complaints).as("what the browser complains about").isEmpty();
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator link(String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** As a person drags: what is let go has hung over its place until the page has drawn it there. */
    void drag(Locator ticket, Locator place) {
        ticket.hover();
        page.mouse().down();
        place.hover();
        page.evaluate("() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)))");
        place.hover();
        page.mouse().up();
    }

    void openStation(String name) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByText(name, new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(name).setLevel(1))
                .waitFor();
    }

    void putOnTheShelf(String brand) {
        field("New brand").fill(brand);
        button("Put it on the shelf").click();
        page.getByText("Drop a logo here").waitFor();
    }

    /** Says yes to everything that will follow; the focus waits on the button already. */
    void carryThrough() {
        PlaywrightAssertions.assertThat(button("Carry it through")).isFocused();
        page.keyboard().press("Enter");
        PlaywrightAssertions.assertThat(button("Carry it through")).hasCount(0);
    }

    /** @return what lies on the contact sheet */
    Locator sources() {
        return page.locator("[aria-label='Sources'] [aria-pressed]");
    }

    void choose(Path... files) {
        page.setInputFiles("input[type=file]", files);
    }

    Path file(String name, byte[] content) {
        try {
            return Files.write(folder.resolve(name), content);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return what axe finds wrong with the page as it stands; specimens are content and inert */
    List<String> accessibilityFaults() {
        page.evaluate(Axe.SCRIPT);
        Object result = page.evaluate(
                "() => axe.run(document, { resultTypes: ['violations'] })"
                        + ".then((r) => r.violations.map((v) => v.id + ': ' + v.nodes.map((n) => n.target.join(' ')).join(', ')))");
        return ((List<?>) result).stream().map(String::valueOf).toList();
    }

    /** @return the computed style of what a selector finds, as the browser paints it */
    String painted(String selector, String property) {
        return (String) page.locator(selector)
                .first()
                .evaluate("(e, property) => getComputedStyle(e).getPropertyValue(property)", property);
    }

    /** @return six digits as the browser writes a computed color */
    static String rgb(String digits) {
        int value = Integer.parseInt(digits, 16);
        return "rgb(" + (value >> 16) + ", " + (value >> 8 & 255) + ", " + (value & 255) + ")";
    }
}
